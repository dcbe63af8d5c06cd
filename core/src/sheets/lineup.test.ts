import { describe, expect, it } from 'vitest';
import { landmarksOf } from '../anatomy/landmarks.ts';
import { ANIMALS } from '../anatomy/registry.ts';
import { restPose } from '../anatomy/pose.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { subjectOf } from '../anatomy/subject.ts';
import { posedApart } from '../body/apart.ts';
import { skinParts } from '../body/skin.ts';
import { loopArea } from '../geometry/contours.ts';
import { drawingSize, itemExtent, type Drawing } from './drawing.ts';
import { landmarkDrawing } from './landmarkDrawing.ts';
import { lineup } from './lineup.ts';

const of = (...ids: readonly string[]) =>
  ids.map((animalId) => subjectOf({ animalId, creature: null }));
const textsOf = ({ items }: Drawing): readonly string[] =>
  items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
/** Height above the ground line of the bars that are no animals, mm of the sheet. */
const bars = ({ items }: Drawing): readonly number[] =>
  items
    .filter((item) => item.layer === 'known sizes' && item.kind === 'line')
    .map((item) => Math.max(...itemExtent(item).map(([, y]) => y)));

describe('animals at one scale', () => {
  it('stand beside a metre and a person, in proportion', () => {
    const drawing = lineup(of('red-deer', 'woolly-mammoth'));
    expect(textsOf(drawing)).toEqual(
      expect.arrayContaining(['1 m', 'a person, 1.70 m', 'Red deer', 'Woolly mammoth']),
    );
    const [metre, person] = bars(drawing);
    expect(person! / metre!).toBeCloseTo(1.7, 6);
  });

  it('show what stands out of them too: the tines of a stag', () => {
    const unions = lineup(of('red-deer')).items.flatMap((item) =>
      item.kind === 'union' ? [item.outlines] : [],
    );
    const [body] = unions.toSorted((a, b) => b.length - a.length);
    const { plan, animal } = subjectOf({ animalId: 'red-deer', creature: null });
    const posed = restPose(buildSkeleton(plan, animal));
    expect(posedApart(posed).length).toBeGreaterThan(20);
    expect(body!.length).toBeGreaterThanOrEqual(skinParts(posed).length + posedApart(posed).length);
    // All go round one way, so that none is a hole in another.
    for (const outline of body!) expect(loopArea(outline)).toBeGreaterThan(-1e-9);
  });

  it('take a hand or a thumb beside small ones', () => {
    expect(textsOf(lineup(of('fire-salamander')))).toContain('a hand, 190 mm');
    expect(textsOf(lineup(of('stag-beetle', 'raft-spider')))).toContain('a thumb, 65 mm');
  });

  it('draw the person and the hand as such, and a bar as a bar', () => {
    const corners = (drawing: Drawing): readonly number[] =>
      drawing.items
        .filter((item) => item.layer === 'known sizes' && item.kind === 'line')
        .map((item) => (item.kind === 'line' ? item.points.length : 0));
    for (const id of ['red-deer', 'fire-salamander', 'stag-beetle']) {
      const [bar, shape] = corners(lineup(of(id)));
      expect(bar).toBe(4);
      expect(shape).toBeGreaterThan(40);
    }
  });

  it('keep the scale: the mammoth is as much taller than the deer as in life', () => {
    const drawing = lineup(of('red-deer', 'woolly-mammoth'));
    const [metre] = bars(drawing);
    const skin = drawing.items.filter((item) => item.kind === 'union' && item.layer === 'skin');
    const tops = skin.map((item) => Math.max(...itemExtent(item).map(([, y]) => y)) / metre!);
    // Antlers and dome of the head, metres (memory: about 1.9 and 3.4).
    expect(tops[0]).toBeGreaterThan(1.5);
    expect(tops[1]).toBeGreaterThan(3);
  });

  it.each(ANIMALS.map((animal) => animal.id))(
    'show the %s on its feet, on a sheet of one size',
    (id) => {
      const drawing = lineup(of(id));
      const [width, height] = drawingSize(drawing);
      expect(width).toBeLessThan(420);
      expect(height).toBeLessThan(260);
      const skin = drawing.items.filter((item) => item.layer === 'skin').flatMap(itemExtent);
      expect(Math.min(...skin.map(([, y]) => y))).toBeGreaterThan(-6);
    },
  );
});

describe('a landmark’s drawing', () => {
  it('rings its place, inside a small drawing', () => {
    const { plan, animal } = of('grey-heron')[0]!;
    const skeleton = buildSkeleton(plan, animal);
    for (const landmark of landmarksOf(skeleton)) {
      const drawing = landmarkDrawing(skeleton, landmark);
      const ring = drawing.items.find((item) => item.layer === 'landmark');
      if (ring?.kind !== 'circle') throw new Error('no ring');
      expect(ring.at[0]).toBeGreaterThan(drawing.box.min[0]);
      expect(ring.at[0]).toBeLessThan(drawing.box.max[0]);
      expect(Math.max(...drawingSize(drawing))).toBeLessThan(100);
    }
  });
});
