import * as say from './words.ts';
import { detailId } from '../../anatomy/detailIds.ts';
import type { ZoneColour } from '../../colour/planColour.ts';
import { LAYER_IDS, type LayerId } from '../../colour/schools.ts';
import type { Plan } from '../../planTypes.ts';
import type { Relief } from '../../surface/relief.ts';
import type { ReliefView } from '../../surface/reliefViews.ts';
import type { SeenCoat } from '../../lie/seenCoat.ts';
import { keptFor } from '../../lie/keptFor.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type FillItem,
} from '../drawing.ts';
import { loopArea } from '../../geometry/contours.ts';
import { faceItems, MARGIN_MM, reliefOf } from '../formItems.ts';
import { enlarged, enlargement } from '../enlargedRelief.ts';
import { headTimes } from '../headDrawings.ts';
import { coatOf } from '../skin/directionMap.ts';
import { coatStrokes } from '../skin/coatStrokes.ts';
import { markedIds, markedItems } from './markedItems.ts';
import { strokesByMarking } from './markedStrokes.ts';

const strokesKept = keptFor<SeenCoat, readonly DrawingItem[]>();

/** The layers of a piece in their order, each with its name; those that no zone has are left out. */
export function layersOf({
  colour,
}: Plan): readonly { readonly id: LayerId; readonly name: string }[] {
  const rules = (colour?.zones ?? []).flatMap(({ layers }) => layers.map(({ rule }) => rule));
  return LAYER_IDS.flatMap((id) => {
    const rule = rules.find((of) => of.id === id);
    return rule === undefined ? [] : [{ id, name: rule.name }];
  });
}

/** What a zone looks like after so many of the layers of its piece: in its flats, on its strokes, and from afar. */
export function zoneAfter(
  { layers, clay, groundHex, end, hex }: ZoneColour,
  laid: readonly LayerId[],
): { readonly flat: string; readonly ridge: string; readonly mean: string } {
  // Coloured clay has its colour from the beginning.
  if (clay !== null) {
    const its = end?.hex ?? hex;
    return { flat: its, ridge: its, mean: its };
  }
  if (layers.length === 0) return { flat: hex, ridge: hex, mean: hex };
  const last = layers.filter(({ rule }) => laid.includes(rule.id)).at(-1);
  if (last === undefined) return { flat: groundHex, ridge: groundHex, mean: groundHex };
  if (last.look === null) return { flat: last.hex, ridge: last.hex, mean: last.hex };
  const [, flat, ridge] = last.look.hexes;
  return { flat, ridge, mean: last.look.mean };
}

/**
 * The finished form from a side after so many layers, 0 being its ground: zones in the colour of their flats, and,
 * where its strokes are known and asked for, those in the colour of their ridges. Undefined while form or colours are worked out.
 */
export function paintedForm(
  plan: Plan,
  view: ReliefView,
  many: number,
  withStrokes = true,
): Drawing | undefined {
  const relief = reliefOf(plan, view);
  const { colour } = plan;
  if (relief === undefined || colour === null) return undefined;
  const layers = layersOf(plan);
  const laid = layers.slice(0, many).map(({ id }) => id);
  const after = afterLayers(plan, laid);
  const coat = withStrokes ? coatOf(plan, view) : undefined;
  // The same strokes lie there at every layer: stepping only changes their colours.
  const strokes =
    coat === undefined ? [] : strokesKept(coat, 'all', () => thinned(coatStrokes(plan, coat)));
  const marked = plan.marked?.views.find((of) => of.view === view);
  const items = [
    ...fills(plan, relief, (id) => {
      const its = after.get(id);
      return strokes.length > 0 ? its?.flat : its?.mean;
    }),
    ...markedItems(plan, marked, strokes.length > 0 ? flatsOf(after) : after),
    ...strokesByMarking(strokes, marked, markedIds(plan)).map(({ item, ids }) => {
      // A marking that is not painted yet leaves its strokes to the zone.
      const hex = ids.map((id) => after.get(id)?.ridge).find((of) => of !== undefined);
      return item.kind === 'fill' && hex !== undefined ? { ...item, hex } : item;
    }),
    ...edges(relief),
    ...faceItems(recoloured(plan, relief.face, after)),
  ];
  const name = layers[many - 1]?.name;
  const title = name === undefined ? say.onItsGround : say.afterLayer(name.toLowerCase());
  return fittedDrawing(`painted-${view}-${many}`, title, items, MARGIN_MM);
}

/** What shows between the strokes of each. */
const flatsOf = (after: ReturnType<typeof afterLayers>) =>
  new Map([...after].map(([id, { flat }]) => [id, { mean: flat }] as const));

/** How each zone looks after some layers; a marking that none of its own lies of is not seen yet. */
export function afterLayers(
  { colour }: Plan,
  laid: readonly LayerId[],
): ReadonlyMap<string, ReturnType<typeof zoneAfter>> {
  const begun = (colour?.zones ?? []).filter(
    ({ isMarking, layers, clay }) =>
      !isMarking ||
      clay !== null ||
      // On stuck hair a marking is fibre of its colour.
      layers.length === 0 ||
      layers.some(({ rule }) => laid.includes(rule.id)),
  );
  return new Map(begun.map((of) => [of.zone.id, zoneAfter(of, laid)]));
}

/** The head by itself in its last colours, as much larger as its other drawings; none while it is worked out. */
export function paintedHeads(plan: Plan): readonly Drawing[] {
  const times = headTimes(plan);
  const after = afterLayers(plan, LAYER_IDS);
  return (plan.marked?.heads ?? []).flatMap((marked) => {
    const head = plan.surface?.heads.find(({ view }) => view === marked.view);
    if (head === undefined || plan.colour === null) return [];
    const large = enlarged(head, times);
    const items = [
      ...fills(plan, large, (id) => after.get(id)?.mean),
      ...markedItems(plan, marked, after, enlargement(head, times)),
      ...edges(large),
      ...faceItems(recoloured(plan, large.face, after)),
    ];
    return [fittedDrawing(`painted-head-${marked.view}`, say.headPainted(times), items, MARGIN_MM)];
  });
}

/** Eyes and bare skin of the face as far as they are painted: in their own colours when their layer lies. */
function recoloured(
  { measure }: Plan,
  face: Relief['face'],
  after: ReadonlyMap<string, { readonly mean: string }>,
): Relief['face'] {
  const told = measure.skeleton.animal.face;
  const own = new Map(
    (
      [
        ['eyes', told?.eyes[0]?.hex],
        ['nose', told?.pads[0]?.hex],
      ] as const
    ).flatMap(([part, hex]) => {
      const its = after.get(detailId(part));
      return hex === undefined || its === undefined ? [] : [[hex, its.mean] as const];
    }),
  );
  return {
    ...face,
    areas: face.areas.map((area) => ({ ...area, hex: own.get(area.hex) ?? area.hex })),
  };
}

/** More strokes than these say no more of a colour, and are slow to step through. */
const MOST_STROKES = 5000;

/** Some of all strokes, evenly, of each zone its share. */
function thinned(items: readonly DrawingItem[]): readonly DrawingItem[] {
  const all = items.reduce(
    (sum, item) => sum + (item.kind === 'fill' ? item.outlines.length : 0),
    0,
  );
  const every = Math.ceil(all / MOST_STROKES);
  return items.map((item) =>
    item.kind === 'fill' && every > 1
      ? { ...item, outlines: item.outlines.filter((_, n) => n % every === 0) }
      : item,
  );
}

/** Zones in their colours, over the colour of the largest of them, so that no paper is seen where two meet. */
function fills(
  plan: Plan,
  relief: Relief,
  hexOf: (zoneId: string) => string | undefined,
): readonly DrawingItem[] {
  const zones = relief.zones.flatMap(({ zone, loops }): FillItem[] => {
    const of = plan.measure.skeleton.animal.coat[zone];
    if (of === undefined) return [];
    return [
      {
        ...{ kind: 'fill', ink: 'skin', layer: 'zones', outlines: loops },
        ...{ hex: hexOf(of.id) ?? of.hex, target: { kind: 'zone', id: of.id } },
      },
    ];
  });
  const size = ({ outlines }: FillItem): number =>
    outlines.reduce((sum, loop) => sum + Math.abs(loopArea(loop)), 0);
  const [largest] = zones.toSorted((a, b) => size(b) - size(a));
  if (largest === undefined) return [];
  const { target: _, ...plain } = largest;
  return [{ ...plain, layer: 'under zones', outlines: relief.outline }, ...zones];
}

const edges = (relief: Relief): readonly DrawingItem[] =>
  [...relief.outline.map((points) => [...points, points[0]!]), ...relief.inner].map(
    (points): DrawingItem => ({
      ...{ kind: 'line', ink: 'soft', layer: 'edges', weight: WEIGHT.hair },
      points,
    }),
  );

/** The piece layer by layer from the side, to paint by; none while it is worked out. */
export const layerCards = (plan: Plan): readonly Drawing[] =>
  Array.from({ length: layersOf(plan).length + 1 }, (_, many) =>
    paintedForm(plan, 'side', many),
  ).filter((drawing) => drawing !== undefined);
