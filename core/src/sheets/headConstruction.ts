import { posedBone, type PosedBone } from '../anatomy/pose.ts';
import { partBox } from '../body/skin.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Plan } from '../planTypes.ts';
import { headKey } from '../surface/headForm.ts';
import { dimension } from './dimension.ts';
import { WEIGHT, type DrawingItem, type PagePoint } from './drawing.ts';
import { project } from './views.ts';

/** The bone of the skull, by which a body is told; undefined for an animal whose face is not known. */
export function skullOf(plan: Plan): PosedBone | undefined {
  const key = headKey(plan.measure.skeleton);
  return plan.stance.posed.bones.find(({ bone }) => bone.key === key);
}

const mm = (value: number): string => value.toFixed(1);

/** How far over and under the end of its bones a snout reaches, in lengths of the head. */
const SNOUT_SHARE = 0.15;

/** An outline lies on the skin within so much, mm. */
const ON_SKIN_MM = 0.1;

const borneBy =
  (skull: PosedBone) =>
  ({ bone }: PosedBone): readonly string[] =>
    bone.parent === skull.bone.id && bone.side === 'mid' ? [bone.id] : [];

/** How far ahead the flesh of some bones reaches on the page; what stands out of it by itself, a tongue, is no snout. */
const skinAhead = ({ stance }: Plan, boneIds: readonly string[]): number =>
  least(
    stance.skin
      .filter(({ boneId }) => boneIds.includes(boneId))
      .map((part) => {
        const { min, max } = partBox(part);
        return Math.min(project('side', min)[0], project('side', max)[0]);
      }),
  );

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
  const foremost = skinAhead(plan, [skull.bone.id, ...posed.bones.flatMap(borneBy(skull))]);
  const tip = outline
    .filter(([x, y]) => Math.abs(y - end[1]) < beside && x > foremost - ON_SKIN_MM)
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
