import type { School } from '../piece/colourSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

/** Primers and their colours. */
const PRIMERS = { grey: '#8c8c8a', white: '#f2f1ec', black: '#262524' } as const;

/** Whether a way begins on a primer. */
export const isPrimed = (school: School, { primer }: Workpiece['colour']): boolean =>
  primer !== 'none' && (school === 'light-down' || school === 'dark-up');

/** What lies under the first layer: the primer, or the clay itself. */
export const groundHex = (school: School, colour: Workpiece['colour']): string =>
  colour.primer !== 'none' && isPrimed(school, colour) ? PRIMERS[colour.primer] : colour.clayHex;
