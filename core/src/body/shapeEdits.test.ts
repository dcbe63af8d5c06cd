import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { animalById, planById } from '../anatomy/registry.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { distance, dot, sub } from '../geometry/vec3.ts';
import { LIBRARY_SHAPE, SECTION_MM, type SectionStation } from '../anatomy/shapeSchema.ts';
import {
  alongWay,
  edgePlace,
  EDGES,
  restore,
  link,
  unlink,
  pulledEdge,
  shapedParts,
  adopt,
  withoutStation,
  withStation,
  withStationAdded,
} from './shapeEdits.ts';

const wolf = animalById('grey-wolf')!;
const skeleton = buildSkeleton(planById(wolf.planId)!, wolf);
const trunk = adopt(skeleton, LIBRARY_SHAPE, 'trunk');
const station: SectionStation = {
  at: 0.5,
  halfDepth: 80,
  halfWidth: 60,
  squareness: 2,
  up: -20,
  side: 0,
};

describe('parts that can be shaped', () => {
  it('are told with their bones, and whether they are the user’s', () => {
    const names = shapedParts(skeleton, LIBRARY_SHAPE).map(({ id }) => id);
    expect(names).toEqual(['trunk', 'head', 'tail', 'forelegs', 'hindlegs']);
    const [first] = shapedParts(skeleton, trunk);
    expect(first).toMatchObject({ id: 'trunk', taken: true, apart: false });
    expect(first!.bones.every(({ side }) => side !== 'right')).toBe(true);
  });

  it('leave out bones that carry a foot: soles are told from round cones', () => {
    const legs = shapedParts(skeleton, LIBRARY_SHAPE).find(({ id }) => id === 'hindlegs')!;
    const feet = skeleton.plan.contacts.map(({ bone }) => bone);
    for (const { id } of legs.bones) expect(feet).not.toContain(id);
  });

  it('are given back without a trace, one by one', () => {
    const both = adopt(skeleton, trunk, 'hindlegs');
    expect(restore(skeleton, both, 'hindlegs')).toEqual(trunk);
    expect(restore(skeleton, trunk, 'trunk')).toEqual(LIBRARY_SHAPE);
    const apart = unlink(skeleton, both, 'hindlegs');
    expect(restore(skeleton, apart, 'hindlegs')).toEqual(trunk);
  });

  it('are unlinked into two sides that are images, and linked back to what they were', () => {
    const legs = adopt(skeleton, LIBRARY_SHAPE, 'hindlegs');
    const apart = unlink(skeleton, legs, 'hindlegs');
    for (const [key, left] of Object.entries(apart.sections)) {
      if (skeleton.byId.get(key)?.side !== 'left') continue;
      const right = apart.sections[key.replace('.L', '.R')]!;
      left.forEach((entry, i) => {
        expect(right[i]!.side).toBeCloseTo(-entry.side, 12);
        expect({ ...right[i]!, side: 0 }).toEqual({ ...entry, side: 0 });
      });
    }
    expect(link(skeleton, apart, 'hindlegs')).toEqual(legs);
  });
});

describe('sections', () => {
  const bone = skeleton.byId.get('lumbar')!;

  it('on a joint carry the next bone’s section with them, others stay alone', () => {
    const last = trunk.sections['lumbar']!.length - 1;
    const end = withStation(skeleton, trunk, bone, last, { halfWidth: 99 });
    expect(end.sections['thoracic']![0]!.halfWidth).toBe(99);
    expect(end.sections['thoracic']!.slice(1)).toEqual(trunk.sections['thoracic']!.slice(1));
    const middle = withStation(skeleton, trunk, bone, 1, { halfWidth: 99 });
    expect(middle.sections['thoracic']).toEqual(trunk.sections['thoracic']);
  });

  it('are held within what a section can be, and a strange index changes nothing', () => {
    const held = withStation(skeleton, trunk, bone, 1, { halfDepth: -5, squareness: 50 });
    expect(held.sections['lumbar']![1]).toMatchObject({
      halfDepth: SECTION_MM.min,
      squareness: 6,
    });
    expect(withStation(skeleton, trunk, bone, 77, { up: 1 })).toBe(trunk);
  });

  it('are added between two others as the body is there, never twice, and taken out to two', () => {
    const [a, b] = trunk.sections['thoracic']!;
    const at = (a!.at + b!.at) / 2;
    const more = withStationAdded(trunk, 'thoracic', at);
    const added = more.sections['thoracic']!.find((entry) => entry.at === at)!;
    expect(added.halfDepth).toBeCloseTo((a!.halfDepth + b!.halfDepth) / 2, 9);
    expect(withStationAdded(more, 'thoracic', at)).toBe(more);
    let fewer = more;
    for (let i = 0; i < 12; i++) fewer = withoutStation(fewer, 'thoracic', 0);
    expect(fewer.sections['thoracic']).toHaveLength(2);
  });
});

describe('edges', () => {
  const posed = poseSkeleton(skeleton, { lumbar: { flexion: 20 } }, 0.25);

  it('stand as far apart as the section is deep and wide, whatever the stance', () => {
    const at = (edge: (typeof EDGES)[number]) => edgePlace(posed, 'lumbar', station, edge).at;
    expect(distance(at('top'), at('bottom'))).toBeCloseTo(0.25 * 160, 9);
    expect(distance(at('left'), at('right'))).toBeCloseTo(0.25 * 120, 9);
  });

  it('move by what they are pulled, along their way, and the opposite edge of the depth stays', () => {
    const by = fc.double({ min: -60, max: 60, noNaN: true });
    fc.assert(
      fc.property(by, fc.constantFrom(...EDGES), (mm, edge) => {
        const pulled = pulledEdge(station, edge, mm);
        const [before, after] = [station, pulled].map((of) => edgePlace(posed, 'lumbar', of, edge));
        const gone = dot(sub(after!.at, before!.at), before!.way);
        const all = edge === 'left' || edge === 'right' ? 60 : 160;
        const least = all === 60 ? SECTION_MM.min : 2 * SECTION_MM.min;
        expect(gone / 0.25).toBeCloseTo(Math.max(mm, least - all), 6);
        const opposite = edge === 'top' ? 'bottom' : 'top';
        if (edge !== 'top' && edge !== 'bottom') return;
        const stay = [station, pulled].map((of) => edgePlace(posed, 'lumbar', of, opposite).at);
        expect(distance(stay[0]!, stay[1]!)).toBeCloseTo(0, 9);
      }),
      { seed: 3, numRuns: 60 },
    );
  });

  it('are dragged true where their way is seen shortened', () => {
    // A way that leads half out of the page: a pointer 3 mm along it has pulled 6 mm.
    expect(alongWay([0, 0], [0, 3], [0, 0.5])).toBeCloseTo(6, 12);
    expect(alongWay([0, 0], [5, 0], [0, 1])).toBe(0);
    expect(alongWay([0, 0], [5, 5], [0, 0])).toBe(0);
  });
});
