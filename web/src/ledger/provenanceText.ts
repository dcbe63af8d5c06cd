import type { Provenance } from '@keen-sinew/core';

/** How a provenance is written beside a number, and what it means. */
export const PROVENANCE_TEXT: Readonly<
  Record<Provenance, { readonly short: string; readonly long: string }>
> = {
  measured: { short: 'measured', long: 'measured by you' },
  photo: { short: 'photo', long: 'traced on a picture' },
  published: { short: 'published', long: 'from a named publication' },
  memory: { short: 'memory', long: 'general knowledge, to be checked' },
  derived: { short: 'calc', long: 'calculated here' },
  own: { short: 'yours', long: 'decided by you' },
};
