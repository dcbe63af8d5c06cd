import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { groundHeight, type Ground } from '../posing/ground.ts';
import { asGiven, input, type Working } from '../piece/working.ts';

/** Of a foot, what a perch asks for: whether it is meant to stand, and where. */
export interface StandingFoot {
  readonly down: boolean;
  readonly groundMm: number;
  readonly ball: Vec3;
}

/** What a perch is: a log lies on the base, a branch is carried above it. */
export const PERCH_KINDS = ['log', 'branch', 'post', 'rock'] as const;
export type PerchKind = (typeof PERCH_KINDS)[number];

/** A thing of its own on the base that feet stand on and are pegged into, mm of the model. */
export interface Perch {
  readonly kind: PerchKind;
  readonly name: string;
  /** From back to front, and from the left to the right. */
  readonly x: readonly [back: number, front: number];
  readonly z: readonly [left: number, right: number];
  readonly topMm: number;
  /** Of a log, a branch or a post; 0 for a rock. */
  readonly diameterMm: number;
  /** How long it is along its own axis, or a rock from back to front. */
  readonly length: Working;
  /** A rock across the base. */
  readonly width: Working | null;
  /** Where it is carried: under a branch, or where a screw comes up from below. */
  readonly supports: readonly PerchSupport[];
  readonly weight: Working;
  /** Middle of its mass. */
  readonly centre: Vec3;
  readonly workings: readonly Working[];
}

/** A place at which a perch is carried by the base: by an upright as high as told, or lying on it. */
export interface PerchSupport {
  readonly name: string;
  readonly at: readonly [x: number, z: number];
  readonly heightMm: number;
}

/** What stays of a perch beyond the outermost foot on it, mm: common practice. */
export const PERCH_SPARE_MM = 30;
/** Perches are cut to full steps of this. */
const STEP_MM = 5;
/** A log this near to the base lies on it, mm. */
const LIES_MM = 1;
/** Lower ground than this is the base with a little clay on it, mm. */
export const LEAST_PERCH_MM = 6;
/** Air-dry wood, and foam or foil under a skin of clay, g/ml: common practice, from memory. */
export const PERCH_G_PER_ML = { wood: 0.6, rock: 0.5 } as const;
/** Supports of a long perch stand this share of its length from its ends: it then bends least. */
const SUPPORT_SHARE = 0.22;

/** Feet that stand on a perch. */
export const feetOn = <Foot extends StandingFoot>(
  ground: Ground,
  feet: readonly Foot[],
): readonly Foot[] =>
  isPerch(ground) ? feet.filter(({ down, groundMm }) => down && groundMm >= LEAST_PERCH_MM) : [];

const isPerch = ({ kind }: Ground): boolean => kind === 'log' || kind === 'rock' || kind === 'post';

/** The perch that a ground is, with its supports; null for bare ground, a slope or a step, which are the base itself. */
export function perchOf(ground: Ground, feet: readonly StandingFoot[]): Perch | null {
  const on = feetOn(ground, feet);
  switch (ground.kind) {
    case 'log':
      return logPerch(ground, on);
    case 'post':
      return postPerch(ground, on);
    case 'rock':
      return rockPerch(ground, on);
    default:
      return null;
  }
}

const common = { stage: 'stance', target: { kind: 'piece', id: 'ground' } } as const;

/** How far a perch goes across the base, mm: the user's, or what its feet need. */
function acrossWorking(
  label: string,
  own: number | null,
  on: readonly StandingFoot[],
  most = 0,
): Working {
  const zs = on.map(({ ball }) => ball[2]);
  const spread = zs.length === 0 ? 0 : greatest(zs) - least(zs);
  const fitted = Math.ceil(Math.max(most, spread + 2 * PERCH_SPARE_MM) / STEP_MM) * STEP_MM;
  return {
    ...common,
    id: 'stance.perch.across',
    label,
    value: own ?? fitted,
    unit: 'mm',
    provenance: own === null ? 'derived' : 'own',
    ...(own === null
      ? {
          formula: 'q · ⌈max(d, spread + 2 · spare) / q⌉',
          inputs: [
            input('d', say.notLessThan, most, 'mm', 'derived'),
            input('spread', say.spreadOfFeetOnIt, spread, 'mm', 'derived'),
            input('spare', say.beyondOutermostFoot, PERCH_SPARE_MM, 'mm', 'memory'),
            input('q', say.cutTo, STEP_MM, 'mm', 'memory'),
          ],
        }
      : asGiven(say.setByYou, own, 'mm', 'own')),
    source: say.perchCommonPractice,
  };
}

/** Where the middle of what stands on a perch is, across. */
const middleZ = (on: readonly StandingFoot[]): number => {
  const zs = on.map(({ ball }) => ball[2]);
  return zs.length === 0 ? 0 : (least(zs) + greatest(zs)) / 2;
};

const weightWorking = (formula: string, ml: number, gPerMl: number, what: string): Working => ({
  ...common,
  id: 'stance.perch.grams',
  label: say.perchWeighs(what),
  value: ml * gPerMl,
  unit: 'g',
  provenance: 'derived',
  formula,
  inputs: [
    input('v', say.volumeOfPerch, ml, 'ml', 'derived'),
    input('ρ', say.densityOfPerch, gPerMl, 'g/ml', 'memory'),
  ],
  source: say.perchDensities,
});

function logPerch(ground: Extract<Ground, { kind: 'log' }>, on: readonly StandingFoot[]): Perch {
  const { atMm, topMm, diameterMm: d, acrossMm } = ground;
  const liesOnBase = topMm - d <= LIES_MM;
  const kind = liesOnBase ? 'log' : 'branch';
  const name = say.perchNames[kind];
  const length = acrossWorking(say.perchLong(name), acrossMm, on, 2 * d);
  const z0 = middleZ(on) - length.value / 2;
  const weight = weightWorking(
    'm = v · ρ',
    (Math.PI * d * d * length.value) / 4000,
    PERCH_G_PER_ML.wood,
    name,
  );
  return {
    kind,
    name,
    x: [atMm - d / 2, atMm + d / 2],
    z: [z0, z0 + length.value],
    topMm,
    diameterMm: d,
    length,
    width: null,
    supports: [SUPPORT_SHARE, 1 - SUPPORT_SHARE].map((share, i) => ({
      name: `S${i + 1}`,
      at: [atMm, z0 + share * length.value],
      heightMm: liesOnBase ? 0 : topMm - d,
    })),
    weight,
    centre: [atMm, topMm - d / 2, z0 + length.value / 2],
    workings: [length, weight],
  };
}

function postPerch(ground: Extract<Ground, { kind: 'post' }>, on: readonly StandingFoot[]): Perch {
  const { atMm, topMm, diameterMm: d } = ground;
  const z = middleZ(on);
  const name = say.perchNames.post;
  const length: Working = {
    ...common,
    id: 'stance.perch.length',
    label: say.perchHigh(name),
    value: topMm,
    unit: 'mm',
    provenance: 'own',
    ...asGiven(say.setByYou, topMm, 'mm', 'own'),
    source: say.perchCommonPractice,
  };
  const weight = weightWorking(
    'm = v · ρ',
    (Math.PI * d * d * topMm) / 4000,
    PERCH_G_PER_ML.wood,
    name,
  );
  return {
    kind: 'post',
    name,
    x: [atMm - d / 2, atMm + d / 2],
    z: [z - d / 2, z + d / 2],
    topMm,
    diameterMm: d,
    length,
    width: null,
    supports: [{ name: 'S1', at: [atMm, z], heightMm: 0 }],
    weight,
    centre: [atMm, topMm / 2, z],
    workings: [length, weight],
  };
}

function rockPerch(ground: Extract<Ground, { kind: 'rock' }>, on: readonly StandingFoot[]): Perch {
  const { points, acrossMm } = ground;
  const [back, front] = [points[0]![0], points.at(-1)![0]];
  const name = say.perchNames.rock;
  const width = acrossWorking(say.perchWide(name), acrossMm, on);
  const z0 = middleZ(on) - width.value / 2;
  const { area, x, y } = underProfile(points);
  const length: Working = {
    ...common,
    id: 'stance.perch.length',
    label: say.perchLong(name),
    value: front - back,
    unit: 'mm',
    provenance: 'own',
    ...asGiven(say.setByYou, front - back, 'mm', 'own'),
    source: say.perchCommonPractice,
  };
  const weight = weightWorking('m = v · ρ', (area * width.value) / 1000, PERCH_G_PER_ML.rock, name);
  return {
    kind: 'rock',
    name,
    x: [back, front],
    z: [z0, z0 + width.value],
    topMm: greatest(points.map(([, y]) => y)),
    diameterMm: 0,
    length,
    width,
    supports: [SUPPORT_SHARE, 1 - SUPPORT_SHARE].map((share, i) => ({
      name: `S${i + 1}`,
      at: [back + share * (front - back), z0 + width.value / 2],
      heightMm: 0,
    })),
    weight,
    centre: [x, y, z0 + width.value / 2],
    workings: [length, width, weight],
  };
}

/** Where a perch stands on the base, in plan: its own outline, or the uprights under a branch. */
export const perchFootprint = ({ kind, x, z, supports }: Perch): readonly Point2[] =>
  kind === 'branch'
    ? supports.map(({ at }) => at)
    : [
        [x[0], z[0]],
        [x[0], z[1]],
        [x[1], z[0]],
        [x[1], z[1]],
      ];

/** Area under a profile and the middle of it: trapezia between its points (geometry), mm² and mm. */
function underProfile(points: readonly (readonly [number, number])[]): {
  readonly area: number;
  readonly x: number;
  readonly y: number;
} {
  let [area, sumX, sumY] = [0, 0, 0];
  for (const [i, [x, b]] of points.slice(1).entries()) {
    const [px, a] = points[i]!;
    const wide = x - px;
    area += (wide * (a + b)) / 2;
    sumX += (wide * (a + b) * px) / 2 + (wide * wide * (a + 2 * b)) / 6;
    sumY += (wide * (a * a + a * b + b * b)) / 6;
  }
  // A profile without any height lies on the base in its middle.
  if (area === 0) return { area, x: (points[0]![0] + points.at(-1)![0]) / 2, y: 0 };
  return { area, x: sumX / area, y: sumY / area };
}

/** How thick a perch is under a place on it, mm: what a peg may go into. */
export const perchThickAt = ({ kind, diameterMm }: Perch, ground: Ground, x: number): number => {
  const top = groundHeight(ground, x);
  if (kind !== 'log' && kind !== 'branch') return top;
  // A chord of the round, from its upper side straight down.
  const off = ground.kind === 'log' ? x - ground.atMm : 0;
  return 2 * Math.sqrt(Math.max(0, (diameterMm / 2) ** 2 - off * off));
};
