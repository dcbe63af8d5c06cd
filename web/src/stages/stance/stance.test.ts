/* eslint-disable max-lines -- the tests of one subject, which share its pieces */
// @vitest-environment happy-dom
import { demoWorkpieces, rockOf, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { giveFile, press, slideTo, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import BalanceControl from './BalanceControl.vue';
import FeetRows from './FeetRows.vue';
import GaitPanel from './GaitPanel.vue';
import GroundControl from './GroundControl.vue';
import JointTable from './JointTable.vue';
import KeptStances from './KeptStances.vue';
import LimbEdits from './LimbEdits.vue';
import StanceFiles from './StanceFiles.vue';

const [, wolf] = demoWorkpieces() as [Workpiece, Workpiece];
const bent: Workpiece = {
  ...wolf,
  stance: { ...wolf.stance, anglesDeg: { 'femur.L': { flexion: 40 } } },
};

describe('JointTable', () => {
  it('locks a joint against drags, and unlocks it', async () => {
    const { wrapper, piece } = mountWithPiece(JointTable, wolf);
    const lock = wrapper.find('[aria-label="Lock Knee, left, flexion"]');
    await lock.trigger('click');
    expect(piece().stance.locked).toEqual(['tibia.L']);
    expect(lock.attributes('aria-pressed')).toBe('true');
    await lock.trigger('click');
    expect(piece().stance.locked).toEqual([]);
  });

  it('turns to the part of the body that was touched on the sheet', async () => {
    const { wrapper, selection } = mountWithPiece(JointTable, wolf);
    expect(wrapper.text()).toContain('Hip joint');
    selection.pick({ kind: 'bone', id: 'skull' });
    await wrapper.vm.$nextTick();
    expect(wrapper.text()).toContain('Head joint');
    expect(wrapper.text()).not.toContain('Hip joint');
  });

  it('sets an angle within the limits, refuses one beyond, and resets it', async () => {
    const { wrapper, piece, labels } = mountWithPiece(JointTable, wolf);
    await typeInto(wrapper, 'Knee, left, flexion, degrees', '20°');
    expect(piece().stance.anglesDeg['tibia.L']).toEqual({ flexion: 20 });
    await typeInto(wrapper, 'Knee, left, flexion, degrees', '170');
    expect(wrapper.find('[role=alert]').text()).toContain('Knee, left, flexion');
    await wrapper.find('[aria-label="Reset Knee, left, flexion"]').trigger('click');
    expect(piece().stance.anglesDeg['tibia.L']).toBeUndefined();
    expect(labels).toEqual(['Set Knee, left, flexion', 'Reset Knee, left, flexion']);
  });
});

describe('FeetRows', () => {
  it('lifts a foot, and plants one that hangs', async () => {
    const { wrapper, piece, plan } = mountWithPiece(FeetRows, bent);
    const left = () => plan().stance.feet.find((foot) => foot.contact.id === 'hindfoot.L')!;
    expect(left().touches).toBe(false);
    await press(wrapper, 'Plant the feet');
    expect(left().touches).toBe(true);
    await wrapper.findAll('[role=switch]')[0]!.trigger('click');
    expect(piece().stance.lifted).toHaveLength(1);
  });
});

const heron = demoWorkpieces().find(({ id }) => id === 'heron-at-the-sluice')!;
const baryonyx = demoWorkpieces().find(({ id }) => id === 'fishing-baryonyx')!;
const galloping: Workpiece = {
  ...wolf,
  stance: { ...wolf.stance, gait: { id: 'gallop', moment: 0.25, strideMm: null }, anglesDeg: {} },
};

describe('a locked foot', () => {
  it('stays where it stands when an angle of the trunk is typed', async () => {
    const locking = mountWithPiece(FeetRows, wolf);
    await locking.wrapper
      .find('[aria-label="Lock the left hind foot where it stands"]')
      .trigger('click');
    expect(locking.piece().stance.locked).toEqual(['hindfoot.L']);
    const { wrapper, plan, selection } = mountWithPiece(JointTable, locking.piece());
    selection.pick({ kind: 'bone', id: 'skull' });
    await wrapper.vm.$nextTick();
    const ballOf = (id: string) => {
      const { posed } = plan().stance;
      const foot = plan().stance.feet.find((foot) => foot.contact.id === id)!;
      return foot.ball.map((v, i) => v - posed.bones[0]!.start[i]!);
    };
    const before = [ballOf('hindfoot.L'), ballOf('hindfoot.R')] as const;
    const root = plan().measure.skeleton.bones[0]!;
    await typeInto(wrapper, `${root.joint.name}, flexion, degrees`, '3');
    const far = (a: number[], b: number[]) => Math.hypot(...a.map((v, i) => v - b[i]!));
    expect(far(ballOf('hindfoot.L'), before[0])).toBeLessThan(0.1);
    expect(far(ballOf('hindfoot.R'), before[1])).toBeGreaterThan(0.3);
  });
});

describe('GaitPanel', () => {
  const mounted = () =>
    mountWithPiece(GaitPanel, galloping, (plan) => ({ gait: plan.stance.gait }));

  it('steps by eighths, round and round', async () => {
    const { wrapper, piece, labels } = mounted();
    await wrapper.find('[aria-label="An eighth on"]').trigger('click');
    expect(piece().stance.gait).toEqual({ id: 'gallop', moment: 0.375, strideMm: null });
    for (let i = 0; i < 4; i++)
      await wrapper.find('[aria-label="An eighth back"]').trigger('click');
    expect(piece().stance.gait!.moment).toBe(0.875);
    expect(labels).toContain('Slide the gallop');
  });

  it('slides to a moment, and tells it', async () => {
    const { wrapper, piece } = mounted();
    await slideTo(wrapper, 'Moment of the gallop', 430);
    expect(piece().stance.gait!.moment).toBeCloseTo(0.43, 9);
    expect(wrapper.find('output').text()).toBe('43.0 %');
  });

  it('stops at the ends of a take-off', async () => {
    const flying: Workpiece = {
      ...heron,
      stance: {
        ...heron.stance,
        gait: { id: 'take-off', moment: 1, strideMm: null },
        anglesDeg: {},
      },
    };
    const { wrapper, piece } = mountWithPiece(GaitPanel, flying, (plan) => ({
      gait: plan.stance.gait,
    }));
    await wrapper.find('[aria-label="An eighth on"]').trigger('click');
    expect(piece().stance.gait!.moment).toBe(1);
  });
});

describe('GroundControl', () => {
  const onLog: Workpiece = {
    ...wolf,
    stance: {
      ...wolf.stance,
      ground: { kind: 'log', atMm: 100, topMm: 10, diameterMm: 10, acrossMm: null },
    },
  };

  it('changes a log and plants the feet again', async () => {
    const { wrapper, piece, plan } = mountWithPiece(GroundControl, onLog);
    await press(wrapper, 'Bring it under');
    const before = piece().stance.anglesDeg;
    await typeInto(wrapper, 'Its top above the base', '14');
    expect(piece().stance.ground).toMatchObject({ kind: 'log', topMm: 14 });
    await typeInto(wrapper, 'Middle, ahead of the hip', '-20 mm');
    expect(piece().stance.ground).toMatchObject({ atMm: -20 });
    expect(piece().stance.anglesDeg).not.toEqual(before);
    for (const foot of plan().stance.feet.filter(({ down }) => down))
      expect(foot.touches, foot.contact.name).toBe(true);
  });

  it('takes a rock of a few, stretches it, and gives it points more and fewer', async () => {
    const rock: Workpiece = {
      ...wolf,
      stance: { ...wolf.stance, ground: rockOf('ledge', -120, 100, 8) },
    };
    const { wrapper: own, piece: now } = mountWithPiece(GroundControl, rock);
    const points = () => {
      const { ground } = now().stance;
      if (ground.kind !== 'rock') throw new Error('a rock was asked for');
      return ground.points;
    };
    await typeInto(own, 'Long, back to front', '260 mm');
    expect([points()[0]![0], points().at(-1)![0]]).toEqual([-140, 120]);
    await typeInto(own, 'High', '12 mm');
    expect(Math.max(...points().map(([, y]) => y))).toBe(12);
    const count = points().length;
    await press(own, 'One point more');
    expect(points()).toHaveLength(count + 1);
    await press(own, 'One point less');
    expect(points()).toHaveLength(count);
    await typeInto(own, 'Across the base', '90 mm');
    expect(now().stance.ground).toMatchObject({ acrossMm: 90 });
  });
});

describe('BalanceControl', () => {
  const front: Workpiece = {
    ...baryonyx,
    stance: { ...baryonyx.stance, presetId: 'walking', anglesDeg: {}, lifted: null },
  };

  it('places a weight that it offers, changes it, and takes it out', async () => {
    const { wrapper, piece, plan, labels } = mountWithPiece(BalanceControl, demoWorkpieces()[0]!);
    const codes = () => plan().snags.map(({ code }) => code);
    expect(codes()).toContain('mass-near-edge');
    await wrapper.find('.places button').trigger('click');
    expect(piece().stance.weight!.metal).toBe('steel');
    expect(codes()).not.toContain('mass-near-edge');
    await typeInto(wrapper, 'Weight inside', '900 g');
    expect(codes()).toContain('weight-too-large');
    await typeInto(wrapper, 'Weight inside', 'heavy');
    expect(wrapper.find('[role=alert]').text()).toContain('0.1 to 20000 g');
    await press(wrapper, 'take it out');
    expect(piece().stance.weight).toBeNull();
    expect(labels.at(-1)).toBe('Take the weight out');
  });

  it('warns of lead', () => {
    const lead: Workpiece = {
      ...front,
      stance: {
        ...front.stance,
        weight: { boneId: 'tail1', along: 0.5, grams: 10, metal: 'lead' },
      },
    };
    const { wrapper } = mountWithPiece(BalanceControl, lead);
    expect(wrapper.find('[aria-label=Cautions]').text()).toContain('Lead is poisonous');
  });

  it('tells the smallest base for the tilt that is typed', async () => {
    const { wrapper, plan } = mountWithPiece(BalanceControl, front);
    const before = plan().balance.base.lengthMm;
    await typeInto(wrapper, 'Tilt that it must survive', '30');
    expect(plan().balance.base.lengthMm).toBeGreaterThan(before);
    expect(wrapper.findAll('tbody tr')).toHaveLength(plan().balance.bases.length);
  });

  it('hangs a piece', async () => {
    const { wrapper, piece } = mountWithPiece(BalanceControl, front);
    await press(wrapper, 'Hanging');
    expect(piece().stance.hold).toBe('hanging');
    expect(wrapper.text()).toContain('Hook, from the');
  });
});

describe('LimbEdits', () => {
  it('swaps the sides, with the lifted foot', async () => {
    const walking = { ...wolf, stance: { ...wolf.stance, presetId: 'walking' } };
    const { wrapper, plan, labels } = mountWithPiece(LimbEdits, walking);
    const lifted = () =>
      plan()
        .stance.feet.filter(({ down }) => !down)
        .map(({ contact }) => contact.id);
    const before = lifted();
    await press(wrapper, 'Swap left and right');
    expect(lifted()).not.toEqual(before);
    expect(lifted()).toHaveLength(before.length);
    expect(labels).toEqual(['Swap left and right']);
  });

  it('copies a side, and straightens one', async () => {
    const { wrapper, piece } = mountWithPiece(LimbEdits, bent);
    await press(wrapper, 'Copy left to right');
    expect(piece().stance.anglesDeg['femur.R']!.flexion).toBeCloseTo(40, 2);
    await press(wrapper, 'Straighten right');
    expect(piece().stance.anglesDeg['femur.R']!.flexion).toBe(0);
    expect(piece().stance.anglesDeg['femur.L']!.flexion).toBe(40);
  });
});

describe('KeptStances', () => {
  it('keeps a stance under a name, takes it up again, and removes it', async () => {
    const { wrapper, piece } = mountWithPiece(KeptStances, bent, { comparing: null });
    await wrapper.find('input').setValue('Bent thigh');
    await wrapper.find('form').trigger('submit');
    expect(piece().stance.kept.map(({ name }) => name)).toEqual(['Bent thigh']);
    await wrapper.find('form').trigger('submit');
    // Without a name it is called after what it is.
    expect(piece().stance.kept[1]!.name).toBe('Standing');
    await wrapper.find('[aria-label="Take up Bent thigh"]').trigger('click');
    expect(piece().stance.anglesDeg).toEqual(bent.stance.anglesDeg);
    await wrapper.find('[aria-label="Remove Bent thigh"]').trigger('click');
    expect(piece().stance.kept.map(({ name }) => name)).toEqual(['Standing']);
  });
});

describe('StanceFiles', () => {
  it('tells what is wrong with a file, and lets joints of another be named', async () => {
    const { wrapper } = mountWithPiece(StanceFiles, wolf);
    const give = (text: string): Promise<void> =>
      giveFile(wrapper, 'BVH file', new File([text], 'a.bvh', { type: 'text/plain' }));
    await give('nothing');
    expect(wrapper.find('[role=alert]').text()).toContain('HIERARCHY');
    await give(
      'HIERARCHY\nROOT Hips\n{\nOFFSET 0 0 0\nCHANNELS 3 Zrotation Xrotation Yrotation\nEnd Site\n{\nOFFSET 0 1 0\n}\n}\nMOTION\nFrames: 1\nFrame Time: 0.1\n0 0 0\n',
    );
    expect(wrapper.find('[role=alert]').exists()).toBe(false);
    expect(wrapper.text()).toContain('1 joint, 1 frame');
    expect(wrapper.text()).toContain('Hips');
  });
});
