/**
 * Kinds of damage that a record of a piece can have, as code that runs in the page: `raw` is a sound record,
 * and what each returns is stored in its place.
 */
export const DAMAGED: Readonly<Record<string, (raw: never) => unknown>> = {
  'nothing at all': () => undefined,
  'an empty text': () => '',
  'a number': () => 7,
  'an empty group': () => ({}),
  'cut short': (raw) => JSON.stringify(raw).slice(0, 200),
  'without its piece': (raw: object) => ({ ...raw, piece: null }),
  'a piece that is a list': (raw: object) => ({ ...raw, piece: [] }),
  'a version that is a word': (raw: { piece: object }) => ({
    ...raw,
    piece: { ...raw.piece, version: 'ten' },
  }),
  'a version below all': (raw: { piece: object }) => ({
    ...raw,
    piece: { ...raw.piece, version: -3 },
  }),
  'a version of a prototype': (raw: { piece: object }) => ({
    ...raw,
    piece: { ...raw.piece, version: 'constructor' },
  }),
  'a newer version': (raw: { piece: object }) => ({ ...raw, piece: { ...raw.piece, version: 99 } }),
  'a step that is nothing': (raw: object) => ({ ...raw, past: [null] }),
  'steps that are no list': (raw: object) => ({ ...raw, past: { length: 3 } }),
  'foreign fields': (raw: { piece: object }) => ({ ...raw, piece: { ...raw.piece, magic: 1 } }),
  'numbers that are none': (raw: { piece: { wire: object } }) => ({
    ...raw,
    piece: { ...raw.piece, wire: { ...raw.piece.wire, coverMm: Number.NaN } },
  }),
  'a circle': (raw: { piece: object }) => {
    const piece: Record<string, unknown> = { ...raw.piece };
    piece['measure'] = piece;
    return { ...raw, piece };
  },
  'the id of another': (raw: { piece: object }) => ({
    ...raw,
    piece: { ...raw.piece, id: 'wolf-at-the-carr' },
  }),
  'a picture that is missing': (raw: { piece: { references: { pictures: object[] } } }) => ({
    ...raw,
    piece: {
      ...raw.piece,
      references: {
        ...raw.piece.references,
        pictures: raw.piece.references.pictures.map((picture) => ({ ...picture, shipped: null })),
      },
    },
  }),
  'a revision that is none': (raw: object) => ({ ...raw, revision: Number.NaN }),
  'a date that is none': (raw: object) => ({ ...raw, savedAt: 12 }),
};
