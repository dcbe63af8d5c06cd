import type { BodyPlan, PartKind } from '../anatomy/bodyPlan.ts';
import { restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import { skinParts, type SkinPart } from '../body/skin.ts';
import { sleeveId } from '../body/sleeveChain.ts';
import { sectionMiddle, type AxisSample } from '../body/sleeveSection.ts';
import { distance } from '../geometry/vec3.ts';
import { sectionGirth } from './flat/girth.ts';

/** A place along a tube: how far from its beginning along its axis, and how much it measures round, mm of the model. */
export interface TubeStation {
  readonly atMm: number;
  readonly girthMm: number;
  readonly boneId: string;
  /** Share of its bone. */
  readonly share: number;
}

/** A long part of a body as a tube of skin: a trunk, a neck, a tail, a limb; paired ones on the left. */
export interface Tube {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly paired: boolean;
  readonly sleeve: string;
  /** From its front or upper end on. */
  readonly stations: readonly TubeStation[];
  readonly lengthMm: number;
}

/** What is shorter than this against its girth is no tube to wrap skin round. */
const LEAST_SLENDER = 0.7;

/** The tubes of a posed body: each sleeve cut where one part of the plan ends and another begins, of each part the longest. */
export function tubesOf(posed: PosedSkeleton): readonly Tube[] {
  const { plan, byId } = posed.skeleton;
  const runs = new Map<string, { part: BodyPlan['parts'][number]; parts: SleevePart[] }>();
  for (const part of skinParts(posed)) {
    const bone = byId.get(part.boneId);
    if (part.kind !== 'sleeve' || bone === undefined || bone.side === 'right') continue;
    // Toes, ears and horns are curves of their own.
    const names = bone.flesh.flatMap((flesh) => ('sleeve' in flesh ? [flesh.sleeve] : []));
    if (!names.some((name) => sleeveId(name, bone.side) === part.sleeve)) continue;
    const of = plan.parts.find(({ keys }) => keys.includes(bone.key));
    if (of === undefined || of.kind === 'wings') continue;
    const key = `${of.id} ${part.sleeve}`;
    const run = runs.get(key) ?? { part: of, parts: [] };
    run.parts.push(part);
    runs.set(key, run);
  }
  const tubes = [...runs.values()].map(({ part, parts }) => tubeOf(posed, part, parts));
  return tubes
    .filter(({ stations, lengthMm }) => {
      const girth = Math.max(...stations.map(({ girthMm }) => girthMm));
      return stations.length > 2 && lengthMm >= LEAST_SLENDER * girth;
    })
    .filter((tube, _, all) => all.every((of) => of.id !== tube.id || of.lengthMm <= tube.lengthMm));
}

type SleevePart = Extract<SkinPart, { kind: 'sleeve' }>;

function tubeOf(
  posed: PosedSkeleton,
  part: BodyPlan['parts'][number],
  parts: readonly SleevePart[],
): Tube {
  const samples = parts.flatMap((run) => run.samples);
  const first = posed.byId.get(parts[0]!.boneId)!.bone;
  const ordered = isBackwards(posed, samples) ? samples.toReversed() : samples;
  let [atMm, before]: [number, AxisSample | undefined] = [0, undefined];
  const stations = ordered.flatMap((sample): TubeStation[] => {
    const step = before === undefined ? 0 : distance(sectionMiddle(before), sectionMiddle(sample));
    // Where one bone ends and the next begins a place is told twice.
    if (before !== undefined && step < 1e-6) return [];
    atMm += step;
    before = sample;
    return [{ atMm, girthMm: sectionGirth(sample), boneId: sample.boneId, share: sample.share }];
  });
  return {
    ...{ id: part.id, name: part.name, kind: part.kind, paired: first.side !== 'mid' },
    ...{ sleeve: parts[0]!.sleeve, stations, lengthMm: atMm },
  };
}

/** Whether a run begins at its rear or lower end: told by the rest stance, where heads lie forward and limbs hang. */
function isBackwards(posed: PosedSkeleton, samples: readonly AxisSample[]): boolean {
  const { byId, bones } = posed.skeleton;
  const [first, last] = [byId.get(samples[0]!.boneId)!, byId.get(samples.at(-1)!.boneId)!];
  if (first === last) {
    const forwards = first.side === 'mid' && first.rest[0] > 0;
    const rising = samples.at(-1)!.share > samples[0]!.share;
    return forwards === rising;
  }
  if (first.side !== 'mid') return bones.indexOf(first) > bones.indexOf(last);
  const rest = restPose(posed.skeleton).byId;
  return rest.get(first.id)!.start[0] < rest.get(last.id)!.start[0];
}
