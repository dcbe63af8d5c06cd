import type { CoatZone } from '../anatomy/coat.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { toRad } from '../units/angles.ts';

/** Life hair length in mm of a zone: the user's, or the animal's; 0 for bare skin. */
export const hairLifeMm = (zone: CoatZone, skin: Pick<Piece['skin'], 'zones'>): number =>
  skin.zones[zone.id]?.hairMm ?? zone.hair?.mm ?? 0;

/** How far in life hair of a length stands off the skin, mm: its length × the sine of its lie. Common practice. */
export const standOffMm = ({ lieDeg }: CoatZone, hairMm: number): number =>
  hairMm * Math.sin(toRad(lieDeg));

/**
 * How far in life a coat of applied fibre stands off the skin, mm: hair length × sin(lie). The clay
 * under it must be that much smaller, or the animal comes out fat. 0 where the coat is carved.
 * Common practice.
 */
export function undersizeLifeMm(zone: CoatZone, skin: Pick<Piece['skin'], 'zones'>): number {
  if (skin.zones[zone.id]?.method !== 'fibre') return 0;
  return standOffMm(zone, hairLifeMm(zone, skin));
}
