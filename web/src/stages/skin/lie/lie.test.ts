// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { choose, press, typeInto } from '../../../testing/hands.ts';
import { mountWithPiece } from '../../../testing/mountWithPiece.ts';
import { MOST_PLACES, withNewMark } from './lieChanges.ts';
import MarkList from './MarkList.vue';

const [otter, wolf] = demoWorkpieces() as [Workpiece, Workpiece];

describe('a drawn mark', () => {
  it('keeps its ends, and no more places than a line needs', () => {
    const places = Array.from({ length: 90 }, (_, i) => ({
      ...{ boneId: 'thoracic', along: i / 89, around: 90 },
    }));
    const [mark] = withNewMark(otter, 'guide', places, 20).skin.marks;
    expect(mark!.places).toHaveLength(MOST_PLACES);
    expect(mark!.places[0]!.along).toBe(0);
    expect(mark!.places.at(-1)!.along).toBe(1);
    expect(mark).toMatchObject({ id: 'guide-1', mirrored: true });
  });

  it('gets a name that no other has', () => {
    const two = withNewMark(wolf, 'guide', [{ boneId: 'skull', along: 0, around: 0 }], 20);
    const ids = two.skin.marks.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});

describe('MarkList', () => {
  it('adds a line that is typed', async () => {
    const { wrapper, piece } = mountWithPiece(MarkList, otter, { chosen: null });
    expect(wrapper.text()).toContain('No marks of your own');
    await press(wrapper, 'Add a line to type');
    expect(piece().skin.marks).toHaveLength(1);
  });

  it('types the places and the turn of a mark, and removes it', async () => {
    const { wrapper, piece, labels } = mountWithPiece(MarkList, wolf, { chosen: 'whorl-1' });
    await typeInto(wrapper, 'Turns by', '90');
    await typeInto(wrapper, 'Along its bone, place 1', '40');
    await typeInto(wrapper, 'From the back line, place 1', '-30');
    await choose(wrapper, 'Bone of place 1', 'lumbar');
    const mark = piece().skin.marks.find(({ id }) => id === 'whorl-1')!;
    expect(mark).toMatchObject({
      turnDeg: 90,
      places: [{ boneId: 'lumbar', along: 0.4, around: -30 }],
    });
    await typeInto(wrapper, 'Radius in life', '-5');
    expect(wrapper.text()).toContain('Radius in life: received');
    await press(wrapper, 'Remove this mark');
    expect(piece().skin.marks.map(({ id }) => id)).toEqual(['guide-1']);
    expect(labels.at(-1)).toBe('Remove this mark');
  });
});
