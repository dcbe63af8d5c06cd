import type { Recall } from '../piece/memory.ts';
import { withoutMemory } from '../piece/memory.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { WORKSHOP_FORMAT, WORKSHOP_VERSION, type Workshop } from './workshopSchema.ts';

/** What the maker has at hand that the bench reads: stock, paints, pace. */
export type AtHand = Pick<Workshop, (typeof AT_HAND)[number]>;

const AT_HAND = [
  ...(['clays', 'paints', 'supplies', 'used', 'pace', 'sittingH', 'hours'] as const),
  ...(['records', 'lessons', 'hourRate', 'marginPercent'] as const),
] as const;

/**
 * A piece as it lies in its workshop: its own decisions, and beside them, section by section, what the
 * workshop gives. A plan is made from this; what is stored are the two documents that it is made of.
 */
export interface Workpiece extends Omit<Piece, 'measure' | 'wire' | 'mass' | 'cure' | 'skin'> {
  readonly measure: Piece['measure'] & {
    readonly oven: Workshop['oven']['inside'];
    readonly ovenAirMm: number;
  };
  readonly wire: Piece['wire'] & Workshop['wire'];
  readonly mass: Piece['mass'] & {
    readonly foil: Workshop['foil'];
    readonly paperMm: number;
    readonly sheet: Workshop['claySheet'];
  };
  readonly cure: Piece['cure'] & {
    readonly fan: boolean;
    readonly ovenOffsetC: number;
    readonly ovenLearnt: Workshop['oven']['learnt'];
    readonly stuffs: Workshop['stuffs'];
  };
  readonly skin: Piece['skin'] & Pick<Workshop, 'tools' | 'ownTools'>;
  readonly atHand: AtHand;
}

/** Lays a piece into a workshop. Sections that did not change come out as the same objects. */
export function inWorkshop(
  piece: Piece,
  workshop: Workshop,
  recall: Recall = withoutMemory,
): Workpiece {
  const { inside, airMm, fan, offsetC, learnt } = workshop.oven;
  const { stuffs, foil, paperMm, claySheet, tools, ownTools } = workshop;
  return {
    ...piece,
    measure: recall(measured, { own: piece.measure, inside, airMm }),
    wire: recall(wired, { own: piece.wire, wire: workshop.wire }),
    mass: recall(massed, { own: piece.mass, foil, paperMm, sheet: claySheet }),
    cure: recall(cured, { own: piece.cure, fan, offsetC, learnt, stuffs }),
    skin: recall(skinned, { own: piece.skin, tools, ownTools }),
    atHand: recall(atHandOf, pick(workshop, AT_HAND)),
  };
}

type Own<S extends keyof Piece> = { readonly own: Piece[S] };

const measured = (
  of: Own<'measure'> & { inside: Workshop['oven']['inside']; airMm: number },
): Workpiece['measure'] => ({ ...of.own, oven: of.inside, ovenAirMm: of.airMm });

const wired = (of: Own<'wire'> & Pick<Workshop, 'wire'>): Workpiece['wire'] => ({
  ...of.own,
  ...of.wire,
});

const massed = ({
  own,
  ...shop
}: Own<'mass'> & Pick<Workpiece['mass'], 'foil' | 'paperMm' | 'sheet'>): Workpiece['mass'] => ({
  ...own,
  ...shop,
});

const cured = (
  of: Own<'cure'> & Pick<Workshop['oven'], 'fan' | 'offsetC' | 'learnt'> & Pick<Workshop, 'stuffs'>,
): Workpiece['cure'] => ({
  ...of.own,
  fan: of.fan,
  ovenOffsetC: of.offsetC,
  ovenLearnt: of.learnt,
  stuffs: of.stuffs,
});

const skinned = ({
  own,
  ...shop
}: Own<'skin'> & Pick<Workshop, 'tools' | 'ownTools'>): Workpiece['skin'] => ({ ...own, ...shop });

const atHandOf = (of: AtHand): AtHand => of;

/** Some fields of an object. */
const pick = <T extends object, K extends keyof T>(of: T, keys: readonly K[]): Pick<T, K> =>
  Object.fromEntries(keys.map((key) => [key, of[key]])) as Pick<T, K>;

/** The two documents that a workpiece is made of. */
export interface Documents {
  readonly piece: Piece;
  readonly workshop: Workshop;
}

/** Takes a workpiece apart again into its two documents; the inverse of {@link inWorkshop}. */
export function parted(workpiece: Workpiece): Documents {
  const { measure, wire, mass, cure, skin, atHand, ...rest } = workpiece;
  const { oven: inside, ovenAirMm: airMm, ...ownMeasure } = measure;
  const { stock, sold, ownMetals, testBends, sawLossMm, keepMm, ...ownWire } = wire;
  const { foil, paperMm, sheet: claySheet, ...ownMass } = mass;
  const { fan, ovenOffsetC: offsetC, ovenLearnt: learnt, stuffs, ...ownCure } = cure;
  const { tools, ownTools, ...ownSkin } = skin;
  return {
    piece: {
      ...rest,
      measure: ownMeasure,
      wire: ownWire,
      mass: ownMass,
      cure: ownCure,
      skin: ownSkin,
    },
    workshop: {
      format: WORKSHOP_FORMAT,
      version: WORKSHOP_VERSION,
      oven: { inside, airMm, fan, offsetC, learnt },
      wire: { stock, sold, ownMetals, testBends, sawLossMm, keepMm },
      stuffs,
      foil,
      paperMm,
      claySheet,
      tools,
      ownTools,
      ...atHand,
    },
  };
}

/** Whether two workpieces lie in one and the same workshop. */
export function sameWorkshop(a: Workpiece, b: Workpiece): boolean {
  const [left, right] = [leaves(parted(a).workshop), leaves(parted(b).workshop)];
  return left.every((value, i) => value === right[i]);
}

/** What of a workshop is replaced as a whole when it changes. */
const leaves = ({ oven, wire, ...rest }: Workshop): readonly unknown[] =>
  [oven, wire, rest].flatMap((of) => Object.values(of));

/** Everything decided about the wire, the piece's and the workshop's. */
export type WireDecisions = Workpiece['wire'];

/** Fields of a workpiece's sections that are the workshop's. */
const OF_WORKSHOP: Readonly<Record<string, readonly string[]>> = {
  measure: ['oven', 'ovenAirMm'],
  wire: ['stock', 'sold', 'ownMetals', 'testBends', 'sawLossMm', 'keepMm'],
  mass: ['foil', 'paperMm', 'sheet'],
  cure: ['fan', 'ovenOffsetC', 'ovenLearnt', 'stuffs'],
  skin: ['tools', 'ownTools'],
};

/** Whether a place in a workpiece, as a path of keys, belongs to the workshop. */
export function isOfWorkshop([section, field]: readonly (string | number)[]): boolean {
  if (section === 'atHand') return true;
  const fields = typeof section === 'string' ? OF_WORKSHOP[section] : undefined;
  return fields?.includes(String(field)) ?? false;
}
