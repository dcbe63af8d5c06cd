import type { Workpiece } from '../workshop/workpiece.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import type { Plan } from '../planTypes.ts';
import { neededMm, wireSizes, type WireSizes } from '../strength/sizes.ts';
import { limbsKey } from '../wire/limbDraft.ts';
import { metalById } from '../wire/metals.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import { firstWires } from './firstWires.ts';
import { softWire } from './newPiece.ts';
import { suggestedShells } from './suggestedShells.ts';

/** Wire that shops have and that hands and pliers bend, mm: common practice. */
export const WIRE_SIZES_MM = [0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.2, 1.6, 2, 2.5, 3, 4] as const;
/** Metals in the order in which a new piece takes them: the softest that holds. */
const METALS_TO_TRY = ['aluminium-soft', 'copper-annealed', 'steel-annealed'] as const;
/** Gauges change what a piece weighs, and which wire bears: so often it is looked at again. */
const ROUNDS = 4;
/** The body is heavier or lighter than its thin sections by a little. */
const SPARE = 1.1;

/** Makes a plan, of the answers that are there at once. */
export type PlanOf = (piece: Workpiece) => Plan;

/** The scheme, the gauges and the shells of a piece by its load and size. */
export type Suggestion = NonNullable<Workpiece['suggested']>;

/** The piece with a suggestion in place of what it had, and with the note that it is one. */
export const withSuggestion = (piece: Workpiece, suggested: Suggestion): Workpiece => ({
  ...piece,
  wire: { ...piece.wire, ...suggested.wire },
  mass: { ...piece.mass, shells: suggested.shells },
  suggested,
});

/**
 * What load and size ask for: shells that leave a core, the softest and thinnest wire that bears its load under raw
 * clay and is still covered; and where a limb cannot hide one, a back iron in place of wires that would give. It takes
 * a few plans; what the user chose does not matter to it.
 */
export function suggestion(piece: Workpiece, plan: PlanOf): Suggestion {
  const { lifePerModel, skeleton } = plan(piece).measure;
  const first = firstWires(skeleton, lifePerModel);
  let found: Suggestion = {
    wire: {
      scheme: 'bound-loops',
      coverMm: first.coverMm,
      spine: { ...softWire(first.spineMm), strands: 2 },
      limbs: Object.fromEntries(
        Object.entries(first.limbsMm).map(([pair, mm]) => [pair, softWire(mm)]),
      ),
      fine: {},
    },
    shells: suggestedShells(skeleton, piece, lifePerModel),
  };
  for (let round = 0; round < ROUNDS; round++) {
    const next = stronger(plan(withSuggestion(piece, found)), found);
    if (next === found) return found;
    found = next;
  }
  return found;
}

/** The piece as load and size suggest it, whatever it had before. */
export const sound = (piece: Workpiece, plan: PlanOf): Workpiece =>
  withSuggestion(piece, suggestion(piece, plan));

/**
 * A piece whose size or stance changed: what was still as suggested before is as suggested now, and what the user
 * chose stays. A piece that never took a suggestion stays as it is.
 */
export function followed(before: Workpiece, after: Workpiece, plan: PlanOf): Workpiece {
  const { suggested: was } = before;
  if (was === null) return after;
  const now = suggestion(after, plan);
  const { wire, mass } = before;
  return {
    ...after,
    wire: {
      ...after.wire,
      scheme: still(wire.scheme, was.wire.scheme) ? now.wire.scheme : after.wire.scheme,
      coverMm: still(wire.coverMm, was.wire.coverMm) ? now.wire.coverMm : after.wire.coverMm,
      spine: still(wire.spine, was.wire.spine) ? now.wire.spine : after.wire.spine,
      limbs: eachStill(wire.limbs, was.wire.limbs, now.wire.limbs),
      fine: eachStill(wire.fine, was.wire.fine, now.wire.fine),
    },
    mass: { ...after.mass, shells: eachStill(mass.shells, was.shells, now.shells) },
    suggested: now,
  };
}

/** Whether a decision is still what was suggested. */
export const still = (own: unknown, suggested: unknown): boolean =>
  JSON.stringify(own) === JSON.stringify(suggested);

/** Decisions by name: those of the user’s stay, the others are as suggested now. */
function eachStill<T>(
  own: Readonly<Record<string, T>>,
  was: Readonly<Record<string, T>>,
  now: Readonly<Record<string, T>>,
): Record<string, T> {
  const mine = Object.entries(own).filter(([key, value]) => !still(value, was[key]));
  // What the user took away stays away.
  const taken = Object.keys(was).filter((key) => !Object.hasOwn(own, key));
  const theirs = Object.entries(now).filter(([key]) => !taken.includes(key));
  return Object.fromEntries([...theirs, ...mine]);
}

/** A suggestion whose wires bear what those of a plan do not; the same where all do. */
function stronger(plan: Plan, found: Suggestion): Suggestion {
  const mostMm = new Map(
    plan.wire.snags.flatMap((snag): [string, number][] =>
      snag.code === 'wire-too-thick' && snag.target?.kind === 'wire'
        ? [[snag.target.id, snag.facts.maxWireMm]]
        : [],
    ),
  );
  const giving = new Set([
    ...plan.strength.joints
      .filter(({ posedShare, turnedShare }) => Math.max(posedShare, turnedShare) > 1)
      .map(({ wire }) => wire.id),
    ...plan.strength.pegs
      .filter(({ stiff, bending }) => !stiff && bending.value > 100)
      .map(({ wireId }) => wireId),
  ]);
  const weak = plan.wire.wires.filter(({ id }) => mostMm.has(id) || giving.has(id));
  let { wire } = found;
  const canStand = plan.stance.feet.some(({ contact, down }) => down && contact.kind === 'foot');
  const onIron = { ...found, wire: { ...wire, scheme: 'back-iron' as const } };
  const mayIron = canStand && wire.scheme === 'bound-loops';
  // On one foot a piece turns about it: an iron keeps it.
  if (mayIron && plan.balance.snags.some(({ code }) => code === 'too-few-feet')) return onIron;
  const { skeleton } = plan.measure;
  for (const one of weak) {
    const sizes = wireSizes(one, plan.strength.joints, plan.piece.wire.ownMetals);
    const most = Math.min(sizes.mostMm, mostMm.get(one.id) ?? Infinity);
    const choice = bearing(one, { ...sizes, mostMm: most }, plan);
    if (choice === undefined) continue;
    if (one.kind === 'spine') wire = { ...wire, spine: { ...wire.spine, ...choice } };
    else if (one.kind === 'limbs') {
      const pair = skeleton.plan.limbPairs.find(({ id }) => limbsKey(id) === one.key);
      if (pair !== undefined)
        wire = { ...wire, limbs: { ...wire.limbs, [pair.id]: { ...choice, strands: 1 } } };
    } else if (one.kind === 'fine') {
      const part = plan.wire.fine.find(({ bones }) => one.key === `fine:${bones[0]!.bone.id}`);
      if (part !== undefined)
        wire = { ...wire, fine: { ...wire.fine, [part.key]: { ...choice, count: part.count } } };
    }
  }
  const isSame = wire === found.wire || JSON.stringify(wire) === JSON.stringify(found.wire);
  if (!isSame) return { ...found, wire };
  const isLegs = weak.some(({ kind, id }) => kind === 'limbs' && !mostMm.has(id));
  return isLegs && mayIron ? onIron : found;
}

/** The softest metal and the thinnest wire of the shop that bears a wire’s load and is covered; undefined where none is. */
function bearing(
  wire: PlannedWire,
  { at, mostMm }: WireSizes,
  plan: Plan,
): Pick<WireChoice, 'metal' | 'size'> | undefined {
  if (at === undefined) return undefined;
  const from = METALS_TO_TRY.findIndex((id) => id === wire.metal);
  for (const id of METALS_TO_TRY.slice(Math.max(0, from))) {
    const leastMm = SPARE * neededMm(at, metalById(id, plan.piece.wire.ownMetals));
    const mm = WIRE_SIZES_MM.find((size) => size >= leastMm && size <= mostMm);
    if (mm !== undefined) return { metal: id, size: { system: 'mm', value: mm } };
  }
  return undefined;
}
