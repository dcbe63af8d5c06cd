import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Plan } from '../planTypes.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { MARGIN_MM, reliefItems, reliefOf } from './formItems.ts';
import { skullOf } from './headConstruction.ts';

/** Room between the form and the names of its levels, and from line to line of them, in heights of its letters. */
const BESIDE = 2.3;
const LINE = 2;
/** Letters are this share of the longer side of the form, so that they are read on a screen as on paper; mm. */
const LETTERS = { share: 1 / 52, least: 3, most: 7 } as const;
/** The bar of head lengths lies so far under the ground, and is so high, mm. */
const BAR_MM = { under: 7, high: 2.4 } as const;

/** A height over the ground that the chart names. */
interface Level {
  readonly name: string;
  readonly mm: number;
}

const mm = (value: number): string => value.toFixed(1);

/**
 * The proportions of the finished form from its left at 1:1: how high its joints lie over
 * the ground, and its length and height in lengths of its skull. Undefined while the form is worked out.
 */
export function proportionChart(plan: Plan): Drawing | undefined {
  const relief = reliefOf(plan, 'side');
  if (relief === undefined) return undefined;
  const outline = relief.outline.flat();
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [left, right] = [least(xs), greatest(xs)];
  const [low, top] = [least(ys), greatest(ys)];
  const { share, least: smallest, most } = LETTERS;
  const textMm = Math.min(most, Math.max(smallest, share * Math.max(right - left, top - low)));
  // The animal stands at y = 0, or is held above it.
  const levels = namedLevels(plan, top);
  const items: readonly DrawingItem[] = [
    ...reliefItems(relief, 'outline'),
    ...levelItems(levels, left, right, textMm),
    ...headBar(plan, { left, right, low, top }, textMm),
  ];
  const drawing = fittedDrawing('proportions', say.proportions, items, MARGIN_MM);
  return { ...drawing, view: 'side' };
}

/** Joints of the near limbs and the highest place, from the ground up. */
function namedLevels(plan: Plan, top: number): readonly Level[] {
  const { posed } = plan.stance;
  const { plan: body } = posed.skeleton;
  const limbs = new Set(body.parts.flatMap(({ kind, keys }) => (kind === 'limbs' ? keys : [])));
  const joints = posed.bones
    .filter(({ bone }) => limbs.has(bone.key) && bone.side === 'left' && bone.parent !== null)
    .filter(({ bone }) => Object.keys(bone.joint.freedoms).length > 0)
    .map(({ bone, start }) => ({ name: bone.joint.name, mm: start[1] }));
  return [...joints, { name: say.highestPlace, mm: top }].toSorted((a, b) => a.mm - b.mm);
}

/** A line at each level, and its name and height beside the form; names that would touch stand apart. */
function levelItems(
  levels: readonly Level[],
  left: number,
  right: number,
  textMm: number,
): readonly DrawingItem[] {
  let last = -Infinity;
  const common = { ink: 'dimension', layer: 'levels' } as const;
  return levels.flatMap(({ name, mm: y }): readonly DrawingItem[] => {
    const at = Math.max(y, last + LINE * textMm);
    last = at;
    const [end, text] = [right + 0.6 * BESIDE * textMm, right + 1.4 * BESIDE * textMm];
    return [
      {
        ...common,
        kind: 'line',
        weight: WEIGHT.hair,
        dashed: true,
        points: [
          [left, y],
          [end, y],
        ],
      },
      {
        ...common,
        kind: 'line',
        weight: WEIGHT.hair,
        points: [
          [end, y],
          [text - 0.8, at],
        ],
      },
      {
        ...common,
        kind: 'text',
        at: [text, at - textMm / 3],
        text: say.levelAt(name, mm(y)),
        sizeMm: textMm,
        anchor: 'start',
        face: 'label',
      },
    ];
  });
}

interface Extent {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly top: number;
}

/** A bar of skull lengths under the ground from nose to tail, and how many the body is long and tall. */
function headBar(
  plan: Plan,
  { left, right, low: lowest, top }: Extent,
  textMm: number,
): readonly DrawingItem[] {
  const skull = skullOf(plan);
  if (skull === undefined) return [];
  const long = skull.bone.lifeLengthMm * plan.stance.posed.sizeFactor;
  const many = (right - left) / long;
  const ground = Math.min(0, lowest);
  const [low, high] = [ground - BAR_MM.under - BAR_MM.high, ground - BAR_MM.under];
  const cells = Array.from({ length: Math.ceil(many) }, (_, i): DrawingItem => {
    const [a, b] = [left + i * long, Math.min(right, left + (i + 1) * long)];
    const points: readonly PagePoint[] = [
      [a, low],
      [b, low],
      [b, high],
      [a, high],
    ];
    return {
      ...{ kind: 'line', ink: 'ink', layer: 'head lengths', weight: WEIGHT.hair },
      ...{ points, closed: true, filled: i % 2 === 0 },
    };
  });
  const text: DrawingItem = {
    ...{ kind: 'text', ink: 'ink', layer: 'head lengths', face: 'label' },
    ...{ sizeMm: textMm, anchor: 'start' },
    at: [left, low - 1.5 * textMm],
    text: say.inHeadLengths(many.toFixed(1), ((top - lowest) / long).toFixed(1), mm(long)),
  };
  return [...cells, text];
}
