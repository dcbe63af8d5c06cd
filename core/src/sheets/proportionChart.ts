import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { posedBone, type PosedBone } from '../anatomy/pose.ts';
import type { Plan } from '../planTypes.ts';
import { headKey } from '../surface/headForm.ts';
import { dimension } from './dimension.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { MARGIN_MM, reliefItems, reliefOf } from './formItems.ts';
import { project } from './views.ts';

/** Room between the form and the names of its levels, and from line to line of them, in heights of its letters. */
const BESIDE = 2.3;
const LINE = 1.5;
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
 * The proportions of the finished form from its left at 1:1: how high its joints and the lines of its trunk lie
 * over the ground, and its length and height in lengths of its skull. Undefined while the form is worked out.
 */
export function proportionChart(plan: Plan): Drawing | undefined {
  const relief = reliefOf(plan, 'side');
  if (relief === undefined) return undefined;
  const outline = relief.outline.flat();
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [left, right] = [least(xs), greatest(xs)];
  const [low, top] = [least(ys), greatest(ys)];
  // The animal stands at y = 0, or is held above it.
  const { share, least: smallest, most } = LETTERS;
  const textMm = Math.min(most, Math.max(smallest, share * Math.max(right - left, top - low)));
  const levels = namedLevels(plan, top);
  const items: readonly DrawingItem[] = [
    ...reliefItems(relief, 'outline'),
    ...levelItems(levels, left, right, textMm),
    ...headBar(plan, { left, right, low, top }, textMm),
  ];
  const drawing = fittedDrawing('proportions', say.proportions, items, MARGIN_MM);
  return { ...drawing, view: 'side' };
}

/** Joints of the near limbs, the highest place and the lowest of the trunk, from the ground up. */
function namedLevels(plan: Plan, top: number): readonly Level[] {
  const { posed } = plan.stance;
  const { plan: body } = posed.skeleton;
  const limbs = new Set(body.parts.flatMap(({ kind, keys }) => (kind === 'limbs' ? keys : [])));
  const joints = posed.bones
    .filter(({ bone }) => limbs.has(bone.key) && bone.side === 'left' && bone.parent !== null)
    .filter(({ bone }) => Object.keys(bone.joint.freedoms).length > 0)
    .map(({ bone, start }) => ({ name: jointName(bone.joint.name), mm: start[1] }));
  return [...joints, { name: say.highestPlace, mm: top }].toSorted((a, b) => a.mm - b.mm);
}

/** A joint without its side: both lie alike in a chart. */
const jointName = (name: string): string => name.replace(/, (left|right)$/, '');

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

/** The bone of the skull, by which a body is told. */
function skullOf(plan: Plan): PosedBone | undefined {
  const key = headKey(plan.measure.skeleton);
  return plan.stance.posed.bones.find(({ bone }) => bone.key === key);
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

/** How far over and under the end of its bones a snout reaches, in lengths of the head. */
const SNOUT_SHARE = 0.15;

/** A page point of the head alone, some times as large. */
type OnHead = (page: PagePoint) => PagePoint;

/**
 * The construction of a head by itself from its left, over its drawing: the line through the eye, and what
 * lies how far from the tip of the snout, mm of the model.
 */
export function headConstruction(
  plan: Plan,
  eye: PagePoint,
  outline: readonly PagePoint[],
  onHead: OnHead,
): readonly DrawingItem[] {
  const skull = skullOf(plan);
  if (skull === undefined) return [];
  const { posed } = plan.stance;
  const back = project('side', skull.start);
  const tips = posed.bones
    .filter(({ bone }) => bone.side === 'mid' && bone.parent === skull.bone.id)
    .map(({ bone }) => project('side', posedBone(posed, bone.id).end));
  const end = [project('side', skull.end), ...tips].reduce((a, b) => (b[0] < a[0] ? b : a));
  // The skin before the end of the bones: what stands ahead higher up, a tine, is no snout.
  const beside = SNOUT_SHARE * Math.hypot(end[0] - back[0], end[1] - back[1]);
  const tip = outline
    .filter(([, y]) => Math.abs(y - end[1]) < beside)
    .reduce((a, b) => (b[0] < a[0] ? b : a), end);
  const [atTip, atEye, atBack] = [onHead(tip), onHead(eye), onHead(back)];
  const ys = outline.map((p) => onHead(p)[1]);
  const [low, high] = [least(ys), greatest(ys)];
  const line = (points: readonly PagePoint[]): DrawingItem => ({
    ...{ kind: 'line', ink: 'dimension', layer: 'construction', weight: WEIGHT.hair },
    ...{ dashed: true, points },
  });
  const over = (p: PagePoint): PagePoint => [p[0], high];
  const under = (p: PagePoint): PagePoint => [p[0], low];
  return [
    line([
      [atTip[0], atEye[1]],
      [Math.max(atBack[0], atEye[0]) + 4, atEye[1]],
    ]),
    line([
      [atEye[0], low],
      [atEye[0], high],
    ]),
    ...dimension('horizontal', over(atTip), over(atEye), high + 6, mm(eye[0] - tip[0])),
    ...dimension('horizontal', under(atTip), under(atBack), low - 7, mm(back[0] - tip[0])),
  ];
}
