import { joinedFaces, withFace } from './face.ts';
import * as say from './words.ts';
import type { BodyPlan, BoneSpec, RegionSpec, SizeSpec } from './bodyPlan.ts';
import type { Creature, Graft } from './creature.ts';
import { renamedParts, type Lent } from './graft.ts';
import { planFor, planWithout } from './planFor.ts';
import { animalById, planById } from './registry.ts';
import { girthBy, grown } from './sizing.ts';
import type { Subject } from './subjectType.ts';
import { withoutKeys } from './withoutKeys.ts';

/**
 * Puts an own animal together: the base without the parts it loses, with the parts that others
 * lend, then its own size, lengths and girths. Undefined where it names an animal or a part that
 * there is not; {@link creatureFaults} says which.
 */
export function composeCreature(creature: Creature): Subject | undefined {
  const base = animalById(creature.base);
  const general = base && planById(base.planId);
  if (base === undefined || general === undefined) return undefined;
  const lost = creature.without.flatMap(
    (id) => general.parts.find((part) => part.id === id)?.keys ?? [],
  );
  const bare: Subject = {
    plan: planWithout(planFor(general, base), lost),
    animal: withoutKeys(base, lost),
  };
  let subject: Subject | undefined = bare;
  for (const graft of creature.grafts)
    subject = subject && addGraft(subject, graft, lentPart(graft, subject));
  return subject && changedBy(creature, subject);
}

/** The donor's part under names that are free in the host. */
function lentPart(graft: Graft, host: Subject): Lent | undefined {
  const animal = animalById(graft.from);
  const general = animal && planById(animal.planId);
  if (animal === undefined || general === undefined) return undefined;
  // Looked for among the bones and not in a table by name, which would know names of prototypes.
  if (!host.plan.bones.some((bone) => bone.key === graft.onBone)) return undefined;
  return renamedParts({ plan: planFor(general, animal), animal }, graft, host);
}

function addGraft(host: Subject, graft: Graft, lent: Lent | undefined): Subject | undefined {
  if (lent === undefined) return undefined;
  const { plan, animal } = host;
  // One line of bones: what branches off it, a jaw or a proboscis, carries no spine on.
  const midline = lent.bones
    .filter((bone, i) => bone.side === 'mid' && (i === 0 || bone.at === 1 || bone.at === 0))
    .map((bone) => bone.id);
  return {
    plan: {
      ...plan,
      id: `${plan.id}+${graft.id}`,
      bones: [...plan.bones, ...lent.bones],
      contacts: [...plan.contacts, ...lent.contacts],
      limbPairs: [...plan.limbPairs, ...lent.limbPairs],
      parts: [...plan.parts, lent.part],
      muscles: [...plan.muscles, ...lent.muscles],
      bonyLandmarks: [...plan.bonyLandmarks, ...lent.bonyLandmarks],
      regions: lent.regions.reduce(mergedRegion, plan.regions),
      ...longerSpine(plan, lent.part.kind, midline),
    },
    animal: {
      ...animal,
      lengths: { ...animal.lengths, ...lent.animal.lengths },
      rest: { ...animal.rest, ...lent.animal.rest },
      flesh: { ...animal.flesh, ...lent.animal.flesh },
      linkGirths: { ...animal.linkGirths, ...lent.animal.linkGirths },
      ...withFace(joinedFaces(animal.face, lent.animal.face)),
      blades: [...(animal.blades ?? []), ...(lent.animal.blades ?? [])],
      features: [...(animal.features ?? []), ...(lent.animal.features ?? [])],
      coat: [...lent.animal.coat, ...animal.coat],
    },
  };
}

const mergedRegion = (regions: readonly RegionSpec[], added: RegionSpec): readonly RegionSpec[] =>
  regions.some((region) => region.id === added.id)
    ? regions.map((region) =>
        region.id === added.id ? { ...region, bones: [...region.bones, ...added.bones] } : region,
      )
    : [...regions, added];

/** A lent head or tail carries the spine wire on, and counts towards the animal's length. */
function longerSpine(
  plan: BodyPlan,
  kind: string,
  midline: readonly BoneSpec['id'][],
): Pick<BodyPlan, 'spine' | 'tailBones' | 'sizes'> {
  const { spine, tailBones, sizes } = plan;
  if (kind !== 'head' && kind !== 'tail') return { spine, tailBones, sizes };
  const counted = sizes.map((size): SizeSpec =>
    size.kind === 'chain' && (size.id === 'length' || (kind === 'head') === (size.id !== 'tail'))
      ? { ...size, bones: [...size.bones, ...midline] }
      : size,
  );
  return kind === 'head'
    ? { spine: [...spine, ...midline], tailBones, sizes: counted }
    : {
        spine: [...midline.toReversed(), ...spine],
        tailBones: [...tailBones, ...midline],
        sizes: counted,
      };
}

/** Own size, lengths, girths, eye and weight over what the library gives. */
function changedBy(creature: Creature, { plan, animal }: Subject): Subject {
  const { size, lengthsMm, girth, eyeMm, massKg } = creature;
  const partOf = (key: string): string =>
    plan.parts.find((part) => part.keys.includes(key))?.id ?? '';
  /** At the joint with another part both are as thick as between the two, so that it stays whole. */
  const atRoot = (key: string): number => {
    const bone = plan.bones.find((bone) => bone.key === key);
    const parent = plan.bones.find((entry) => entry.id === bone?.parent);
    const own = girth[partOf(key)] ?? 1;
    const other = parent === undefined ? own : (girth[partOf(parent.key)] ?? 1);
    return Math.sqrt(own * other);
  };
  const whole = (): number => size;
  const sized =
    size === 1
      ? animal
      : grown(animal, { lengthBy: whole, fleshBy: whole, eyeBy: size, wholeBy: size });
  const changed =
    size !== 1 ||
    creature.without.length + creature.grafts.length + Object.keys(lengthsMm).length > 0 ||
    Object.keys(girth).length > 0;
  return {
    plan: { ...plan, name: changed ? say.ofYourOwn(plan.name) : plan.name },
    animal: {
      ...sized,
      id: creature.id,
      name: creature.name,
      latin: say.after(animal.latin),
      lengths: Object.fromEntries(
        Object.entries(sized.lengths).map(([key, life]) => {
          const mm = lengthsMm[key];
          return [key, mm === undefined ? life : { ...life, mm, provenance: 'own' as const }];
        }),
      ),
      flesh: Object.fromEntries(
        Object.entries(sized.flesh).map(([key, list]) => [
          key,
          list.map((flesh) => girthBy(flesh, girth[partOf(key)] ?? 1, atRoot(key))),
        ]),
      ),
      eye: eyeMm === null ? sized.eye : { mm: eyeMm, range: [eyeMm, eyeMm], provenance: 'own' },
      ranges: {
        ...(massKg === null ? (changed ? {} : animal.ranges) : { massKg }),
        sizes: changed ? {} : animal.ranges.sizes,
      },
    },
  };
}
