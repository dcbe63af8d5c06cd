import type { SetKind } from '../anatomy/thingKinds.ts';
import type { Thing } from '../anatomy/shapeSchema.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { freeId } from '../units/freeId.ts';

/** How a kind begins: its length and thickness as shares of the head, its breadth, tip, lean, turn and curl, and where it stands. */
interface Begins {
  readonly on: 'head' | 'trunk';
  readonly long: number;
  readonly thick: number;
  readonly breadth?: number;
  readonly tip?: number;
  readonly leanDeg?: number;
  readonly turnDeg?: number;
  readonly curlDeg?: number;
  readonly along: number;
  readonly around: number;
}

/** Sensible first shapes by kind: common practice, from memory. */
const BEGINS: Readonly<Record<SetKind, Begins>> = {
  horn: {
    on: 'head',
    long: 0.9,
    thick: 0.16,
    tip: 0.1,
    leanDeg: 20,
    turnDeg: 100,
    along: 0.25,
    around: 30,
  },
  spike: {
    on: 'trunk',
    long: 0.25,
    thick: 0.12,
    tip: 0.05,
    leanDeg: 25,
    turnDeg: 15,
    along: 0.8,
    around: 0,
  },
  plate: {
    on: 'trunk',
    long: 0.35,
    thick: 0.3,
    breadth: 0.2,
    tip: 0.2,
    leanDeg: 20,
    along: 0.8,
    around: 0,
  },
  boss: { on: 'trunk', long: 0.06, thick: 0.14, tip: 0.3, along: 0.6, around: 35 },
  crest: {
    on: 'head',
    long: 0.3,
    thick: 0.3,
    breadth: 0.15,
    tip: 0.3,
    leanDeg: 30,
    along: 0.4,
    around: 0,
  },
  tooth: { on: 'head', long: 0.16, thick: 0.06, tip: 0.05, turnDeg: 20, along: 0.85, around: 120 },
  claw: {
    on: 'trunk',
    long: 0.14,
    thick: 0.06,
    tip: 0.06,
    leanDeg: 60,
    turnDeg: 60,
    along: 0.9,
    around: 90,
  },
  nail: { on: 'trunk', long: 0.08, thick: 0.08, breadth: 0.4, tip: 0.5, along: 0.9, around: 90 },
  whisker: {
    on: 'head',
    long: 0.4,
    thick: 0.012,
    tip: 0.2,
    leanDeg: 35,
    turnDeg: 30,
    along: 0.85,
    around: 85,
  },
  feeler: {
    on: 'head',
    long: 0.8,
    thick: 0.03,
    tip: 0.4,
    leanDeg: -30,
    turnDeg: 80,
    along: 0.8,
    around: 25,
  },
  plume: {
    on: 'head',
    long: 0.7,
    thick: 0.07,
    breadth: 0.3,
    tip: 0.1,
    leanDeg: 60,
    turnDeg: 40,
    along: 0.15,
    around: 12,
  },
  tuft: {
    on: 'trunk',
    long: 0.4,
    thick: 0.12,
    tip: 0.15,
    leanDeg: 70,
    turnDeg: 50,
    along: 0.9,
    around: 20,
  },
  tongue: {
    on: 'head',
    long: 0.4,
    thick: 0.1,
    breadth: 0.3,
    tip: 0.3,
    leanDeg: -60,
    along: 0.98,
    around: 180,
  },
  ear: {
    on: 'head',
    long: 0.3,
    thick: 0.2,
    breadth: 0.3,
    tip: 0.1,
    leanDeg: 20,
    along: 0.15,
    around: 40,
  },
  wattle: { on: 'head', long: 0.15, thick: 0.12, breadth: 0.4, along: 0.5, around: 160 },
  armour: {
    on: 'trunk',
    long: 0.5,
    thick: 0.7,
    breadth: 0.1,
    tip: 0.6,
    leanDeg: 75,
    turnDeg: 20,
    along: 0.6,
    around: 50,
  },
  rider: { on: 'trunk', long: 0.9, thick: 0.3, tip: 0.4, along: 0.4, around: 0 },
  ball: { on: 'head', long: 0.1, thick: 0.1, along: 0.6, around: 50 },
};

/** Kinds that stand on the midline by themselves; others are there left and right. */
const MIDDLE: ReadonlySet<SetKind> = new Set(['spike', 'plate', 'crest', 'tongue', 'rider']);

/** A thing to begin with, sized by the head of the animal, on its head or on the trunk; `name` is what the maker reads. */
export function newThing(
  skeleton: Skeleton,
  kind: SetKind,
  name: string,
  taken: readonly string[],
): Thing {
  const { bones, animal } = skeleton;
  const of = BEGINS[kind];
  const headKey = animal.face?.eyes[0]?.at[0];
  const fallback = bones.find(({ key }) => key === 'skull' || key === 'head') ?? bones[0]!;
  const head = bones.find(({ key, side }) => key === headKey && side !== 'right') ?? fallback;
  const mids = bones.filter(({ side, key }) => side === 'mid' && key !== head.key);
  const trunk = mids.toSorted((a, b) => b.lifeLengthMm - a.lifeLengthMm)[0] ?? head;
  const size = head.lifeLengthMm;
  const round = (mm: number): number => Math.max(0.1, Number(mm.toPrecision(3)));
  return {
    ...{ id: freeId(kind, taken), name, kind },
    boneId: (of.on === 'head' ? head : trunk).id,
    ...{ along: of.along, around: of.around, offMm: 0 },
    sides: MIDDLE.has(kind) ? 'middle' : 'both',
    ...{ lengthMm: round(of.long * size), thickMm: round(of.thick * size) },
    ...{ breadth: of.breadth ?? 1, tip: of.tip ?? 1 },
    ...{ leanDeg: of.leanDeg ?? 0, twistDeg: 0, turnDeg: of.turnDeg ?? 0 },
    ...{ curlDeg: of.curlDeg ?? 0, hex: null, row: null },
  };
}
