import * as say from './words.ts';
import { markingOn, type Marking, type MarkingKind } from '@keen-sinew/core';

/** A number of a marking that can be typed. */
export interface SizeField {
  readonly key: 'widthMm' | 'stepMm' | 'lengthMm' | 'repeats' | 'share' | 'edgeMm' | 'vary';
  readonly label: string;
  readonly as: 'length' | 'signed' | 'count' | 'percent';
}

const length = (key: SizeField['key'], label: string): SizeField => ({ key, label, as: 'length' });
const width = length('widthMm', say.width);
const step = length('stepMm', say.step);
const count: SizeField = { key: 'repeats', label: say.repeats, as: 'count' };
const farOut: SizeField = { key: 'share', label: say.farOut, as: 'percent' };

/** What each kind has of its own. */
const FIELDS: Readonly<Record<MarkingKind, readonly SizeField[]>> = {
  field: [length('widthMm', say.wanders)],
  rings: [count],
  zigzag: [width, length('lengthMm', say.swing), step, count],
  stripes: [width, count],
  line: [width],
  patch: [width, length('lengthMm', say.long)],
  spots: [width, step],
  rosettes: [width, step],
  eyespots: [width, step],
  marbling: [length('widthMm', say.coarse), { key: 'share', label: say.covers, as: 'percent' }],
  'wing-border': [width],
  'wing-veins': [width],
  'wing-dots': [width, farOut],
  'wing-bars': [width, step],
  'wing-tip': [farOut],
  'wing-spot': [width, farOut, { key: 'lengthMm', label: say.offMiddle, as: 'signed' }],
  'feather-edges': [width],
  'feather-bars': [width, step],
};

/** The numbers of a marking: those of its kind, then its edge and how irregular it is. */
export const fieldsOf = (marking: Marking): readonly SizeField[] => [
  // A patch with an outline has no size beside it.
  ...(marking.kind === 'patch' && marking.places.length > 2
    ? [length('widthMm', say.wanders)]
    : FIELDS[marking.kind]),
  ...(marking.edge === 'hard' || markingOn(marking) === 'feathers'
    ? []
    : [length('edgeMm', say.edgeOver)]),
  ...(markingOn(marking) === 'skin'
    ? [{ key: 'vary', label: say.vary, as: 'percent' } as const]
    : []),
];
