import * as say from './words.ts';
import { mixedHex } from '../../colour/colourSpaces.ts';
import type { MarkedView } from '../../markings/markedViews.ts';
import type { Plan } from '../../planTypes.ts';
import type { Relief } from '../../surface/relief.ts';
import { RELIEF_VIEWS, type ReliefView } from '../../surface/reliefViews.ts';
import { markedItems } from '../colour/markedItems.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import { enlarged, enlargement } from '../enlargedRelief.ts';
import { MARGIN_MM, reliefOf } from '../formItems.ts';
import { headTimes } from '../headDrawings.ts';
import { innermost } from './innermost.ts';

/** Areas are tinted with this share of their colour, so that numbers and lines are read. */
const TINT = 0.45;
const PAPER = '#fdfbf5';
const NUMBER_MM = 2.6;
/** A number stands where so much is free round it, mm; the first ones of an area only. */
const FREE_MM = 1.1;
const MOST_NUMBERS = 2;

/** The number of each zone of colour, as lists and areas have it: in the order of the plan, from 1. */
export const zoneNumbers = ({ colour }: Plan): ReadonlyMap<string, number> =>
  new Map((colour?.zones ?? []).map(({ zone }, i) => [zone.id, i + 1]));

/** The animal from a side with its zones and markings numbered; undefined while they are worked out. */
export function numberedAreas(plan: Plan, view: ReliefView): Drawing | undefined {
  const relief = reliefOf(plan, view);
  const marked = plan.marked?.views.find((of) => of.view === view);
  if (relief === undefined || plan.colour === null) return undefined;
  const items = numberedItems(plan, relief, marked, (p) => p);
  return fittedDrawing(`numbered-${view}`, say.numberedFrom[view], items, MARGIN_MM);
}

/** The same of the head by itself, as much larger as its other drawings. */
export function numberedHeads(plan: Plan): readonly Drawing[] {
  const times = headTimes(plan);
  return (plan.marked?.heads ?? []).flatMap((marked) => {
    const head = plan.surface?.heads.find(({ view }) => view === marked.view);
    if (head === undefined || plan.colour === null) return [];
    const items = numberedItems(plan, enlarged(head, times), marked, enlargement(head, times));
    const title = say.numberedHead(say.numberedFrom[marked.view], times);
    return [fittedDrawing(`numbered-head-${marked.view}`, title, items, MARGIN_MM)];
  });
}

/** Every sheet of numbered areas that is known. */
export const numberedSheets = (plan: Plan): readonly Drawing[] =>
  plan.markings.markings.length === 0
    ? []
    : [...RELIEF_VIEWS.flatMap((view) => numberedAreas(plan, view) ?? []), ...numberedHeads(plan)];

/** A view without what is mixed at soft edges: lines go round what is wholly of a colour. */
const withoutSoft = (view: MarkedView | undefined): MarkedView | undefined =>
  view && { ...view, regions: view.regions.filter(({ into }) => into === null) };

function numberedItems(
  plan: Plan,
  relief: Relief,
  marked: MarkedView | undefined,
  place: (p: PagePoint) => PagePoint,
): readonly DrawingItem[] {
  const numbers = zoneNumbers(plan);
  const tints = new Map(
    plan.colour!.zones.map(({ zone, hex }) => [zone.id, { mean: mixedHex(PAPER, hex, TINT) }]),
  );
  const { coat } = plan.measure.skeleton.animal;
  const fills = relief.zones.flatMap(
    ({ zone, loops }): Extract<DrawingItem, { kind: 'fill' }>[] => {
      const id = coat[zone]?.id;
      if (id === undefined || loops.length === 0) return [];
      return [
        {
          ...{ kind: 'fill', ink: 'skin', layer: 'zones', outlines: loops },
          ...{ hex: tints.get(id)?.mean ?? PAPER, target: { kind: 'zone', id } },
        },
      ];
    },
  );
  const marks = markedItems(plan, withoutSoft(marked), tints, place);
  const areas = [...fills, ...marks];
  const seen = new Map<string, number>();
  return [
    ...fills,
    ...markedItems(plan, marked, tints, place),
    ...areas.flatMap((area) =>
      area.kind === 'fill'
        ? area.outlines.map((points): DrawingItem => ({
            ...{ kind: 'line', ink: 'soft', layer: 'area edges', weight: WEIGHT.hair },
            ...{ points, closed: true },
          }))
        : [],
    ),
    ...[...relief.outline.map((loop) => [...loop, loop[0]!]), ...relief.inner].map(
      (points): DrawingItem => ({
        ...{ kind: 'line', ink: 'ink', layer: 'edges', weight: WEIGHT.thin, points },
      }),
    ),
    ...areas.toReversed().flatMap((area) => numbersOn(area, numbers, seen, marks)),
  ];
}

/** The number of an area in its widest places; not where a marking lies over a zone. */
function numbersOn(
  area: DrawingItem,
  numbers: ReadonlyMap<string, number>,
  seen: Map<string, number>,
  marks: readonly DrawingItem[],
): readonly DrawingItem[] {
  const { target } = area;
  if (area.kind !== 'fill' || target?.kind !== 'zone') return [];
  const number = numbers.get(target.id);
  if (number === undefined) return [];
  const over = marks.includes(area)
    ? []
    : marks.flatMap((mark) => (mark.kind === 'fill' ? [mark.outlines] : []));
  return area.outlines
    .map((loop) => innermost([loop], over))
    .filter((found) => found !== undefined && found.free >= FREE_MM)
    .toSorted((a, b) => b!.free - a!.free)
    .flatMap((found): DrawingItem[] => {
      const before = seen.get(target.id) ?? 0;
      if (before >= MOST_NUMBERS) return [];
      seen.set(target.id, before + 1);
      const [x, y] = found!.at;
      return [
        {
          ...{ kind: 'text', ink: 'ink', layer: 'numbers', text: `${number}`, sizeMm: NUMBER_MM },
          ...{ at: [x, y - NUMBER_MM / 3], anchor: 'middle', face: 'number', target },
        },
      ];
    });
}
