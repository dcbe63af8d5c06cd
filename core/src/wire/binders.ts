import type { BinderId } from '../piece/wireSchema.ts';

/** What holds two wires together, and what heat does to it. */
export interface Binder {
  readonly id: BinderId;
  readonly name: string;
  /** Whether it is wound, and so has a length. */
  readonly wound: boolean;
  /** It holds safely up to this, °C; from memory: the packet decides. */
  readonly holdsToC: number;
  readonly why: string;
}

/** Binders in use; temperatures from memory, the low end of their range. */
export const BINDERS: readonly Binder[] = Object.freeze([
  {
    id: 'tie-wire',
    name: 'thin tie wire',
    wound: true,
    holdsToC: 400,
    why: 'metal goes through every bake',
  },
  {
    id: 'paper-tape',
    name: 'paper tape',
    wound: true,
    holdsToC: 150,
    why: 'paper stands the bake; its glue goes soft, so the clay has to hold it',
  },
  {
    id: 'thread',
    name: 'linen or cotton thread',
    wound: true,
    holdsToC: 150,
    why: 'plant fibre stands the bake; synthetic thread may shrink or melt',
  },
  {
    id: 'putty',
    name: 'two-part epoxy putty',
    wound: false,
    holdsToC: 80,
    why: 'kinds differ, from 80 to 150 °C: read its packet; it sensitises skin, so wear gloves',
  },
  {
    id: 'solder',
    name: 'soft solder',
    wound: false,
    holdsToC: 180,
    why: 'melts from 183 °C; work in good air, and wash the flux off',
  },
  {
    id: 'hot-glue',
    name: 'hot-melt glue',
    wound: false,
    holdsToC: 65,
    why: 'goes soft from 65 °C and lets go inside the clay',
  },
]);

/** The binder with this id. */
export const binderById = (id: BinderId): Binder => BINDERS.find((binder) => binder.id === id)!;
