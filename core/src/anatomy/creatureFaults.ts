import * as say from './words.ts';
import type { Problem } from '../units/problem.ts';
import { composeCreature } from './composeCreature.ts';
import type { Creature } from './creature.ts';
import { lendableParts } from './lendable.ts';
import { animalById, ANIMALS, planById } from './registry.ts';

const listed = (names: readonly string[]): string => names.join(', ');

/**
 * What an own animal names that there is not: donors, parts, bones. Empty where it can be put
 * together. Each fault names the input, what was received and what is allowed.
 */
export function creatureFaults(creature: Creature): readonly Problem[] {
  const base = animalById(creature.base);
  const plan = base && planById(base.planId);
  if (plan === undefined) {
    const allowed = say.animalOfLibrary(listed(ANIMALS.map(({ id }) => id)));
    return [{ where: say.animalToStartFrom, received: creature.base, allowed }];
  }
  const parts = plan.parts.map((part) => part.id);
  const trunk = parts[0] ?? '';
  const faults: Problem[] = creature.without
    .filter((id) => !parts.includes(id) || id === trunk)
    .map((received) => ({
      where: say.partsLeftOut,
      received,
      allowed: say.anyOfTrunkCarries(listed(parts.slice(1))),
    }));
  const ids = creature.grafts.map((graft) => graft.id);
  const named = plan.parts.map((part) => part.id).filter((id) => !creature.without.includes(id));
  for (const graft of creature.grafts) {
    faults.push(...graftFaults(graft));
    if (ids.filter((id) => id === graft.id).length > 1 || named.includes(graft.id))
      faults.push({
        where: say.part(graft.name),
        received: graft.id,
        allowed: say.idOfItsOwn(listed([...new Set([...named, ...ids])])),
      });
  }
  return faults.length > 0 ? faults : wholeFaults(creature);
}

function graftFaults(graft: Creature['grafts'][number]): readonly Problem[] {
  const where = say.part(graft.name);
  const donor = animalById(graft.from);
  const plan = donor && planById(donor.planId);
  if (plan === undefined) return [{ where, received: graft.from, allowed: say.animalOfLibraryAs }];
  const lent = lendableParts(donor!, plan).map((part) => part.id);
  return lent.includes(graft.part)
    ? []
    : [{ where, received: graft.part, allowed: say.partOf(donor!.name, listed(lent)) }];
}

/** Faults that show only on the composed body: places to set parts on, bones and parts by name. */
function wholeFaults(creature: Creature): readonly Problem[] {
  const whole = composeCreature(creature);
  const base = composeCreature({ ...creature, grafts: [], lengthsMm: {}, girth: {} });
  const seats = base?.plan.bones.map((bone) => bone.key) ?? [];
  if (whole === undefined) {
    const lost = creature.grafts.find((graft) => !seats.includes(graft.onBone));
    return [
      {
        where: say.partBoneToSet(lost?.name ?? creature.name),
        received: lost?.onBone ?? '',
        allowed: listed([...new Set(seats)]),
      },
    ];
  }
  const keys = [...new Set(whole.plan.bones.map((bone) => bone.key))];
  const parts = whole.plan.parts.map((part) => part.id);
  const strange = (where: string, names: readonly string[], known: readonly string[]) =>
    names
      .filter((name) => !known.includes(name))
      .map((received) => ({ where, received, allowed: listed(known) }));
  return [
    ...strange(say.ownLengthBone, Object.keys(creature.lengthsMm), keys),
    ...strange(say.ownGirthPart, Object.keys(creature.girth), parts),
    ...(creature.massKg !== null && creature.massKg[0] > creature.massKg[1]
      ? [
          {
            where: say.weightInLife,
            received: say.toKg(creature.massKg[0], creature.massKg[1]),
            allowed: say.lighterFirst,
          },
        ]
      : []),
  ];
}
