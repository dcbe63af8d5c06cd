// @vitest-environment happy-dom
import {
  demoWorkpieces,
  jointNeeds,
  needsOf,
  sentenceText,
  type Lesson,
  type Workpiece,
} from '@keen-sinew/core';
import SearchField from '../../kit/SearchField.vue';
import { describe, expect, it, vi } from 'vitest';
import { boxesIn, choose, giveFile, press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import FinishedStage from './finished/FinishedStage.vue';
import LessonList from './log/LessonList.vue';
import LogList from './log/LogList.vue';
import LogStage from './log/LogStage.vue';
import NewEntry from './log/NewEntry.vue';
import OwnSteps from './OwnSteps.vue';
import StepCard from './StepCard.vue';
import StepList from './StepList.vue';
import JointTable from './stock/JointTable.vue';
import MaterialTable from './stock/MaterialTable.vue';
import { until } from '../../testing/until.ts';

const [otter] = demoWorkpieces() as [Workpiece];
const withBench = (part: Partial<Workpiece['bench']>): Workpiece => ({
  ...otter,
  bench: { ...otter.bench, ...part },
});
const LOG: Workpiece['bench']['log'] = [
  {
    ...{ id: 'e1', at: '2026-05-30T14:05', kind: 'attempt', step: 'wire.bind', minutes: null },
    ...{ words: 'The tape slipped.', picture: null },
  },
  {
    ...{ id: 'e2', at: '2026-05-29T09:00', kind: 'note', step: null, minutes: null },
    ...{ words: 'A good start.', picture: null },
  },
];
const card = (id: string, start = otter) =>
  mountWithPiece(StepCard, start, (plan) => ({
    step: plan.bench!.steps.find((step) => step.id === id)!,
    picked: false,
  }));

describe('a step card', () => {
  it('ticks the parts of a step one by one', async () => {
    const { wrapper, piece, labels } = card('wire.drill');
    await boxesIn(wrapper)[2]!.trigger('click');
    expect(piece().bench.partsDone).toEqual({ 'wire.drill': ['2'] });
    expect(piece().bench.done).toEqual({});
    await boxesIn(wrapper)[2]!.trigger('click');
    expect(piece().bench.partsDone).toEqual({});
    expect(labels[0]).toContain('Hole 2');
  });

  it('is left out with a reason, and taken up again', async () => {
    const { wrapper, piece } = card('wire.drill');
    await press(wrapper, 'Leave it out');
    await typeInto(wrapper, 'Why “Drill the base” is left out', 'It is drilled already.');
    expect(piece().bench.leftOut).toEqual({ 'wire.drill': 'It is drilled already.' });
    await press(wrapper, 'Take it up again');
    expect(piece().bench.leftOut).toEqual({});
  });

  it('tells how it should look, and what was learnt at such a step', async () => {
    const lesson: Lesson = {
      ...{ id: 'l1', piece: 'An earlier otter', on: '2026-01-02', words: 'Drill slowly.' },
      about: { kind: 'work', id: 'drill' },
    };
    const taught = { ...otter, atHand: { ...otter.atHand, lessons: [lesson] } };
    const { wrapper } = card('wire.drill', taught);
    expect(wrapper.text()).toContain('Learnt at “An earlier otter”: Drill slowly.');
    expect(wrapper.find('dl').exists()).toBe(false);
    await press(wrapper, 'How it should look');
    expect(wrapper.find('dl').text()).toContain('Right when');
  });

  it('takes what it uses from the workshop when it is ticked, and gives it back', async () => {
    const { wrapper, piece } = card('mass.core');
    const foil = (): number => piece().atHand.supplies.find(({ kind }) => kind === 'foil')!.amount;
    const before = foil();
    await boxesIn(wrapper)[0]!.trigger('click');
    expect(foil()).toBeLessThan(before);
    expect(piece().atHand.used[0]).toMatchObject({ step: 'mass.core', of: 'supply' });
    await typeInto(wrapper, 'Minutes for Pack the core', '60');
    expect(piece().atHand.used).toHaveLength(1);
    await boxesIn(wrapper)[0]!.trigger('click');
    expect(foil()).toBeCloseTo(before, 9);
    expect(piece().atHand.used).toEqual([]);
  });
});

describe('the order of steps', () => {
  it('is changed by the arrow keys within what the needs allow, and says where it ends', async () => {
    const { wrapper, piece } = mountWithPiece(StepList, otter, (plan) => ({
      steps: plan.bench!.steps,
    }));
    await vi.dynamicImportSettled();
    const grip = (title: string) => wrapper.find(`[aria-label="Move “${title}”"]`);
    await grip('Cut A, spine').trigger('keydown', { key: 'ArrowUp' });
    expect(wrapper.find('[role=status]').text()).toContain('as near as the order allows');
    expect(piece().bench.moved).toEqual([]);
    await grip('Cut B, hind legs').trigger('keydown', { key: 'ArrowUp' });
    expect(piece().bench.moved).toEqual([{ step: 'wire.B.cut', after: 'wire.A.cut' }]);
  });

  it('takes steps of one’s own, changed and removed', async () => {
    const { wrapper, piece } = mountWithPiece(OwnSteps, otter, (plan) => ({ bench: plan.bench! }));
    await press(wrapper, 'Add a step of your own');
    expect(piece().bench.own).toHaveLength(1);
    await typeInto(wrapper, 'Name', 'Photograph the armature');
    await typeInto(wrapper, 'Takes about', '10 min');
    await choose(wrapper, 'Not before', 'wire.bind');
    expect(piece().bench.own[0]).toMatchObject({
      ...{ title: 'Photograph the armature', minutes: 10, after: 'wire.bind' },
    });
    await press(wrapper, 'Remove this step');
    expect(piece().bench.own).toEqual([]);
  });
});

describe('the log', () => {
  it('is searched, and becomes a lesson that is tied to its step', async () => {
    const { wrapper, piece } = mountWithPiece(LogStage, withBench({ log: LOG }));
    expect(wrapper.findAll('li').length).toBeGreaterThanOrEqual(2);
    wrapper.findComponent(SearchField).vm.$emit('set', 'slipped');
    await wrapper.vm.$nextTick();
    expect(wrapper.findComponent(LogList).findAll('li')).toHaveLength(1);
    await press(wrapper, 'Learn from it');
    await choose(wrapper, 'Comes back at', 'work bind');
    await press(wrapper, 'Keep the lesson');
    expect(piece().atHand.lessons).toHaveLength(1);
    expect(piece().atHand.lessons[0]).toMatchObject({
      ...{ words: 'The tape slipped.', about: { kind: 'work', id: 'bind' }, piece: otter.name },
    });
    expect(wrapper.findComponent(LessonList).text()).toContain('The tape slipped.');
    wrapper.findComponent(SearchField).vm.$emit('set', 'xyzzy');
    await wrapper.vm.$nextTick();
    expect(wrapper.text()).toContain('Nothing in the diary has “xyzzy”');
  });

  it('takes what is written, and says that nothing was', async () => {
    const { wrapper, piece } = mountWithPiece(NewEntry, otter, (plan) => ({
      steps: plan.bench!.steps,
    }));
    await press(wrapper, 'Keep it');
    expect(wrapper.text()).toContain('an empty entry is not kept');
    await choose(wrapper, 'Kind of entry', 'attempt');
    await choose(wrapper, 'At step', 'mass.core');
    await wrapper.find('textarea').setValue('Too loose, packed it again.');
    await press(wrapper, 'Keep it');
    expect(piece().bench.log).toHaveLength(1);
    expect(piece().bench.log[0]).toMatchObject({
      ...{ kind: 'attempt', step: 'mass.core', words: 'Too loose, packed it again.' },
    });
  });

  it('says of a file that is no picture what is wrong, and keeps nothing', async () => {
    const { wrapper, piece } = mountWithPiece(NewEntry, otter, (plan) => ({
      steps: plan.bench!.steps,
    }));
    await giveFile(wrapper, 'Picture for the log', new File(['words'], 'notes.txt'));
    await until(() => expect(wrapper.text()).toContain('notes.txt'));
    expect(piece().bench.log).toEqual([]);
  });

  it('lets an entry be taken out again', async () => {
    const { wrapper, piece } = mountWithPiece(LogStage, withBench({ log: LOG }));
    await press(wrapper, 'Remove');
    expect(piece().bench.log.length).toBe(1);
  });
});

describe('stock', () => {
  it('tells of every stuff what it takes, what is there and what to buy, each with its working', async () => {
    const { wrapper, plan, selection } = mountWithPiece(MaterialTable, otter, (its) => ({
      materials: its.bench!.materials,
      byWhen: () => 'Mon 1 Jun',
    }));
    const { materials } = plan().bench!;
    await until(() => expect(wrapper.findAll('tbody tr')).toHaveLength(materials.length));
    const clay = materials.find(({ kind }) => kind === 'clay')!;
    await wrapper.find(`[data-working="${clay.onHand!.id}"]`).trigger('click');
    expect(selection.open.value).toBe(clay.onHand!.id);
    expect(wrapper.text()).toContain('Mon 1 Jun');
  });

  it('adds up what all pieces take', () => {
    const { wrapper } = mountWithPiece(JointTable, otter, (plan) => {
      const needs = needsOf(plan.bench!.materials, () => false);
      return {
        needs: jointNeeds([
          { name: 'One', needs },
          { name: 'Two', needs },
        ]).slice(0, 3),
      };
    });
    expect(wrapper.findAll('tbody tr')).toHaveLength(3);
    expect(wrapper.text()).toContain('One, Two');
  });
});

describe('the finished piece', () => {
  it('takes what it came out as, and tells how far that is off', async () => {
    const { wrapper, piece, plan } = mountWithPiece(FinishedStage, otter);
    const [grams] = plan().bench!.cameOut;
    const label = `${grams!.planned.label}: came out as`;
    await typeInto(wrapper, label, '500 g');
    expect(piece().bench.cameOut.grams).toBe(500);
    expect(plan().bench!.cameOut[0]!.off).not.toBeNull();
    await typeInto(wrapper, label, '');
    expect(piece().bench.cameOut.grams).toBeNull();
    for (const { weak, care } of [plan().bench!.keeping])
      for (const line of [...weak.map((of) => sentenceText(of).split(' ')[0]!), ...care])
        expect(wrapper.text()).toContain(line);
  });
});
