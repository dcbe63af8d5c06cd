import { GRAVITY } from '../units/gravity.ts';

/** Froude number v²/(g·h), for a speed in m/s and a hip height in m. */
export const froude = (speedMs: number, hipM: number, gravity = GRAVITY): number =>
  speedMs ** 2 / (gravity * hipM);

/** Speed in m/s at a Froude number. */
export const speedAtFroude = (number: number, hipM: number, gravity = GRAVITY): number =>
  Math.sqrt(number * gravity * hipM);

/**
 * Speed in m/s from the stride (same foot to same foot) and the hip height, both in m:
 * v = 0.25·√g·SL^1.67·h^−1.17 (R. McN. Alexander, Nature 261, 1976; constants from memory).
 */
export const alexanderSpeed = (strideM: number, hipM: number, gravity = GRAVITY): number =>
  0.25 * Math.sqrt(gravity) * strideM ** 1.67 * hipM ** -1.17;

/** Hip height over the length of the foot, two-footed dinosaurs (Alexander 1976; from memory). */
const HIP_PER_FOOT = 4;

/** Hip height from the length of a footprint, same unit. */
export const hipHeightFromFoot = (footLength: number): number => HIP_PER_FOOT * footLength;

export type GaitClass = 'walk' | 'trot' | 'run';

/** Relative stride SL/h: below 2.0 a walk, to 2.9 a trot, above it a run (T. Thulborn 1990; memory). */
export function gaitByRelativeStride(relativeStride: number): GaitClass {
  if (relativeStride < 2) return 'walk';
  return relativeStride <= 2.9 ? 'trot' : 'run';
}

/** Stride in m at a speed in m/s: the same relation turned round. */
export const alexanderStride = (speedMs: number, hipM: number, gravity = GRAVITY): number =>
  (speedMs / (0.25 * Math.sqrt(gravity) * hipM ** -1.17)) ** (1 / 1.67);
