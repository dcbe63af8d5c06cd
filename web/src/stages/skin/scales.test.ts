// @vitest-environment happy-dom
import { demoWorkpieces } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import StampList from './scales/StampList.vue';
import TubeRows from './scales/TubeRows.vue';
import StrokeFields from './StrokeFields.vue';
import FibreFields from './FibreFields.vue';
import OwnTools from '../../workshop/OwnTools.vue';

const pieceOf = (id: string) => demoWorkpieces().find((piece) => piece.id === id)!;

describe('TubeRows', () => {
  it('sets rows, says what is counted, and goes back to it', async () => {
    const { wrapper, piece } = mountWithPiece(TubeRows, pieceOf('adder-in-a-coil'), (plan) => ({
      tube: plan.skin.tubes[0]!,
    }));
    await typeInto(wrapper, 'Scales round', '19');
    expect(piece().skin.rows['trunk']).toEqual({ round: 19, along: null });
    await press(wrapper, 'counted');
    expect(piece().skin.rows['trunk']).toEqual({ round: null, along: null });
  });
});

describe('StampList', () => {
  it('adds a roller, with its seam, and removes it', async () => {
    const { wrapper, piece, plan } = mountWithPiece(StampList, pieceOf('adder-in-a-coil'));
    await press(wrapper, 'Add a stamp');
    await press(wrapper, 'Roller');
    await typeInto(wrapper, 'Diameter of the roller, Scale stamp', '16');
    expect(piece().skin.stamps[0]).toMatchObject({ kind: 'roller', diameterMm: 16 });
    expect(plan().skin.stamps[0]!.round!.value).toBeCloseTo(16 * Math.PI, 9);
    expect(wrapper.text()).toContain('Scale stamp, seam');
    await press(wrapper, 'Remove');
    expect(piece().skin.stamps).toEqual([]);
  });

  it('says where an animal has no scales to press', () => {
    const { wrapper } = mountWithPiece(StampList, pieceOf('wolf-at-the-carr'));
    expect(wrapper.text()).toContain('No zone of this animal has scales');
  });
});

describe('how strokes vary and hair is planted', () => {
  it('is typed, and told where it cannot be', async () => {
    const strokes = mountWithPiece(StrokeFields, pieceOf('otter-on-the-log'));
    await typeInto(strokes.wrapper, 'Length varies by', '50');
    await typeInto(strokes.wrapper, 'Strokes a minute', '80');
    expect(strokes.piece().skin.vary.length).toBe(0.5);
    expect(strokes.piece().skin.pace.strokesPerMin).toBe(80);
    await typeInto(strokes.wrapper, 'Strokes a minute', 'many');
    expect(strokes.wrapper.text()).toContain('Strokes a minute: received “many”');
    const fibre = mountWithPiece(FibreFields, pieceOf('raft-spider-on-the-water'));
    await typeInto(fibre.wrapper, 'Hairs in a tuft', '9');
    await typeInto(fibre.wrapper, 'Trimmed off', '40 %');
    expect(fibre.piece().skin.fibre).toMatchObject({ hairsPerTuft: 9, trimPercent: 40 });
  });
});

describe('OwnTools', () => {
  it('hands on a tool by the narrowest stroke that was measured', async () => {
    const own = [{ id: 'tool-1', name: 'Bent pin', leastMm: 0.5, how: '' }];
    const { wrapper } = mountWithPiece(OwnTools, pieceOf('otter-on-the-log'), { tools: own });
    await typeInto(wrapper, 'Narrowest stroke of Bent pin', '0.2');
    const list = wrapper.findComponent(OwnTools);
    expect(list.emitted('set')![0]![1]).toEqual([{ ...own[0], leastMm: 0.2 }]);
    await press(wrapper, 'Remove');
    expect(list.emitted('set')![1]![1]).toEqual([]);
  });
});
