import * as say from './words.ts';
import type { FootBar, GaitPlan } from '../stance/planGait.ts';
import { fittedDrawing, WEIGHT, type Drawing, type DrawingItem } from './drawing.ts';

/** Width of one stride on the diagram, mm: it runs from 0 to this. */
export const FOOTFALL_STRIDE_MM = 120;
const WIDE = FOOTFALL_STRIDE_MM;
/** Height of a foot's row, mm. */
const ROW = 7;
const NAMES = 30;

const y = (row: number): number => -row * ROW;

/** The row of one foot: its name, and a bar while it is down. */
function barItems(bar: FootBar, row: number): readonly DrawingItem[] {
  const end = bar.fall + bar.duty;
  // A foot that is down over the end of the stride comes in again at its start.
  const spans =
    end <= 1
      ? [[bar.fall, end]]
      : [
          [bar.fall, 1],
          [0, end - 1],
        ];
  return [
    {
      kind: 'text',
      ink: 'ink',
      layer: 'gait',
      at: [-2, y(row) - 1.3],
      text: bar.name,
      sizeMm: 3.6,
      anchor: 'end',
      face: 'label',
    },
    ...spans.map(([from = 0, to = 0]): DrawingItem => ({
      kind: 'line',
      ink: bar.side === 'right' ? 'far' : 'near',
      layer: 'gait',
      weight: WEIGHT.thin,
      closed: true,
      filled: true,
      points: [
        [from * WIDE, y(row) + 1.8],
        [to * WIDE, y(row) + 1.8],
        [to * WIDE, y(row) - 1.8],
        [from * WIDE, y(row) - 1.8],
      ],
      target: { kind: 'contact', id: bar.contactId },
    })),
  ];
}

/**
 * The footfall diagram of a gait: one row a foot, a bar while it is on the ground, from left to right
 * through one stride, and a line at the moment that is shown.
 */
export function footfallDrawing({ spec, bars, moment }: GaitPlan): Drawing {
  const rows = bars.flatMap(barItems);
  const [top, bottom] = [ROW / 2, y(bars.length - 1) - ROW / 2];
  const frame = (share: number, weight: number, ink: 'soft' | 'mid'): DrawingItem => ({
    kind: 'line',
    ink,
    layer: 'gait',
    weight,
    points: [
      [share * WIDE, top],
      [share * WIDE, bottom],
    ],
  });
  const room: DrawingItem = {
    kind: 'line',
    ink: 'soft',
    layer: 'gait',
    weight: WEIGHT.hair,
    points: [
      [-NAMES, bottom],
      [WIDE, bottom],
    ],
  };
  return fittedDrawing(
    'footfalls',
    say.footfallsOfBarsAre(spec.name.toLowerCase()),
    [
      ...[0, 0.25, 0.5, 0.75, 1].map((share) => frame(share, WEIGHT.hair, 'soft')),
      room,
      ...rows,
      frame(moment, WEIGHT.near, 'mid'),
    ],
    1,
  );
}
