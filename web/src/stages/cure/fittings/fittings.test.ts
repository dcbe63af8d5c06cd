// @vitest-environment happy-dom
import {
  demoWorkpieces,
  problemSentence,
  readPieceText,
  pieceText,
  type Workpiece,
} from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../../testing/hands.ts';
import { mountWithPiece } from '../../../testing/mountWithPiece.ts';
import BodyParts from './BodyParts.vue';
import FittingsStage from './FittingsStage.vue';
import {
  fittingIdOf,
  thingIdOf,
  withBodyPart,
  withFeature,
  withMaking,
  withoutThing,
  withParted,
} from './fittingChanges.ts';

const [otter] = demoWorkpieces() as [Workpiece];
const hob = demoWorkpieces().find(({ id }) => id === 'sluice-hob')!;

describe('the room of fittings', () => {
  it('lists what is made apart, and shows the numbers and the reason of the one that is touched', async () => {
    const { wrapper, plan } = mountWithPiece(FittingsStage, otter, {}, true);
    const { fittings } = plan().fittings;
    expect(fittings.map(({ id }) => id)).toEqual(['eyes', 'claws', 'canines', 'whiskers']);
    for (const { name, length, why, count, spare } of fittings) {
      await press(wrapper, name);
      expect(wrapper.text()).toContain(`${count} + ${spare}`);
      expect(wrapper.text()).toContain(why);
      expect(wrapper.find(`[data-working="${length.id}"]`).exists()).toBe(true);
    }
  });

  it('makes the eyes half a millimetre larger, and their steps and shopping follow', async () => {
    const { wrapper, plan, labels } = mountWithPiece(FittingsStage, otter, {}, true);
    const sold = () => plan().fittings.fittings[0]!.sold!.value;
    const before = sold();
    await press(wrapper, '½ mm larger');
    expect(sold()).toBeCloseTo(before + 0.5, 9);
    expect(labels).toEqual(['Change the size of the eyes']);
    const step = plan().bench!.steps.find(({ id }) => id === 'parts.eyes')!;
    const across = step.sentence.find((part) => typeof part !== 'string');
    expect(across).toMatchObject({ value: before + 0.5 });
    const line = plan().bench!.shopping.find(({ id }) => id === 'fittings.eyes.count')!;
    expect(line.what).toEqual(
      expect.arrayContaining([expect.objectContaining({ value: before + 0.5 })]),
    );
  });

  it('adds a thing, changes it by numbers of the model, and takes it away', async () => {
    const { wrapper, plan, piece } = mountWithPiece(FittingsStage, otter, {}, true);
    await press(wrapper, 'Add');
    const [thing] = piece().measure.shape.things;
    expect(thing).toMatchObject({ id: 'horn-1', sides: 'both' });
    await typeInto(wrapper, 'Long, on the model', '24 mm');
    expect(piece().measure.shape.things[0]!.lengthMm).toBeCloseTo(
      24 * plan().measure.lifePerModel,
      9,
    );
    await typeInto(wrapper, 'Its tip turns by', '500000');
    expect(wrapper.text()).toMatch(/Its tip turns by: received .*500000/);
    await press(wrapper, 'Part left and right');
    expect(piece().measure.shape.things.map(({ sides }) => sides)).toEqual(['left', 'right']);
    await press(wrapper, 'Remove');
    expect(piece().measure.shape.things).toHaveLength(1);
  });

  it('leaves a part of the animal out and puts it back', async () => {
    const { wrapper, plan, piece } = mountWithPiece(FittingsStage, otter, {}, true);
    await press(wrapper, 'Claws');
    await press(wrapper, 'Leave the claws out');
    expect(plan().fittings.fittings.some(({ id }) => id === 'claws')).toBe(false);
    expect(wrapper.text()).toContain('Claws: left out.');
    await press(wrapper, 'Put back');
    expect(piece().measure.shape.features).toEqual({});
  });

  it('has a ring for each part on the animal, and templates of the one that is chosen', async () => {
    const { wrapper } = mountWithPiece(FittingsStage, hob, {}, true);
    const rings = wrapper.findAll('[data-grip]').map((ring) => ring.attributes('data-grip'));
    expect(rings).toEqual(expect.arrayContaining(['eyes', 'own-horns', 'own-spikes:end']));
    await press(wrapper, 'Curled horns');
    await press(wrapper, 'Templates');
    expect(wrapper.text()).toContain('Gauge: curled horns');
    expect(wrapper.text()).not.toContain('Gauge: claws');
  });
});

describe('parts of the body', () => {
  it('are made apart and built in place again', async () => {
    const { wrapper, piece } = mountWithPiece(BodyParts, hob, {}, true);
    expect(wrapper.text()).toContain('from upper arm (humerus)');
    await press(wrapper, 'Build in place');
    expect(piece().fittings.apart).toEqual([]);
    await press(wrapper, 'Make apart');
    expect(piece().fittings.apart).toHaveLength(1);
    await typeInto(wrapper, 'Play over the wire, all round', '0.4 mm');
    expect(piece().fittings.clearanceMm).toBe(0.4);
  });
});

describe('changes', () => {
  const readable = (piece: Workpiece): string => {
    const read = readPieceText(pieceText(piece));
    return read.ok ? 'read' : problemSentence(read.problem);
  };

  it('keep only what is decided, and leave documents that are read', () => {
    const changed = withFeature(otter, 'claws', { long: 1.2 });
    expect(Object.keys(changed.measure.shape.features)).toEqual(['claws']);
    expect(withFeature(changed, 'claws', { long: null }).measure.shape.features).toEqual({});
    const made = withMaking(otter, 'claws', { material: 'wire' });
    expect(made.fittings.made['claws']).toEqual({ material: 'wire', spare: null });
    expect(withMaking(made, 'claws', { material: null }).fittings.made).not.toHaveProperty('claws');
    for (const piece of [changed, made, withBodyPart(otter, 'humerus.L', true)])
      expect(readable(piece)).toBe('read');
  });

  it('take a thing away with all that was decided about it', () => {
    const made = withMaking(hob, fittingIdOf('horns'), { spare: 4 });
    const without = withoutThing(made, thingIdOf('own-horns')!);
    expect(without.measure.shape.things.map(({ id }) => id)).not.toContain('horns');
    expect(without.fittings.made).not.toHaveProperty('own-horns');
    expect(readable(without)).toBe('read');
    expect(withParted(hob, 'spikes', ['l', 'r'])).toBe(hob);
    expect(thingIdOf('claws')).toBeUndefined();
  });
});
