import * as say from './words.ts';
import { mixedHex } from '../../colour/colourSpaces.ts';
import { bladeParts, flatParts, runOfTube, type FlatPart } from '../../markings/flatMarkings.ts';
import { markParts } from '../../markings/markParts.ts';
import { runOfBone } from '../../markings/runs.ts';
import type { Plan } from '../../planTypes.ts';
import type { TubePlan } from '../../skin/tubePlan.ts';
import { noteLines, patternItems } from '../bladeItems.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import { MARGIN_MM } from '../formItems.ts';
import { flatOutline, piecePlaces, type PlacedPiece } from '../skin/flatSkin.ts';
import { innermost } from './innermost.ts';
import { zoneNumbers } from './numberedAreas.ts';

/** What a sheet of skin laid flat is for: to trace from, or to cut as a mask. */
export type FlatUse = 'trace' | 'mask';

const PAPER = '#fdfbf5';
const TINT = 0.45;
const NUMBER_MM = 2.6;
const FREE_MM = 1;
/** Between a piece and the words beside it, mm. */
const BESIDE_MM = 1.4;

/** The tubes of a plan that something is marked on. */
const markedTubes = ({ skin, measure, markings }: Plan): readonly TubePlan[] => {
  const { skeleton } = measure;
  const runs = new Set(
    markings.markings.flatMap(({ places }) =>
      places.flatMap(({ boneId }) => runOfBone(skeleton, boneId)?.id ?? []),
    ),
  );
  return skin.tubes.filter(({ tube }) => runs.has(runOfTube(skeleton, tube)?.id ?? ''));
};

/** Skin with its markings laid flat at 1:1: a sheet a tube and one a blade, to trace from or to cut masks of. */
export const flatMarkingSheets = (plan: Plan, use: FlatUse): readonly Drawing[] => [
  ...markedTubes(plan).flatMap((tube) => flatTube(plan, tube, use) ?? []),
  ...plan.skin.blades.flatMap(({ pattern }) => flatBlade(plan, pattern, use) ?? []),
];

/** A tube's skin with its markings, piece by piece from its front, the back on the middle line; undefined where none shows. */
export function flatTube(plan: Plan, tubePlan: TubePlan, use: FlatUse): Drawing | undefined {
  const { skeleton } = plan.measure;
  const { tube } = tubePlan;
  let shown = 0;
  const items = piecePlaces(tubePlan).flatMap((piece): DrawingItem[] => {
    const parts = flatParts(skeleton, tube, piece.piece, plan.markings.markings);
    shown += parts.length;
    const layer = `markings ${tube.id}`;
    return [
      ...partItems(
        plan,
        parts.map(({ part, loops }) => ({
          part,
          // Seen from outside with the head on the left, the animal's left side lies below its back.
          loops: loops.map((loop) => loop.map(([along, round]) => piece.place(along, -round))),
        })),
        use,
      ),
      ...flatOutline(piece.place, layer),
      ...pieceWords(piece, layer),
    ];
  });
  if (shown === 0) return undefined;
  const title = use === 'trace' ? say.markingsLaidFlat(tube.name) : say.maskOf(tube.name);
  return fittedDrawing(`${use}-${tube.id}`, title, items, MARGIN_MM);
}

/** Its number, and which line is the back. */
function pieceWords({ place, n }: PlacedPiece, layer: string): DrawingItem[] {
  const text = (words: string, at: PagePoint, anchor: 'start' | 'end'): DrawingItem => ({
    ...{ kind: 'text', ink: 'soft', layer, text: words, sizeMm: 2.2, anchor },
    ...{ face: 'label', at },
  });
  const [x, y] = place(0, 0.5);
  const [left, back] = place(0, 0);
  return [
    text(`${n}`, [x, y + BESIDE_MM], 'start'),
    ...(n === 1 ? [text(say.backLine, [left - BESIDE_MM, back - 0.8], 'end')] : []),
  ];
}

/** Areas with their numbers, or lines to cut along by the layer of their zone. */
function partItems(plan: Plan, parts: readonly FlatPart[], use: FlatUse): readonly DrawingItem[] {
  const all = markParts(plan.markings.markings);
  const numbers = zoneNumbers(plan);
  return parts.flatMap(({ part, loops }): DrawingItem[] => {
    const { zoneId } = all[part]!;
    const entry = plan.markings.entries?.find((of) => of.zoneId === zoneId);
    const hex =
      entry?.hex ??
      plan.markings.markings.find(({ id }) => id === all[part]!.markingId)!.colours[
        all[part]!.colour
      ]!.hex;
    const target = { kind: 'zone', id: zoneId } as const;
    const layer = use === 'mask' ? `mask ${zoneId}` : `marking ${zoneId}`;
    const middle = innermost(loops);
    const number = numbers.get(zoneId);
    const items: DrawingItem[] = loops.map((points) => ({
      ...{ kind: 'line', ink: 'ink', layer, weight: WEIGHT.hair, points, closed: true, target },
    }));
    if (use === 'trace')
      items.unshift({
        ...{ kind: 'fill', ink: 'skin', layer, hex: mixedHex(PAPER, hex, TINT), target },
        outlines: loops,
      });
    if (middle !== undefined && middle.free >= FREE_MM && number !== undefined)
      items.push({
        ...{ kind: 'text', ink: 'ink', layer: 'numbers', text: `${number}`, target },
        ...{ sizeMm: NUMBER_MM, anchor: 'middle', face: 'number' },
        at: [middle.at[0], middle.at[1] - NUMBER_MM / 3],
      });
    return items;
  });
}

/** A thin wing or fin with its markings, or their masks; undefined where none is on it. */
function flatBlade(
  plan: Plan,
  pattern: Plan['skin']['blades'][number]['pattern'],
  use: FlatUse,
): Drawing | undefined {
  const { posed } = plan.stance;
  const its = plan.markings.markings.some(({ part }) => part === pattern.blade.id);
  if (!its) return undefined;
  const parts = bladeParts(pattern, posed.sizeFactor, plan.markings.markings);
  const title =
    use === 'trace' ? say.bladeMarkings(pattern.blade.name) : say.maskOf(pattern.blade.name);
  return fittedDrawing(
    `${use}-${pattern.blade.id}`,
    title,
    [
      ...partItems(plan, parts, use),
      ...patternItems(pattern),
      ...(use === 'mask' ? noteLines(pattern, [say.cutMask]) : []),
    ],
    MARGIN_MM,
  );
}
