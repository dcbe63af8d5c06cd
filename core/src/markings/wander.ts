import type { Marking } from '../anatomy/marking.ts';
import { scale, type Vec3 } from '../geometry/vec3.ts';
import { noise, noiseBelow } from './noise.ts';
import type { SkinSpot } from './skinPoint.ts';

/** Where irregularity is read at a spot: on a tube as thick as the skin there, so that it has no seam; life mm. */
export function onTube({ along, girth }: SkinSpot, round: number): Vec3 {
  if (girth <= 0) return [along, 0, 0];
  const angle = (2 * Math.PI * round) / girth;
  const radius = girth / (2 * Math.PI);
  return [along, radius * Math.cos(angle), radius * Math.sin(angle)];
}

/** An edge wanders by this share of the width at most, at full irregularity; in waves so much longer than the width. */
const WANDERS = 0.7;
const WAVE = 1.6;

/** How far the edge of a marking strays at a spot, life mm; as often out as in. */
export function wander({ vary, widthMm, seed }: Marking, spot: SkinSpot, round: number): number {
  if (vary === 0) return 0;
  const waves = noise(scale(onTube(spot, round), 1 / (WAVE * widthMm)), seed);
  return vary * WANDERS * widthMm * (waves - 0.5);
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
  return 2 * edgeMm * (noise(scale(onTube(spot, round), 1 / (CRUMB * edgeMm)), seed + 31) - 0.5);
}

/** How far outside islands a spot lies that cover so much of all skin, life mm: `coarse` mm from one to the next. */
export function outOfIslands(
  spot: SkinSpot,
  round: number,
  share: number,
  coarse: number,
  seed: number,
): number {
  const at = scale(onTube(spot, round), 1 / coarse);
  // A second, finer wave, so that they are no balls.
  const height = (2 * noise(at, seed) + noise(scale(at, 2.1), seed + 11)) / 3;
  const limit = (2 * noiseBelow(1 - share) + noiseBelow(0.5)) / 3;
  return (limit - height) * coarse;
}
