import { freeId, MOST_FOUND, type FoundColour, type Plan, type Workpiece } from '@keen-sinew/core';
import { coloursHeld } from '@keen-sinew/core/palette';
import { withPart } from '../../withPart.ts';
import { withZoneColour } from '../zoneChanges.ts';

/** A colour that was found, kept with the piece; where as many are kept as can be, nothing changes. */
export function withFound(p: Workpiece, found: Omit<FoundColour, 'id'>): Workpiece {
  if (p.colour.found.length >= MOST_FOUND) return p;
  return withPart(p, 'colour', {
    found: [
      ...p.colour.found,
      {
        ...found,
        id: freeId(
          'found',
          p.colour.found.map(({ id }) => id),
        ),
      },
    ],
  });
}

/** A found colour changed, or let go of where `part` is null. Zones that have taken it keep it. */
export const withFoundPart = (
  p: Workpiece,
  id: string,
  part: Partial<FoundColour> | null,
): Workpiece =>
  withPart(p, 'colour', {
    found:
      part === null
        ? p.colour.found.filter((of) => of.id !== id)
        : p.colour.found.map((of) => (of.id === id ? { ...of, ...part } : of)),
  });

/** Zones that aim at other colours. */
export const withZoneHexes = (
  p: Workpiece,
  hexes: readonly (readonly [zone: string, hex: string])[],
): Workpiece => hexes.reduce((of, [zone, hex]) => withZoneColour(of, zone, { hex }), p);

/** Zones that change where all colours of the animal are held to so many of them, by their areas. */
export function heldZones(
  { colour }: Plan,
  many: number,
): readonly (readonly [zone: string, hex: string])[] {
  const own = (colour?.zones ?? []).filter(({ isDetail }) => !isDetail);
  const held = coloursHeld(
    own.map(({ hex, area }) => ({ hex, weight: Math.max(area.value, 1e-3) })),
    many,
  );
  return own.flatMap(({ zone, hex }, i) => (held[i] === hex ? [] : [[zone.id, held[i]!] as const]));
}
