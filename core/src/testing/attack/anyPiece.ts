import fc from 'fast-check';
import type { Animal } from '../../anatomy/animal.ts';
import { planById } from '../../anatomy/registry.ts';
import { readTodaysPiece } from '../../formats/pieceFile.ts';
import { groundSchema } from '../../piece/stanceSchema.ts';
import { pieceSchema } from '../../piece/pieceSchema.ts';
import type { Piece } from '../../piece/pieceSchema.ts';
import { problemSentence } from '../../units/problem.ts';
import { BUILT_IN_METAL_IDS } from '../../piece/metalIds.ts';
import { WORKSHOP_GAUGES } from '../../units/gauges.ts';
import { anyOf, type Known } from './anyOf.ts';

const from = (names: readonly string[]): fc.Arbitrary<string> => fc.constantFrom(...names);

/** Names that an animal's piece may use, by the path at which it may. */
// eslint-disable-next-line max-lines-per-function -- one table of names
function namesOf(animal: Animal): Known {
  const plan = planById(animal.planId)!;
  const ids = from(plan.bones.map(({ id }) => id));
  const keys = from([...new Set(plan.bones.map(({ key }) => key))]);
  const feet = plan.contacts.map(({ id }) => id);
  const pairs = plan.limbPairs.map(({ id }) => id);
  const regions = from(plan.regions.map(({ id }) => id));
  const zones = from(animal.coat.map(({ id }) => id));
  const stances = from(plan.stances.map(({ id }) => id));
  const gaits = from(['walk', 'trot', 'gallop', 'none', ...plan.gaits.map(({ id }) => id)]);
  const lifted = fc.option(fc.subarray([...feet]), { nil: null });
  const size = fc.oneof(
    fc.constantFrom(...WORKSHOP_GAUGES).map((value) => ({ system: 'AWG', value })),
    fc.double({ min: 0.1, max: 12, noNaN: true }).map((value) => ({ system: 'mm', value })),
  );
  const metal = from(BUILT_IN_METAL_IDS);
  const featureIds = (animal.features ?? []).map(({ id }) => id);
  const contact = from(feet.length > 0 ? feet : ['none']);
  return {
    id: fc.constant('any'),
    'measure.animalId': fc.constant(animal.id),
    'measure.creature': fc.constant(null),
    'measure.lifeLengths.#': keys,
    'measure.scale.sizeId': from(plan.sizes.map(({ id }) => id)),
    'measure.individual.sex': fc.option(
      from((animal.sexes ?? []).map((sex) => sex.name).concat('x')),
      { nil: null },
    ),
    'measure.shape.sections.#': fc.oneof(keys, ids),
    'measure.shape.bulk.#': from([...plan.muscles.map(({ id }) => id), 'none']),
    'measure.shape.fatMm.#': regions,
    'measure.shape.features.#': from([...featureIds, 'none']),
    'measure.shape.things.*.boneId': ids,
    'measure.shape.things.*.row.boneId': ids,
    'fittings.made.#': from(['eyes', ...featureIds, 'none']),
    'fittings.apart.*': ids,
    'references.readings.#': ids,
    'references.pictures.*.landmarks.#': from([...plan.bones.map(({ id }) => id), 'withers']),
    'stance.presetId': stances,
    'stance.gait.id': gaits,
    'stance.anglesDeg.#': ids,
    'stance.lifted': lifted,
    'stance.locked.*': fc.oneof(ids, contact),
    'stance.ground': anyOf(groundSchema).map(risingRock),
    'stance.weight.boneId': ids,
    'stance.kept.*.presetId': stances,
    'stance.kept.*.gait.id': gaits,
    'stance.kept.*.anglesDeg.#': ids,
    'stance.kept.*.lifted': lifted,
    ...(pairs.length > 0 ? { 'wire.ways.#': from(pairs) } : { 'wire.ways': fc.constant({}) }),
    'wire.limbs.#': from([...pairs, ...feet, 'none']),
    'wire.fine.#': fc.oneof(
      keys,
      from(featureIds.map((id) => `part-${id}`).concat(plan.bones[0]!.key)),
    ),
    'wire.freeJoints.*': ids,
    'wire.routes.#': from(['spine', ...pairs.map((id) => `limbs:${id}`)]),
    'wire.routes.*.*.*.boneId': ids,
    'wire.routes.*.*.*.contactId': contact,
    'wire.routes.*.*.*.pairId': from(pairs.length > 0 ? pairs : ['none']),
    ...Object.fromEntries(
      ['wire.spine', 'wire.limbs.*', 'wire.rod', 'wire.fine.*', 'wire.binder'].flatMap((at) => [
        [`${at}.size`, size],
        [`${at}.metal`, metal],
      ]),
    ),
    'wire.rod.size': fc.option(size, { nil: null }),
    'mass.shells.#': regions,
    'mass.vents.*': regions,
    'mass.cards.*.boneId': ids,
    'skin.zones.#': zones,
    'skin.marks.*.places.*.boneId': ids,
    'skin.stamps.*.zone': zones,
    'skin.rows.#': from(['trunk', 'tail', 'neck']),
    'skin.feathers.rows.#': from(['primaries', 'secondaries', 'tail']),
    'skin.feathers.blades.#': from((animal.blades ?? []).map(({ id }) => id).concat('wing')),
    'skin.feathers.grown.#': from(['L.P1', 'R.S3', 'L.R6']),
    'skin.feathers.shapes.#': from(['P1', 'S3', 'tail']),
    'colour.zones.#': zones,
    'colour.seen.#': zones,
    'colour.markings.*.id': from(['mark-a', 'mark-b', 'zigzag']),
    'colour.markings.*.places.*.boneId': ids,
    'colour.markings.*.part': fc.option(
      fc.oneof(zones, from((animal.blades ?? []).map(({ id }) => id).concat('wing'))),
      { nil: null },
    ),
  };
}

/** The points of a rock in rising order, which its schema asks for. */
function risingRock(ground: unknown): unknown {
  const { kind, points } = ground as {
    kind: string;
    points: readonly (readonly [number, number])[];
  };
  if (kind !== 'rock') return ground;
  const sorted = points
    .toSorted(([a], [b]) => a - b)
    .filter(([x], i, all) => i === 0 || x - all[i - 1]![0] >= 0.1);
  return {
    ...(ground as object),
    points:
      sorted.length > 1
        ? sorted
        : [
            [-10, 0],
            [10, 5],
          ],
  };
}

/** Pieces of an animal over the whole range of their schema, each as its reader takes it. */
export function anyPiece(animal: Animal): fc.Arbitrary<Piece> {
  return anyOf(pieceSchema, namesOf(animal)).map((data) => {
    const { measure } = data as Piece;
    const withBox =
      measure.scale.by === 'box' && measure.box === null
        ? { ...measure, scale: { by: 'ratio', lifePerModel: 4 } }
        : measure;
    const read = readTodaysPiece({ ...(data as Piece), measure: withBox });
    if (!read.ok) throw new Error(`no piece of the schema: ${problemSentence(read.problem)}`);
    return read.value.piece;
  });
}
