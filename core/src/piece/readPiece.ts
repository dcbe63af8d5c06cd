import * as say from './words.ts';
import { CREATURE_VERSION } from '../anatomy/creature.ts';
import { migrateCreature } from '../anatomy/creatureMigrations.ts';
import { creatureFaults } from '../anatomy/creatureFaults.ts';
import type { Animal } from '../anatomy/animal.ts';
import { detailIds } from '../anatomy/detailIds.ts';
import type { Shape } from '../anatomy/shapeSchema.ts';
import { animalById } from '../anatomy/registry.ts';
import { findSubject } from '../anatomy/subject.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import { diameterMm } from '../units/gauges.ts';
import { refusedBySchema } from '../units/schemaProblem.ts';
import type { VersionedData } from '../units/versions.ts';
import { pieceSchema, type Piece } from './pieceSchema.ts';

/** Reads the document of a piece of today's version: own animal, schema, names that must exist. */
export function readPieceData(current: VersionedData): Parsed<Piece> {
  const { measure } = current as { measure?: { creature?: { version?: unknown } | null } };
  const creature = measure?.creature ?? null;
  const own = creature === null ? null : migrateCreature(creature as Record<string, unknown>);
  if (own === undefined) {
    return refused(
      say.measureCreatureVersion,
      creature?.version,
      say.versionFromTo(CREATURE_VERSION),
    );
  }
  const today = own === null ? current : { ...current, measure: { ...measure, creature: own } };
  const parsed = pieceSchema.safeParse(today);
  if (!parsed.success)
    return refusedBySchema(pieceSchema, today, parsed.error.issues, say.wholePiece);
  return checkNames(parsed.data);
}

/** Names inside a document that must exist: animal, bones, feet, stance, gauges. */
function checkNames(piece: Piece): Parsed<Piece> {
  const { creature } = piece.measure;
  const fault = creature === null ? undefined : creatureFaults(creature)[0];
  if (fault !== undefined) return refused(fault.where, fault.received, fault.allowed);
  const subject = findSubject(piece.measure);
  if (subject === undefined) {
    return refused(say.measureAnimalid, piece.measure.animalId, say.animalOfLibrary);
  }
  const { plan, animal } = subject;
  const keys = new Set(plan.bones.map((bone) => bone.key));
  const ids = new Set(plan.bones.map((bone) => bone.id));
  const feet = new Set(plan.contacts.map((contact) => contact.id));
  const fine = new Set([...keys, ...partKeys(animal, piece.measure.shape)]);
  const pairs = new Set(plan.limbPairs.map((pair) => pair.id));
  const regions = new Set(plan.regions.map((region) => region.id));
  // Decisions about a zone outlive the part that an own animal lost with it.
  const base = animalById(piece.measure.animalId);
  const zones = new Set([...animal.coat, ...(base?.coat ?? [])].map((zone) => zone.id));
  const coloured = new Set([...zones, ...detailIds(animal, piece.measure.shape.things)]);
  const strange =
    firstStrange('measure.lifeLengths', Object.keys(piece.measure.lifeLengths), keys) ??
    firstStrange('references.readings', Object.keys(piece.references.readings), ids) ??
    firstStrange('stance.anglesDeg', Object.keys(piece.stance.anglesDeg), ids) ??
    firstStrange('stance.lifted', piece.stance.lifted ?? [], feet) ??
    firstStrange('measure.shape.things', placesOfThings(piece), ids) ??
    firstStrange('fittings.apart', piece.fittings.apart, ids) ??
    firstStrange('wire.ways', Object.keys(piece.wire.ways), pairs) ??
    firstStrange('wire.fine', Object.keys(piece.wire.fine), fine) ??
    firstStrange('wire.freeJoints', piece.wire.freeJoints, ids) ??
    firstStrange('mass.shells', Object.keys(piece.mass.shells), regions) ??
    firstStrange('mass.vents', piece.mass.vents, regions) ??
    firstStrange(
      'mass.cards',
      (piece.mass.cards ?? []).map(({ boneId }) => boneId),
      ids,
    ) ??
    firstStrange('skin.zones', Object.keys(piece.skin.zones), zones) ??
    firstStrange('colour.zones', Object.keys(piece.colour.zones), coloured);
  if (strange) return refused(strange.where, strange.name, say.nameOfPlan(plan.name));
  const { scale } = piece.measure;
  const sizes = plan.sizes.map((size) => size.id);
  if (scale.by === 'size' && !sizes.includes(scale.sizeId)) {
    return refused(say.measureScaleSizeid, scale.sizeId, say.oneOf(sizes.join(', ')));
  }
  if (piece.measure.scale.by === 'box' && piece.measure.box === null) {
    return refused(say.measureBox, null, say.insideOfBoxAs);
  }
  const wireSizes = [
    piece.wire.spine.size,
    ...Object.values(piece.wire.limbs).map((choice) => choice.size),
    ...(piece.wire.rod.size === null ? [] : [piece.wire.rod.size]),
    piece.wire.binder.size,
    ...Object.values(piece.wire.fine).flatMap((choice) => (choice === null ? [] : [choice.size])),
  ];
  const noSuch = wireSizes.find((size) => (diameterMm(size) ?? 0) < 0.1);
  if (noSuch) return refused(say.wireSize, noSuch, say.sizeOfItsGauge);
  return accepted(piece);
}

/** Under what wires of parts made apart are kept: the animal's, and the user's own. */
const partKeys = ({ features = [] }: Animal, { things }: Shape): readonly string[] => [
  ...['eyes', ...features.map(({ id }) => id)].map((id) => `part-${id}`),
  ...things.map(({ id }) => `part-own-${id}`),
];

const placesOfThings = ({ measure }: Piece): readonly string[] =>
  measure.shape.things.flatMap(({ boneId, row }) =>
    row === null ? [boneId] : [boneId, row.boneId],
  );

function firstStrange(
  where: string,
  names: readonly string[],
  known: ReadonlySet<string>,
): { where: string; name: string } | undefined {
  const name = names.find((candidate) => !known.has(candidate));
  return name === undefined ? undefined : { where, name };
}
