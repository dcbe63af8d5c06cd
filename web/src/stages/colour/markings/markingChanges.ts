import {
  freeId,
  MARKING_MOST,
  markingZoneId,
  newMarking,
  type LiePlace,
  type Marking,
  type MarkingStarter,
  type Plan,
  type Workpiece,
} from '@keen-sinew/core';
import { withPart } from '../../withPart.ts';

type Kept = NonNullable<Workpiece['colour']['markings']>;

/** The markings of a piece as it keeps them: its own, or those that its animal brings, taken over to be changed. */
export const keptMarkings = (piece: Workpiece, plan: Plan): Kept =>
  piece.colour.markings ?? plan.markings.markings.map(plain);

/** A marking as a document keeps it: lists of its own, and nothing beside. */
function plain(marking: Marking): Kept[number] {
  const { colours, places, bands } = marking;
  const kept: Kept[number] & { provenance?: unknown } = {
    ...marking,
    colours: colours.map((of) => ({ ...of })),
    places: places.map((of) => ({ ...of })),
    bands: bands.map((of) => ({ ...of })),
  };
  delete kept.provenance;
  return kept;
}

const withAll = (piece: Workpiece, markings: Kept | null): Workpiece =>
  withPart(piece, 'colour', { markings });

/** One marking changed in part. */
export const withMarking = (
  piece: Workpiece,
  plan: Plan,
  id: string,
  part: Partial<Marking>,
): Workpiece =>
  withAll(
    piece,
    keptMarkings(piece, plan).map((of) => (of.id === id ? plain({ ...of, ...part }) : of)),
  );

/** A new one on top of the others; its id is told, so that it can be chosen. */
export function withNewMarking(
  piece: Workpiece,
  plan: Plan,
  starter: MarkingStarter,
  name: string,
): { readonly piece: Workpiece; readonly id: string } {
  const kept = keptMarkings(piece, plan);
  const id = freeId(
    starter,
    kept.map((of) => of.id),
  );
  const made = newMarking(plan.measure.skeleton, starter, id, name);
  return { piece: withAll(piece, [...kept, plain(made)]), id };
}

/** One fewer; what was decided of its colours, and told of a picture, goes with it. */
export function withoutMarking(piece: Workpiece, plan: Plan, id: string): Workpiece {
  const kept = keptMarkings(piece, plan);
  const gone = kept.find((of) => of.id === id);
  const ids = new Set((gone?.colours ?? []).map((_, i) => markingZoneId(id, i)));
  const without = withAll(
    piece,
    kept.filter((of) => of.id !== id),
  );
  const left = <T>(of: Readonly<Record<string, T>>): Record<string, T> =>
    Object.fromEntries(Object.entries(of).filter(([zone]) => !ids.has(zone)));
  return withPart(without, 'colour', {
    zones: left(piece.colour.zones),
    seen: left(piece.colour.seen),
  });
}

/** One moved up (1, painted later) or down (−1) by one place. */
export function withMoved(piece: Workpiece, plan: Plan, id: string, by: 1 | -1): Workpiece {
  const kept = [...keptMarkings(piece, plan)];
  const at = kept.findIndex((of) => of.id === id);
  const to = at + by;
  if (at < 0 || to < 0 || to >= kept.length) return piece;
  [kept[at], kept[to]] = [kept[to]!, kept[at]!];
  return withAll(piece, kept);
}

/** Those that the animal brings again. */
export const withAnimals = (piece: Workpiece): Workpiece => withAll(piece, null);

/** One place of a marking moved. */
export function withMarkingPlace(
  piece: Workpiece,
  plan: Plan,
  id: string,
  n: number,
  part: Partial<LiePlace>,
): Workpiece {
  const marking = keptMarkings(piece, plan).find((of) => of.id === id);
  if (marking === undefined) return piece;
  return withMarking(piece, plan, id, {
    places: marking.places.map((old, i) => (i === n ? { ...old, ...part } : old)),
  });
}

/** Kinds that lie between two corners, and not along or round what is drawn. */
const FREE: ReadonlySet<Marking['kind']> = new Set(['line', 'patch']);

/** The places that a drawn line gives a marking: all of them, or its ends as two corners. */
export function drawnPlaces(
  { kind }: Pick<Marking, 'kind'>,
  drawn: readonly LiePlace[],
): readonly LiePlace[] | undefined {
  if (!FREE.has(kind)) return drawn.length < 2 ? undefined : [drawn[0]!, drawn.at(-1)!];
  if (kind === 'line' && drawn.length < 2) return undefined;
  if (kind === 'patch' && drawn.length < 3) return drawn.slice(0, 1);
  const most = MARKING_MOST.places;
  const step = Math.max(1, (drawn.length - 1) / (most - 1));
  return drawn.length <= most
    ? drawn
    : Array.from({ length: most }, (_, i) => drawn[Math.round(i * step)]!);
}
