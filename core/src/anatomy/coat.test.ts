import { describe, expect, it } from 'vitest';
import type { Animal } from './animal.ts';
import { FACINGS, zoneOf } from './coat.ts';
import { animalFaults, planFaults } from './faults.ts';
import { planFor } from './planFor.ts';
import { animalById, ANIMALS, planById } from './registry.ts';

const otter = animalById('eurasian-otter')!;
const plan = planById(otter.planId)!;
const faultsOf = (part: Partial<Animal>): string =>
  animalFaults(plan, { ...otter, ...part }).join('; ');

describe('zones of the coat', () => {
  it.each(ANIMALS.map((animal) => [animal.name, animal] as const))(
    'of the %s cover every patch of skin, each zone used, with sizes inside their ranges',
    (_, animal) => {
      const used = new Set<string>();
      for (const { key } of planFor(planById(animal.planId)!, animal).bones)
        for (const facing of FACINGS) used.add(zoneOf(animal.coat, key, facing)!.id);
      expect([...used].sort()).toEqual(animal.coat.map((zone) => zone.id).sort());
      for (const { hair, lock, lieDeg, hex } of animal.coat) {
        for (const size of [hair, lock]) {
          if (size === null) continue;
          expect(size.mm).toBeGreaterThanOrEqual(size.range[0]);
          expect(size.mm).toBeLessThanOrEqual(size.range[1]);
        }
        expect(lieDeg).toBeGreaterThanOrEqual(0);
        expect(lieDeg).toBeLessThan(90);
        expect(hex).toMatch(/^#[0-9a-f]{6}$/);
      }
    },
  );

  // Common practice, and a fact of the trade: never long strokes on the face.
  it.each(['eurasian-otter', 'grey-wolf', 'thylacine'])(
    'of the %s are short on the face and longest on back, mane or tail',
    (id) => {
      const animal = animalById(id)!;
      const hair = (id: string): number => animal.coat.find((zone) => zone.id === id)!.hair!.mm;
      expect(hair('face')).toBeLessThan(hair('flanks') / 2 + 1);
      const longest = animal.coat.reduce((a, b) => (b.hair!.mm > a.hair!.mm ? b : a));
      expect(['back', 'tail']).toContain(longest.id);
    },
  );

  it('are asked in order, so that a throat comes before the face round it', () => {
    expect(zoneOf(otter.coat, 'skull', 'down')?.id).toBe('throat');
    expect(zoneOf(otter.coat, 'skull', 'side')?.id).toBe('face');
    expect(zoneOf(otter.coat, 'wing', 'up')).toBeUndefined();
  });
});

describe('the registry names', () => {
  it('a patch of skin without a zone', () => {
    const coat = otter.coat.filter((zone) => zone.id !== 'belly' && zone.id !== 'flanks');
    expect(faultsOf({ coat })).toContain('no zone of the coat for thoracic looking down');
  });

  it('flesh that holds nothing, and a blade of a zone that there is not', () => {
    const [station] = [{ at: 0.5, above: 4, below: -4, halfWidth: 3 }];
    const flat = { sleeve: 'flat', order: 0, faces: 'back' as const, stations: [station!] };
    expect(faultsOf({ flesh: { ...otter.flesh, skull: [flat] } })).toContain(
      'a section of skull has no height',
    );
    const stub = { curve: 'stub', points: [{ at: 0, radius: 2 }] };
    expect(faultsOf({ flesh: { ...otter.flesh, skull: [stub] } })).toContain('no other end');
    const web = {
      ...{ id: 'web', name: 'Web', paired: true, outline: [], zone: 'scales' },
      thickness: otter.eye,
    };
    expect(faultsOf({ blades: [web] })).toContain('no zone scales');
  });

  it('a bone in two regions or in none, and a region of a bone that is not there', () => {
    const [head, ...others] = plan.regions;
    const twice = { ...plan, regions: [head!, head!, ...others] };
    expect(planFaults(twice).join()).toContain('skull is not in exactly one region');
    const none = { ...plan, regions: others };
    expect(planFaults(none).join()).toContain('skull is not in exactly one region');
    const odd = { ...plan, regions: [{ ...head!, bones: ['skull', 'gill'] }, ...others] };
    expect(planFaults(odd).join()).toContain('no bone gill for a region');
  });
});

describe('animals against each other', () => {
  const lengthsOf = (id: string) => ANIMALS.find((animal) => animal.id === id)!.lengths;
  const share = (id: string, keys: readonly string[]): number => {
    const lengths = lengthsOf(id);
    const trunk = lengths['thoracic']!.mm + lengths['lumbar']!.mm;
    return keys.reduce((sum, key) => sum + lengths[key]!.mm, 0) / trunk;
  };
  const FORELEG = ['humerus', 'radius', 'metacarpus'];
  const TAIL = ['tail1', 'tail2', 'tail3', 'tail4'];

  // Facts of the trade, from memory: what sets these shapes apart at a glance.
  it('an otter stands on short legs, a wolf on long ones, a thylacine between', () => {
    expect(share('eurasian-otter', FORELEG)).toBeLessThan(0.55);
    expect(share('grey-wolf', FORELEG)).toBeGreaterThan(0.8);
    const between = share('thylacine', FORELEG);
    expect(between).toBeGreaterThan(share('eurasian-otter', FORELEG));
    expect(between).toBeLessThan(share('grey-wolf', FORELEG));
  });

  it('an otter and a thylacine have tails nearly as long as the trunk, a wolf has not', () => {
    expect(share('eurasian-otter', TAIL)).toBeGreaterThan(0.85);
    expect(share('thylacine', TAIL)).toBeGreaterThan(0.85);
    expect(share('grey-wolf', TAIL)).toBeLessThan(0.75);
  });
});
