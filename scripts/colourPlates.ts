import { markedItems } from '../core/src/sheets/colour/markedItems.ts';
import { encodedRgb, linearRgb } from '../core/src/colour/colourSpaces.ts';
import { done } from '../core/src/jobs/jobKinds.ts';
import { createPlanner, NO_ANSWERS } from '../core/src/plan.ts';
import type { Answers, Plan } from '../core/src/planTypes.ts';
import type { Piece } from '../core/src/piece/pieceSchema.ts';
import {
  blankPicture,
  type Picture,
  type PictureView,
} from '../core/src/piece/referencesSchema.ts';
import { fittedDrawing, type Drawing, type DrawingItem } from '../core/src/sheets/drawing.ts';
import { faceItems, reliefOf } from '../core/src/sheets/formItems.ts';
import { inWorkshop } from '../core/src/workshop/workpiece.ts';
import { newWorkshop } from '../core/src/workshop/newWorkshop.ts';

/**
 * Coloured reference pictures of the demonstration: each animal as somebody who knows it would paint it, under a warm
 * sky, with a grey card beside it. Invented, as all of it.
 */
export interface ColourPlate {
  readonly file: string;
  readonly title: string;
  readonly pieceId: string;
  /** The stance that it is drawn in. */
  readonly presetId: string;
  readonly view: 'side' | 'top';
}

export const COLOUR_PLATES: readonly ColourPlate[] = [
  {
    ...{ file: 'adder-colours.png', title: 'Adder, colours from above', view: 'top' },
    ...{ pieceId: 'adder-in-a-coil', presetId: 'waving' },
  },
  {
    ...{ file: 'old-girdle-colours.png', title: 'Old Girdle, as it is told', view: 'top' },
    ...{ pieceId: 'old-girdle', presetId: 'waving' },
  },
  {
    ...{ file: 'wolf-colours.png', title: 'Wolf, colours from the left', view: 'side' },
    ...{ pieceId: 'wolf-at-the-carr', presetId: 'standing' },
  },
  {
    ...{ file: 'heron-colours.png', title: 'Heron, colours from the left', view: 'side' },
    ...{ pieceId: 'heron-at-the-sluice', presetId: 'standing' },
  },
  {
    ...{ file: 'dragonfly-colours.png', title: 'Emperor, colours from above', view: 'top' },
    ...{ pieceId: 'dragonfly-over-the-reeds', presetId: 'flying' },
  },
  {
    ...{ file: 'baryonyx-colours.png', title: 'Baryonyx, one guess at it', view: 'side' },
    ...{ pieceId: 'fishing-baryonyx', presetId: 'alert' },
  },
];

/** Light of the sky on each channel, linear: a warm afternoon. */
const LIGHT = [0.98, 0.9, 0.74] as const;
const GREY_CARD = '#8e8e8c';
const PAPER = '#f6f1e4';
/** As a picture shows a colour. */
export function underLight(hex: string): string {
  const rgb = [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16) / 255);
  const linear = linearRgb(rgb as [number, number, number]).map((v, k) => v * LIGHT[k]!);
  const bytes = encodedRgb(linear as [number, number, number]).map((v) => Math.round(255 * v));
  return `#${bytes.map((v) => v.toString(16).padStart(2, '0')).join('')}`;
}

/** A plan with its surface, its markings and its paints worked out. */
function planOf(piece: Piece, presetId: string): Plan {
  const stance = {
    ...piece.stance,
    presetId,
    ...{ anglesDeg: {}, gait: null, lifted: null, ground: { kind: 'flat' } as const },
  };
  const whole = inWorkshop({ ...piece, stance }, newWorkshop());
  const planner = createPlanner();
  let answers: Answers = NO_ANSWERS;
  let plan = planner(whole);
  for (const name of ['surface', 'markings'] as const) {
    const job = plan.jobs[name];
    if (job !== null) answers = { ...answers, [name]: done(job as never) };
    plan = planner(whole, answers);
  }
  return plan;
}

/** Millimetres of the model beside the animal, and of the card. */
const [MARGIN_MM, CARD_MM] = [14, 12];

/** The plate as a drawing in mm of the model, and how many life mm one of its mm is. */
export function colourPlate(
  { pieceId, presetId, view, title }: ColourPlate,
  pieces: readonly Piece[],
): { readonly drawing: Drawing; readonly lifePerModel: number } {
  const piece = pieces.find(({ id }) => id === pieceId)!;
  const plan = planOf(piece, presetId);
  const relief = reliefOf(plan, view)!;
  const colours = new Map(
    plan.colour!.zones.map(({ zone, hex }) => [zone.id, { mean: underLight(hex) }]),
  );
  const { coat } = plan.measure.skeleton.animal;
  const items: DrawingItem[] = [
    ...relief.zones.map(({ zone, loops }): DrawingItem => ({
      ...{ kind: 'fill', ink: 'skin', layer: 'zones', outlines: loops },
      hex: colours.get(coat[zone]?.id ?? '')?.mean ?? underLight(PAPER),
    })),
    ...markedItems(
      plan,
      plan.marked?.views.find((of) => of.view === view),
      colours,
    ),
    ...[...relief.outline.map((loop) => [...loop, loop[0]!]), ...relief.inner].map(
      (points): DrawingItem => ({
        ...{ kind: 'line', ink: 'soft', layer: 'edges', weight: 0.18, points },
      }),
    ),
    ...faceItems(relief.face),
  ];
  const bare = fittedDrawing('plate', title, items, MARGIN_MM);
  const [x, y] = [bare.box.min[0] + 4, bare.box.min[1] + 4];
  const square = (hex: string, left: number): DrawingItem => ({
    ...{ kind: 'fill', ink: 'skin', layer: 'card', hex },
    outlines: [
      [
        [x + left, y],
        [x + left + CARD_MM, y],
        [x + left + CARD_MM, y + CARD_MM / 2],
        [x + left, y + CARD_MM / 2],
      ],
    ],
  });
  const paper: DrawingItem = {
    ...{ kind: 'fill', ink: 'skin', layer: 'paper', hex: underLight(PAPER) },
    outlines: [
      [
        bare.box.min,
        [bare.box.max[0], bare.box.min[1]],
        bare.box.max,
        [bare.box.min[0], bare.box.max[1]],
      ],
    ],
  };
  return {
    drawing: { ...bare, items: [paper, square(underLight(GREY_CARD), 0), ...items] },
    lifePerModel: plan.measure.lifePerModel,
  };
}

const WIDE_PX = 1400;

/** The plate as a picture of its piece, its scale read off a length on it. */
export function colourPicture(
  { file, title, view }: ColourPlate,
  { drawing, lifePerModel }: ReturnType<typeof colourPlate>,
): Picture {
  const [wide, high] = [0, 1].map((k) => drawing.box.max[k]! - drawing.box.min[k]!) as [
    number,
    number,
  ];
  const heightPx = Math.round((WIDE_PX * high) / wide);
  const blank = blankPicture({
    ...{ id: file.replace('.png', ''), name: title, shipped: file },
    ...{ view: view as PictureView, facing: 'left', widthPx: WIDE_PX, heightPx },
  });
  const mm = wide * lifePerModel;
  return {
    ...blank,
    scale: { by: 'length', from: [0, 10], to: [WIDE_PX, 10], mm, plusMinusMm: mm / 500 },
  };
}
