import {
  AS_IT_FOLLOWS,
  freeId,
  LIBRARY_FEATURE,
  type FeatureChange,
  type FittingMaking,
  type Shape,
  type Thing,
  type Workpiece,
} from '@keen-sinew/core';
import { withEntry, withShape } from '../../mass/shapeChanges.ts';
import { withPart } from '../../withPart.ts';

type Fine = Workpiece['wire']['fine'][string];

const OWN = 'own-';

/** The id of the user's own thing that a part is; undefined for one of the animal's. */
export const thingIdOf = (fittingId: string): string | undefined =>
  fittingId.startsWith(OWN) ? fittingId.slice(OWN.length) : undefined;

export const fittingIdOf = (thingId: string): string => `${OWN}${thingId}`;

const shaped = (piece: Workpiece, part: Partial<Shape>): Workpiece =>
  withShape(piece, { ...piece.measure.shape, ...part });

/** The piece with a thing set on its skin. */
export const withNewThing = (piece: Workpiece, thing: Thing): Workpiece =>
  shaped(piece, { things: [...piece.measure.shape.things, thing] });

/** The piece with one of its things changed. */
export const withThing = (piece: Workpiece, id: string, part: Partial<Thing>): Workpiece =>
  shaped(piece, {
    things: piece.measure.shape.things.map((thing) =>
      thing.id === id ? { ...thing, ...part } : thing,
    ),
  });

/** The piece without one of its things, and without what was decided about it. */
export function withoutThing(piece: Workpiece, id: string): Workpiece {
  const things = piece.measure.shape.things.filter((thing) => thing.id !== id);
  const key = fittingIdOf(id);
  const kept = withPart(shaped(piece, { things }), 'fittings', {
    made: withEntry<FittingMaking>(piece.fittings.made, key, undefined),
  });
  return withPart(kept, 'wire', {
    fine: withEntry<Fine>(kept.wire.fine, `part-${key}`, undefined),
  });
}

/** A thing of both sides as two that are changed by themselves, or of two sides as one again. */
export function withParted(piece: Workpiece, id: string, names: readonly [string, string]) {
  const { things } = piece.measure.shape;
  const of = things.find((thing) => thing.id === id);
  if (of === undefined || of.sides !== 'both') return piece;
  const other = freeId(
    id,
    things.map((thing) => thing.id),
  );
  return shaped(piece, {
    things: things.flatMap((thing): readonly Thing[] =>
      thing.id === id
        ? [
            { ...thing, sides: 'left', name: names[0] },
            { ...thing, id: other, sides: 'right', name: names[1] },
          ]
        : [thing],
    ),
  });
}

/** The piece with a part of its animal changed; what is as the library has it is not kept. */
export function withFeature(piece: Workpiece, id: string, part: Partial<FeatureChange>): Workpiece {
  const next = { ...LIBRARY_FEATURE, ...piece.measure.shape.features[id], ...part };
  const isOwn = next.gone || Object.values(next).some((value) => typeof value === 'number');
  const features = withEntry(piece.measure.shape.features, id, isOwn ? next : undefined);
  return shaped(piece, { features });
}

/** The piece with what a part is made of, or how many spares; what follows is not kept. */
export function withMaking(piece: Workpiece, id: string, part: Partial<FittingMaking>): Workpiece {
  const next = { ...AS_IT_FOLLOWS, ...piece.fittings.made[id], ...part };
  const isOwn = Object.values(next).some((value) => value !== null);
  const made = withEntry(piece.fittings.made, id, isOwn ? next : undefined);
  return withPart(piece, 'fittings', { made });
}

/** The piece with a part of its body made apart, or not any more. */
export const withBodyPart = (piece: Workpiece, boneId: string, isApart: boolean): Workpiece =>
  withPart(piece, 'fittings', {
    apart: [...piece.fittings.apart.filter((id) => id !== boneId), ...(isApart ? [boneId] : [])],
  });
