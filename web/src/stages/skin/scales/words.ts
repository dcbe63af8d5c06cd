/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// ScalesStage.vue
export const skinLaidFlat = 'The skin laid flat';
export const partLaidFlat = 'The part that is laid flat';
export const noTubes = 'No part of this animal is long enough to wrap skin round.';
export const skinLaidFlatTrue =
  'The skin laid flat at the model’s size, with its rows of scales, and stamps';
export const noScalesHere = 'This animal has no scales in rows.';
export const stampsAndRollers = 'Stamps and rollers';

// TubeRows.vue
export const changeRows = (name: string): string => `Change the rows of the ${name}`;
export const scalesRound = 'Scales round';
export const rowsAlong = 'Rows along';
export const counted = 'counted';
export const howToWrapBelly =
  'Print it at 1:1, cut it out, wrap it with its dashed line along the back and prick the rows through, or trace them. Belly plates close at the seam.';
export const howToWrap =
  'Print it at 1:1, cut it out, wrap it with its dashed line along the back and prick the rows through, or trace them.';
export const plainTube = 'No scales here: the flat skin serves to carry marks and seams over.';

// StampList.vue
export const noScaleZones = 'No zone of this animal has scales to press.';
export const changeStamp = 'Change a stamp';
export const addStamp = 'Add a stamp';
export const removeStamp = 'Remove a stamp';
export const newStamp = 'Scale stamp';
export const stampKind = 'Stamp';
export const rollerKind = 'Roller';
export const scalesAcross = 'Scales side by side';
export const scalesAlong = 'Scales one after the other';
export const nameOfStamp = 'Name of the stamp';
export const kindOf = (name: string): string => `Kind of ${name}`;
export const forZone = 'For the zone';
export const zoneOf = (name: string): string => `Zone of ${name}`;
export const countOf = (what: string, name: string): string => `${what}, ${name}`;
export const rollerThick = 'Diameter of the roller';
export const remove = 'Remove';
export const howStampIsMade =
  'Cut or print the negative, press it into soft clay and bake that, or prick it into card: its raised scales press hollows, its hollows raise scales. Dust it before each press.';
