import * as say from './words.ts';
import { movedItem } from './movedItem.ts';
import { greatest } from '../geometry/extremes.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import type { Subject } from '../anatomy/subjectType.ts';
import { bodyBox } from '../body/blades.ts';
import { settledStance } from '../posing/settledStance.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import {
  HAND_WIDTH_MM,
  KNOWN_SHAPES,
  PERSON_HALF_WIDTH,
  THUMB_WIDTH_MM,
  type KnownShape,
} from './knownShapes.ts';
import { boneItems, skinItems } from './posedItems.ts';

/** Width of the row of animals on the sheet, mm. */
const SHEET_MM = 320;
/** Height of the tallest on the sheet, mm. */
const TALLEST_MM = 150;
const GAP_MM = 12;
const CAPTION_MM = 4.2;

/** Something everybody knows the size of, in life mm. */
interface Known {
  readonly name: string;
  readonly shape: KnownShape;
  readonly heightMm: number;
  readonly widthMm: number;
}

/** What stands beside the animals: a bar, and something of a person's. By the largest of them. */
const BESIDE: readonly { readonly upTo: number; readonly known: readonly Known[] }[] = [
  {
    upTo: 140,
    known: [
      { name: '10 mm', shape: 'bar', heightMm: 10, widthMm: 1 },
      { name: say.aThumb, shape: 'thumb', heightMm: 65, widthMm: THUMB_WIDTH_MM },
    ],
  },
  {
    upTo: 700,
    known: [
      { name: '100 mm', shape: 'bar', heightMm: 100, widthMm: 6 },
      { name: say.aHand, shape: 'hand', heightMm: 190, widthMm: HAND_WIDTH_MM },
    ],
  },
  {
    upTo: Infinity,
    known: [
      { name: '1 m', shape: 'bar', heightMm: 1000, widthMm: 50 },
      {
        name: say.aPerson,
        shape: 'person',
        heightMm: 1700,
        widthMm: 2 * PERSON_HALF_WIDTH * 1700,
      },
    ],
  },
];

/**
 * Animals side by side in side elevation at one scale, standing, beside a bar of known length and
 * something of a person's. Items of a bone carry it as their target.
 */
export function lineup(subjects: readonly Subject[]): Drawing {
  const skeletons = subjects.map(({ plan, animal }) => buildSkeleton(plan, animal));
  const boxes = skeletons.map((skeleton) => bodyBox(standing(skeleton, 1)));
  const longs = boxes.map((box) => box.max[0] - box.min[0]);
  const largest = Math.max(greatest(longs), greatest(boxes.map((box) => box.max[1])));
  const known = (BESIDE.find((entry) => largest <= entry.upTo) ?? BESIDE.at(-1)!).known;
  const wide = [...longs, ...known.map((known) => known.widthMm)].reduce((sum, mm) => sum + mm, 0);
  const gaps = GAP_MM * (longs.length + known.length - 1);
  const tallest = Math.max(
    greatest(boxes.map((box) => box.max[1])),
    greatest(known.map((known) => known.heightMm)),
  );
  const lifePerSheet = Math.max(wide / (SHEET_MM - gaps), tallest / TALLEST_MM);
  let x = 0;
  const items: DrawingItem[] = [];
  for (const entry of known) {
    items.push(...knownItems(entry, x, lifePerSheet));
    x += Math.max(entry.widthMm / lifePerSheet, 0.8) + GAP_MM;
  }
  skeletons.forEach((skeleton, i) => {
    items.push(...animalItems(skeleton, x, lifePerSheet));
    x += longs[i]! / lifePerSheet + GAP_MM;
  });
  items.push({
    kind: 'line',
    ink: 'soft',
    layer: 'ground',
    weight: WEIGHT.thin,
    points: [
      [-4, 0],
      [x - GAP_MM + 4, 0],
    ],
  });
  return fittedDrawing('lineup', say.atOneScaleStanding, items, 6);
}

const standing = (skeleton: Skeleton, sizeFactor: number) =>
  settledStance(skeleton, { presetId: '', anglesDeg: {}, lifted: null }, sizeFactor);

function animalItems(skeleton: Skeleton, left: number, n: number): readonly DrawingItem[] {
  const posed = standing(skeleton, 1 / n);
  const box = bodyBox(posed);
  // Side elevations face left: the front of the animal is on the left of the page.
  const dx = left + box.max[0];
  const middle = left + (box.max[0] - box.min[0]) / 2;
  // Joints would hide a small animal beside a large one.
  const bones = boneItems(posed, 'side').filter((item) => item.kind !== 'circle');
  return [...skinItems(posed, 'side'), ...bones]
    .map((item) => movedItem(item, dx, 0))
    .concat([caption(skeleton.animal.name, middle, 1)]);
}

function knownItems(known: Known, left: number, n: number): readonly DrawingItem[] {
  const [w, h] = [Math.max(known.widthMm / n, 0.8), known.heightMm / n];
  return [
    {
      kind: 'line',
      ink: 'soft',
      layer: 'known sizes',
      weight: WEIGHT.thin,
      closed: true,
      points: KNOWN_SHAPES[known.shape].map(([x, y]): PagePoint => [left + x * w, y * h]),
    },
    {
      kind: 'text',
      ink: 'soft',
      layer: 'known sizes',
      // Beside its bar, upwards from the ground.
      at: [left + w + 5, 1.5],
      text: known.name,
      sizeMm: 3.4,
      anchor: 'start',
      face: 'label',
      rotateDeg: 90,
    },
  ];
}

const caption = (text: string, x: number, line: number): DrawingItem => ({
  kind: 'text',
  ink: 'ink',
  layer: 'captions',
  at: [x, -CAPTION_MM * (line + 0.6)],
  text,
  sizeMm: CAPTION_MM,
  anchor: 'middle',
  face: 'title',
});
