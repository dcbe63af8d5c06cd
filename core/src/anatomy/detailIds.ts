import type { Animal } from './animal.ts';

/** Ids of what has a colour beside the coat begin with this, so that none is a zone's. */
const MARK = '@';

/** The id of a detail: of the eyes, the nose, the mouth, or a part made apart. */
export const detailId = (part: string): string => `${MARK}${part}`;

/** Ids of all details that an animal can have, with the user's own things: what decisions may be about. */
export const detailIds = (
  { features = [] }: Pick<Animal, 'features'>,
  things: readonly { readonly id: string }[],
): readonly string[] =>
  [
    ...['eyes', 'nose', 'mouth'],
    ...features.map(({ id }) => id),
    ...things.map(({ id }) => `own-${id}`),
  ].map(detailId);
