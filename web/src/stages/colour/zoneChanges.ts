import { NEW_ZONE_COLOUR, type Workpiece } from '@keen-sinew/core';
import { withPart } from '../withPart.ts';

/** What is decided of the colour of a zone or a detail, changed in part. */
export const withZoneColour = (
  p: Workpiece,
  id: string,
  part: Partial<Workpiece['colour']['zones'][string]>,
): Workpiece =>
  withPart(p, 'colour', {
    zones: { ...p.colour.zones, [id]: { ...NEW_ZONE_COLOUR, ...p.colour.zones[id], ...part } },
  });
