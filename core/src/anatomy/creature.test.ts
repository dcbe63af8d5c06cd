/* eslint-disable max-lines -- the tests of one subject, which share its pieces */
import { parted } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { pieceText } from '../formats/pieceFile.ts';
import { readPieceText } from '../formats/readPiece.ts';
import { planPiece } from '../plan.ts';
import { skinBox } from '../body/skin.ts';
import { snagSentence } from '../piece/snag.ts';
import { newWorkpieceOf, wholePlan, answersFor } from '../testing/samples.ts';
import { problemSentence } from '../units/problem.ts';
import { composeCreature } from './composeCreature.ts';
import { newCreature, type Creature } from './creature.ts';
import { creatureFaults } from './creatureFaults.ts';
import { animalFaults, planFaults } from './faults.ts';
import { individual, NEW_BORN } from './individual.ts';
import { assertPosed, poseSkeleton } from './pose.ts';
import { animalById, ANIMALS, planById } from './registry.ts';
import { buildSkeleton } from './skeleton.ts';
import { STARTERS } from './starters.ts';

const copy = (base: string): Creature => newCreature('own', 'Own', base);
const graft = (from: string, part: string, onBone: string, at = 1): Creature['grafts'][number] => ({
  id: 'added',
  name: 'Added',
  from,
  part,
  onBone,
  at,
  size: 1,
});
const whole = (creature: Creature) => {
  const subject = composeCreature(creature);
  if (subject === undefined) throw new Error('not composed');
  return subject;
};
const faultsIn = (creature: Creature): readonly string[] => {
  const { plan, animal } = whole(creature);
  // A composed plan has the base's id and more; the animal keeps the base's.
  return [...planFaults(plan), ...animalFaults({ ...plan, id: animal.planId }, animal)];
};

describe('an own animal', () => {
  it.each(ANIMALS.map(({ name, id }) => [name, id] as const))(
    'as a plain copy of the %s is that animal under its own name',
    (_, id) => {
      const { plan, animal } = whole(copy(id));
      const library = animalById(id)!;
      expect(animal.lengths).toEqual(library.lengths);
      expect(animal.ranges).toEqual(library.ranges);
      expect(animal.name).toBe('Own');
      expect(plan.bones.length).toBe(
        buildSkeleton(planById(library.planId)!, library).bones.length,
      );
    },
  );

  it.each<readonly [string, Creature]>([
    [
      'a wolf with an owl’s wings',
      { ...copy('grey-wolf'), grafts: [graft('barn-owl', 'wings', 'thoracic', 0.8)] },
    ],
    [
      'an otter with a dinosaur’s arms',
      { ...copy('eurasian-otter'), grafts: [graft('deinonychus', 'arms', 'thoracic', 1)] },
    ],
    [
      'a deer with six legs',
      { ...copy('red-deer'), grafts: [graft('red-deer', 'forelegs', 'thoracic', 0.3)] },
    ],
    [
      'a lizard with a heron’s head',
      {
        ...copy('fire-salamander'),
        without: ['head'],
        grafts: [graft('grey-heron', 'head', 'dorsalFront')],
      },
    ],
    [
      'an ibex with a porpoise’s tail',
      {
        ...copy('alpine-ibex'),
        without: ['tail', 'hindlegs'],
        grafts: [graft('harbour-porpoise', 'tail', 'sacrum')],
      },
    ],
    [
      'a beetle without legs',
      { ...copy('stag-beetle'), without: ['forelegs', 'midlegs', 'hindlegs'] },
    ],
  ])('%s is whole, poses, and has a whole plan', (_, creature) => {
    expect(creatureFaults(creature)).toEqual([]);
    expect(faultsIn(creature)).toEqual([]);
    const { plan, animal } = whole(creature);
    assertPosed(poseSkeleton(buildSkeleton(plan, animal), {}));
    const piece = newWorkpieceOf('p', 'P', creature);
    expect(readPieceText(pieceText(piece))).toEqual({ ok: true, value: parted(piece) });
    const made = planPiece(piece, answersFor(piece));
    for (const working of made.workings)
      expect(Number.isFinite(working.value), working.id).toBe(true);
    expect(made.mass!.clayVolume.value).toBeGreaterThan(0);
  });

  it('carries the spine wire on into a lent head, and counts it in the length', () => {
    const lizard = {
      ...copy('fire-salamander'),
      without: ['head'],
      grafts: [graft('grey-heron', 'head', 'dorsalFront')],
    };
    const { plan } = whole(lizard);
    expect(plan.spine.at(-1)).toBe('bill');
    const length = plan.sizes.find((size) => size.id === 'length')!;
    expect(length.kind === 'chain' && length.bones).toContain('neck2');
  });

  it('keeps its joints whole where one part is much thicker than the next', () => {
    const bare = composeCreature(newCreature('own', 'Own', 'red-deer'))!.animal.flesh;
    const thick = composeCreature({
      ...newCreature('own', 'Own', 'red-deer'),
      girth: { tail: 1.8 },
    })!;
    const stations = (of: typeof bare, key: string) =>
      of[key]!.flatMap((part) => ('sleeve' in part ? part.stations : []));
    const { flesh } = thick.animal;
    // At the root both parts meet half way; along the tail it reaches its own girth.
    const root = (at: number): number => Math.sqrt(1.8) + (1.8 - Math.sqrt(1.8)) * at;
    stations(flesh, 'tail1').forEach((station, i) => {
      expect(station.halfWidth / stations(bare, 'tail1')[i]!.halfWidth).toBeCloseTo(
        root(station.at),
        9,
      );
    });
    expect(stations(flesh, 'tail2')[0]!.above / stations(bare, 'tail2')[0]!.above).toBeCloseTo(
      1.8,
      9,
    );
    expect(flesh['sacrum']).toEqual(bare['sacrum']);
  });

  it('grows the sections of a sleeve along the tail, and not those of the trunk', () => {
    const tail = (girth: Creature['girth']) =>
      composeCreature({ ...newCreature('own', 'Own', 'grey-wolf'), girth })!.animal.flesh;
    const stations = (of: ReturnType<typeof tail>, key: string) =>
      of[key]!.flatMap((flesh) => ('sleeve' in flesh ? flesh.stations : []));
    const [bare, thick] = [tail({}), tail({ tail: 1.8 })];
    stations(thick, 'tail3').forEach((station, i) => {
      const was = stations(bare, 'tail3')[i]!;
      for (const half of ['above', 'below', 'halfWidth'] as const)
        expect(station[half] / was[half]).toBeCloseTo(1.8, 9);
      expect(station.at).toBe(was.at);
    });
    expect(stations(thick, 'thoracic')).toEqual(stations(bare, 'thoracic'));
  });

  it('has no zones of the parts that it lost, and its piece no steps for them', () => {
    const creature = { ...newCreature('own', 'Own', 'grey-wolf'), without: ['tail'] };
    const plan = wholePlan(newWorkpieceOf('own', 'Own', creature));
    expect(plan.measure.skeleton.animal.coat.map(({ id }) => id)).not.toContain('tail');
    expect(plan.bench!.steps.map(({ id }) => id)).not.toContain('skin.tail');
    expect(plan.colour!.zones.map(({ zone }) => zone.id)).not.toContain('tail');
  });

  it('is judged by all animals of its plan, and says so', () => {
    const creature = { ...newCreature('own', 'Own', 'grey-wolf'), lengthsMm: { radius: 900 } };
    const snags = planPiece(newWorkpieceOf('own', 'Own', creature)).snags;
    const odd = snags.find(({ code }) => code === 'proportion-odd')!;
    expect(snagSentence(odd)).toMatch(/^Fore limb .* longer than any four-footed mammal here/);
    expect(snags.map(({ code }) => code)).not.toContain('bone-out-of-range');
  });

  it('takes sizes, lengths and girths of its own, marked as such', () => {
    const { animal } = whole({
      ...copy('grey-wolf'),
      size: 2,
      lengthsMm: { femur: 300 },
      girth: { trunk: 1.5 },
      eyeMm: 50,
      massKg: [80, 120],
    });
    const wolf = animalById('grey-wolf')!;
    expect(animal.lengths['tibia']?.mm).toBe(2 * wolf.lengths['tibia']!.mm);
    expect(animal.lengths['femur']).toMatchObject({ mm: 300, provenance: 'own' });
    expect(animal.eye).toMatchObject({ mm: 50, provenance: 'own' });
    expect(animal.ranges.massKg).toEqual([80, 120]);
    const deep = (of: typeof animal): number => {
      const [chest] = of.flesh['thoracic']!;
      return chest !== undefined && 'sleeve' in chest ? chest.stations[1]!.above : 0;
    };
    expect(deep(animal)).toBeCloseTo(3 * deep(wolf), 9);
  });

  it.each([
    [{ ...copy('unicorn') }, /The animal to start from: received “?unicorn/],
    [{ ...copy('grey-wolf'), without: ['trunk'] }, /Parts left out.*trunk carries the rest/],
    [{ ...copy('grey-wolf'), without: ['wings'] }, /Parts left out/],
    [
      { ...copy('grey-wolf'), grafts: [graft('barn-owl', 'forelegs', 'thoracic')] },
      /a part of the Barn owl/,
    ],
    [
      { ...copy('grey-wolf'), grafts: [graft('griffin', 'wings', 'thoracic')] },
      /an animal of the library/,
    ],
    [
      { ...copy('grey-wolf'), grafts: [graft('barn-owl', 'wings', 'keel')] },
      /bone to set it on.*thoracic/,
    ],
    [
      {
        ...copy('grey-wolf'),
        grafts: [graft('barn-owl', 'wings', 'thoracic'), graft('dodo', 'wings', 'lumbar')],
      },
      /an id of its own/,
    ],
    [{ ...copy('grey-wolf'), lengthsMm: { keel: 10 } }, /Own length, bone/],
    [{ ...copy('grey-wolf'), girth: { keel: 2 } }, /Own girth, part/],
    [{ ...copy('grey-wolf'), massKg: [9, 3] as [number, number] }, /the lighter first/],
  ])('that cannot be is refused with a sentence %#', (creature, sentence) => {
    const [fault] = creatureFaults(creature);
    expect(fault && problemSentence(fault)).toMatch(sentence);
    const { piece } = parted(newWorkpieceOf('p', 'P', copy('grey-wolf')));
    const measure = { ...piece.measure, creature };
    expect(readPieceText(JSON.stringify({ ...piece, measure })).ok).toBe(false);
  });
});

describe('a starter', () => {
  it.each(STARTERS.map((starter) => [starter.name, starter] as const))(
    '%s is whole',
    (_, starter) => {
      const creature = starter.creature('own');
      expect(creatureFaults(creature)).toEqual([]);
      expect(faultsIn(creature)).toEqual([]);
      const piece = newWorkpieceOf('p', 'P', creature);
      const made = planPiece(piece, answersFor(piece));
      expect(made.snags.map((snag) => snag.code)).not.toContain('foot-off-base');
      // Nothing of it hangs below the ground that it stands on.
      expect(skinBox(made.stance.skin).min[1]).toBeGreaterThan(-6);
      expect(made.wire.wires.length).toBeGreaterThanOrEqual(4);
    },
  );

  it('has six limbs where it says so, each pair with a wire of its own', () => {
    const { plan } = whole(STARTERS[0]!.creature('own'));
    expect(plan.limbPairs.map((pair) => pair.name)).toEqual([
      'Hind legs',
      'Forelegs',
      'Arms with hands',
    ]);
  });
});

describe('an individual', () => {
  const wolf = animalById('grey-wolf')!;
  const plan = planById(wolf.planId)!;
  const share = (juvenility: number, key: string): number => {
    const { lengths } = individual(plan, wolf, { sex: null, juvenility });
    return lengths[key]!.mm / lengths['thoracic']!.mm;
  };

  // A fact of the trade, common practice: young animals have larger heads, eyes and feet.
  it('that is young has a larger head, larger feet and a shorter tail for its trunk', () => {
    for (const key of ['skull', 'metatarsus', 'foreDigits'])
      expect(share(1, key), key).toBeGreaterThan(share(0, key));
    expect(share(1, 'tail2')).toBeLessThan(share(0, 'tail2'));
    const eye = individual(plan, wolf, { sex: null, juvenility: 1 }).eye.mm / wolf.eye.mm;
    expect(eye).toBeCloseTo(NEW_BORN.eye, 9);
    expect(eye).toBeGreaterThan(NEW_BORN.trunk);
  });

  it('grows evenly in between, and tells no grown weight while it is young', () => {
    const half = individual(plan, wolf, { sex: null, juvenility: 0.5 });
    const [grown, born] = [wolf.lengths['skull']!.mm, NEW_BORN.head * wolf.lengths['skull']!.mm];
    expect(half.lengths['skull']!.mm).toBeCloseTo((grown + born) / 2, 9);
    expect(half.ranges.massKg).toBeUndefined();
  });

  it('of the smaller sex is smaller all over and keeps its ranges', () => {
    const she = individual(plan, wolf, { sex: 'female', juvenility: 0 });
    expect(she.lengths['femur']!.mm).toBeCloseTo(0.93 * wolf.lengths['femur']!.mm, 9);
    expect(she.ranges).toEqual(wolf.ranges);
  });

  it('of an insect is never young: larvae are other animals', () => {
    const beetle = animalById('stag-beetle')!;
    const its = planById(beetle.planId)!;
    expect(individual(its, beetle, { sex: null, juvenility: 1 })).toBe(beetle);
  });
});
