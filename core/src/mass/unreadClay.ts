import type { ClayChoice } from '../piece/pieceSchema.ts';

/** A clay whose label nobody has read yet: the figures of its class hold. */
export const unreadClay = (classId: ClayChoice['classId'], name: string): ClayChoice => ({
  classId,
  name,
  label: { temperatureC: null, limitC: null, minutes: null, perMm: null, packetG: null },
  weighed: null,
  old: false,
  tile: null,
});
