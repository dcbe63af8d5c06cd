import type { Marking } from '../anatomy/marking.ts';
import { noiseAt, noiseBelow } from './noise.ts';
import type { SkinSpot } from './skinPoint.ts';

/**
 * Irregularity at a spot, read on a tube as thick as the skin there, so that it has no seam: one wave over about
 * 2 / `perMm`, life mm.
 */
export function noiseOnTube(
  { along, girth }: SkinSpot,
  round: number,
  perMm: number,
  seed: number,
): number {
  if (girth <= 0) return noiseAt(along * perMm, 0, 0, seed);
  const angle = (2 * Math.PI * round) / girth;
  const radius = (girth / (2 * Math.PI)) * perMm;
  return noiseAt(along * perMm, radius * Math.cos(angle), radius * Math.sin(angle), seed);
}

/** An edge wanders by this share of the width at most, at full irregularity; in waves so much longer than the width. */
const WANDERS = 0.7;
const WAVE = 1.6;

/** How far the edge of a marking strays at a spot, life mm; as often out as in. */
export function wander({ vary, widthMm, seed }: Marking, spot: SkinSpot, round: number): number {
  if (vary === 0) return 0;
  const waves = noiseOnTube(spot, round, 1 / (WAVE * widthMm), seed);
  return vary * WANDERS * widthMm * (waves - 0.5);
}

/**
 * How far outside a marking whose edge strays a spot lies, life mm. Where it is farther in or out than `reachMm`
 * whatever the edge does, that is not worked out.
 */
export function strayed(
  outMm: number,
  marking: Marking,
  spot: SkinSpot,
  round: number,
  reachMm: number,
): number {
  const most = (marking.vary * WANDERS * marking.widthMm) / 2;
  return Math.abs(outMm) > reachMm + most ? outMm : outMm + wander(marking, spot, round);
}

/** Crumbs at a broken edge are so coarse against how far it breaks up. */
const CRUMB = 0.4;

/** How far a broken edge strays at a spot, life mm; 0 for the others. */
export function crumbs(
  { edge, edgeMm, seed }: Pick<Marking, 'edge' | 'edgeMm' | 'seed'>,
  spot: SkinSpot,
  round: number,
): number {
  if (edge !== 'broken') return 0;
  return 2 * edgeMm * (noiseOnTube(spot, round, 1 / (CRUMB * edgeMm), seed + 31) - 0.5);
}

/** How far outside islands a spot lies that cover so much of all skin, life mm: `coarse` mm from one to the next. */
export function outOfIslands(
  spot: SkinSpot,
  round: number,
  share: number,
  coarse: number,
  seed: number,
): number {
  const first = noiseOnTube(spot, round, 1 / coarse, seed);
  // A second, finer wave, so that they are no balls.
  const height = (2 * first + noiseOnTube(spot, round, 2.1 / coarse, seed + 11)) / 3;
  const limit = (2 * noiseBelow(1 - share) + noiseBelow(0.5)) / 3;
  return (limit - height) * coarse;
}
