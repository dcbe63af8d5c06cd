import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { animalById, planById } from '../anatomy/registry.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { distance, dot, sub } from '../geometry/vec3.ts';
import { LIBRARY_SHAPE, SECTION_MM, type SectionStation } from '../anatomy/shapeSchema.ts';
import { shapedSkeleton } from '../anatomy/shaped.ts';
import { isMirrored } from './mirroredBody.ts';
import {
  alongSight,
  alongWay,
  edgePlace,
  EDGES,
  pulledEdge,
  slid,
  slidePlace,
} from './sectionHandles.ts';
import {
  restore,
  link,
  unlink,
  shapedParts,
  adopt,
  canSlide,
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
  squareBelow: 2,
  widest: 0,
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
  const at = (place: number): SectionStation => ({ ...station, at: place });
  /** Sections on the joints themselves, as earlier versions made them. */
  const onJoints = {
    ...LIBRARY_SHAPE,
    sections: {
      lumbar: [at(0), at(0.5), at(1)],
      thoracic: [at(0), at(0.5), at(1)],
      sacrum: [at(0), at(1)],
    },
  };

  it('on a joint carry the next bone’s section with them, others stay alone', () => {
    const end = withStation(skeleton, onJoints, bone, 2, { halfWidth: 99 });
    expect(end.sections['thoracic']![0]!.halfWidth).toBe(99);
    expect(end.sections['thoracic']!.slice(1)).toEqual(onJoints.sections.thoracic.slice(1));
    const start = withStation(skeleton, onJoints, bone, 0, { halfWidth: 98 });
    expect(start.sections['sacrum']![0]!.halfWidth).toBe(98);
    const middle = withStation(skeleton, onJoints, bone, 1, { halfWidth: 97 });
    expect(middle.sections['thoracic']).toBe(onJoints.sections.thoracic);
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

describe('sections that are slid', () => {
  it('never cross their neighbours nor leave their bone, however far they are dragged', () => {
    const slides = fc.array(
      fc.record({ i: fc.nat(30), at: fc.double({ min: -2, max: 3, noNaN: true }) }),
      {
        maxLength: 12,
      },
    );
    fc.assert(
      fc.property(slides, fc.constantFrom('thoracic', 'lumbar', 'sacrum'), (all, key) => {
        const of = skeleton.byId.get(key)!;
        let shape = withStationAdded(withStationAdded(trunk, key, 0.31), key, 0.64);
        for (const { i, at } of all)
          shape = withStation(skeleton, shape, of, i % shape.sections[key]!.length, { at });
        const places = shape.sections[key]!.map((entry) => entry.at);
        expect(places).toEqual(places.toSorted((a, b) => a - b));
        expect(new Set(places).size).toBe(places.length);
        expect(places.every((at) => at >= 0 && at <= 1)).toBe(true);
      }),
      { seed: 8, numRuns: 80 },
    );
  });

  it('go along their bone by what they are dragged, and those at its ends stay', () => {
    const posed = poseSkeleton(skeleton, { lumbar: { flexion: 20 } }, 0.25);
    const { at, way, longMm } = slidePlace(posed, 'lumbar', station);
    const after = slidePlace(posed, 'lumbar', slid(station, 7, longMm));
    expect(dot(sub(after.at, at), way)).toBeCloseTo(7, 9);
    expect([0, 0.5, 1, 1.2].map((place) => canSlide({ ...station, at: place }))).toEqual([
      false,
      true,
      false,
      false,
    ]);
  });
});

describe('edits of one side', () => {
  it('are mirrored on the other while the sides are alike', () => {
    const legs = adopt(skeleton, LIBRARY_SHAPE, 'hindlegs');
    const femur = skeleton.byId.get('femur.L')!;
    const change = fc.record({
      halfDepth: fc.double({ min: 20, max: 120, noNaN: true }),
      side: fc.double({ min: -20, max: 20, noNaN: true }),
      widest: fc.double({ min: -0.9, max: 0.9, noNaN: true }),
    });
    fc.assert(
      fc.property(change, fc.nat(10), (by, i) => {
        const shape = withStation(skeleton, legs, femur, i % legs.sections['femur']!.length, by);
        expect(isMirrored(shapedSkeleton(skeleton, shape))).toBe(true);
      }),
      { seed: 4, numRuns: 15 },
    );
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

  it('follow a line of sight in space: to the point of their way that lies nearest to it', () => {
    const grip = { at: [0, 0, 0], ahead: [0, 1, 0] } as const;
    expect(alongSight(grip, { from: [5, 7, -20], way: [0, 0, 1] })).toBeCloseTo(7, 12);
    expect(alongSight(grip, { from: [0, 0, -10], way: [0, 3, 10] })).toBeCloseTo(3, 12);
    expect(alongSight(grip, { from: [1, -9, 0], way: [0, 1, 0] })).toBeUndefined();
  });

  it('are dragged true where their way is seen shortened', () => {
    // A way that leads half out of the page: a pointer 3 mm along it has pulled 6 mm.
    expect(alongWay([0, 0], [0, 3], [0, 0.5])).toBeCloseTo(6, 12);
    expect(alongWay([0, 0], [5, 0], [0, 1])).toBe(0);
    expect(alongWay([0, 0], [5, 5], [0, 0])).toBe(0);
  });
});
