// @vitest-environment happy-dom
import { demoWorkpieces, planPiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import FoundStage from './FoundStage.vue';
import { revertLength, takeOver } from './lengthChanges.ts';
import PhotoBones from './PhotoBones.vue';
import { withoutReading, withReading } from './readingChanges.ts';
import SmallThings from './SmallThings.vue';
import TapeStage from './TapeStage.vue';

const [otter, , heron] = demoWorkpieces() as [
  ReturnType<typeof demoWorkpieces>[0],
  unknown,
  ReturnType<typeof demoWorkpieces>[0],
];

describe('lengths taken over', () => {
  it('carry how sure they are and since when, and go back to the library’s', () => {
    const { offers } = planPiece(heron).references;
    const femur = offers.filter(({ found }) => found.key === 'femur');
    const taken = takeOver(heron, femur, '2026-11-25');
    const stored = taken.measure.lifeLengths['femur']!;
    expect(stored.provenance).toBe('photo');
    expect(stored.mm).toBeCloseTo(femur[0]!.working.value, 2);
    expect(stored.plusMinusMm).toBeCloseTo(femur[0]!.working.plusMinus!, 2);
    const plan = planPiece(taken);
    const row = plan.measure.rows.find(({ bone }) => bone.key === 'femur')!;
    expect(row.model.plusMinus).toBeCloseTo(stored.plusMinusMm! / 4, 9);
    expect(row.life.source).toContain('taken over on 2026-11-25');
    // The range goes on to the wire that is cut by it: left and right share their measurement.
    const legs = plan.wire.wires.find((wire) => wire.name === 'Legs')!;
    expect(legs.cut.plusMinus).toBeCloseTo((2 * stored.plusMinusMm!) / 4, 9);
    expect(plan.references.offers.find(({ found }) => found.key === 'femur')!.taken).toBe(true);
    expect(revertLength(taken, 'femur').measure.lifeLengths).toEqual({});
  });
});

describe('readings', () => {
  it('are added up to a number, and taken away one by one', () => {
    const three = [82, 83, 84].reduce((piece, mm) => withReading(piece, 'femur.L', mm), otter);
    expect(three.references.readings).toEqual({ 'femur.L': [82, 83, 84] });
    expect(withoutReading(three, 'femur.L', 1).references.readings['femur.L']).toEqual([82, 84]);
    const none = [0, 0, 0].reduce((piece) => withoutReading(piece, 'femur.L', 0), three);
    expect(none.references.readings).toEqual({});
  });
});

describe('what the pictures say', () => {
  it('tells disagreements with their likely cause, and takes lengths over one by one or all', async () => {
    const { wrapper, piece, labels } = mountWithPiece(FoundStage, heron);
    expect(wrapper.text()).toContain('Every bone has its true length.');
    expect(wrapper.text()).toContain('Ankle, left');
    expect(wrapper.text()).toContain('Likely wrong: Heron, from the front');
    await wrapper.find('button[aria-label="Take over Thigh (femur)"]').trigger('click');
    expect(Object.keys(piece().measure.lifeLengths)).toEqual(['femur']);
    await press(wrapper, 'Take over all');
    expect(Object.keys(piece().measure.lifeLengths)).toHaveLength(20);
    expect(wrapper.text()).toContain('The plan has all of them.');
    await wrapper
      .find('button[aria-label="Take the library’s Thigh (femur) again"]')
      .trigger('click');
    expect(piece().measure.lifeLengths['femur']).toBeUndefined();
    expect(labels).toEqual([
      'Take over Thigh (femur)',
      'Take over 19 lengths',
      'Take the library’s Thigh (femur)',
    ]);
    await press(wrapper, 'Left against right');
    expect(wrapper.text()).toContain('Differs');
    await press(wrapper, 'Bone by bone');
    expect(wrapper.text()).toMatch(/side [\d.]+, \d+ % hidden/);
    await press(wrapper, 'Against other animals');
    expect(wrapper.text()).toContain('As found');
  });

  it('teaches what to do where nothing is measured', () => {
    const { wrapper } = mountWithPiece(FoundStage, otter);
    expect(wrapper.text()).toContain('Nothing is measured yet');
    expect(wrapper.text()).toContain('Bring a picture from the side');
  });
});

describe('tape and caliper', () => {
  it('goes to the next bone when one has its readings, and says what it doubts', async () => {
    const { wrapper, piece } = mountWithPiece(TapeStage, otter);
    const read = async (mm: string): Promise<void> => {
      const field = wrapper.find('.caliper input');
      await field.setValue(mm);
      await field.trigger('keydown', { key: 'Enter' });
    };
    for (const mm of ['46', '46.2', '4.6']) await read(mm);
    await wrapper.vm.$nextTick();
    expect(piece().references.readings).toEqual({ sacrum: [46, 46.2, 4.6] });
    expect(wrapper.find('.what .name').text()).toBe('Lumbar column');
    await wrapper.find('ol button').trigger('click');
    expect(wrapper.find('li.doubted').text()).toContain('4.60');
    await wrapper.find('button[aria-label="Take away the reading 4.60 mm"]').trigger('click');
    expect(piece().references.readings['sacrum']).toEqual([46, 46.2]);
    await typeInto(wrapper, 'Scale of the specimen', '1:2');
    expect(piece().references.specimen.lifePerSpecimen).toBe(2);
    expect(wrapper.text()).toContain('The plan expects 23.0 mm');
  });
});

describe('nearer or farther', () => {
  it('names impossible bones with what would make them possible', () => {
    const bone = planPiece(otter).measure.skeleton.byId.get('femur.L')!;
    const found = {
      pxPerMm: 2,
      leastPxPerMm: 2.5,
      calibrated: true,
      headingDeg: 0,
      angles: null,
      impossible: [{ bone, lengthMm: 100, movePx: 36, pxPerMm: 2.44 }],
      bones: [
        { bone, seenShare: 1.22, depthMm: null, nearer: 1, chosen: false, missDeg: null } as const,
      ],
    };
    const { wrapper } = mountWithPiece(PhotoBones, otter, { found });
    expect(wrapper.find('[role="alert"]').text()).toContain('36 px nearer');
    expect(wrapper.find('[role="alert"]').text()).toContain('100.0 mm and not 82.0 mm');
    expect(wrapper.find('tbody button').attributes('disabled')).toBeDefined();
  });
});

describe('the smallest parts', () => {
  it('offer scales of eyes as they are sold', async () => {
    const { wrapper, piece } = mountWithPiece(SmallThings, otter);
    await press(wrapper, '4.0 mm at');
    expect(piece().measure.scale).toEqual({ by: 'eye', mm: 4 });
    expect(wrapper.find('[data-working="measure.small.eye"]').text()).toContain('4.00 mm');
  });
});
