import { describe, expect, it } from 'vitest';
import { newWorkshop } from '../workshop/newWorkshop.ts';
import { planPiece } from '../plan.ts';
import { startPiece, USUAL_WISH, type StartWish } from './startPiece.ts';

const started = (wish: Partial<StartWish> & Pick<StartWish, 'animalId'>) =>
  startPiece('one', 'One', { ...USUAL_WISH, ...wish }, newWorkshop(), planPiece);

describe('a piece as one wants it', () => {
  it('takes the whole oven where it is to be as large as that', () => {
    const plan = planPiece(started({ animalId: 'red-deer', size: 'oven' }));
    const { oven, ovenAirMm } = plan.piece.measure;
    const room = [oven!.lengthMm, oven!.heightMm, oven!.widthMm].map((mm) => mm - 2 * ovenAirMm);
    const size = plan.measure.sizes.posedExtentMm.map((mm) => mm / plan.measure.lifePerModel);
    const shares = size.map((mm, i) => mm / room[i]!);
    expect(Math.max(...shares)).toBeCloseTo(1, 6);
    expect(plan.snags.map(({ code }) => code)).not.toContain('piece-over-oven');
  });

  it('stands as it is wished, and is carried then', () => {
    const plan = planPiece(started({ animalId: 'deinonychus', presetId: 'running' }));
    expect(plan.piece.stance.presetId).toBe('running');
    expect(plan.snags.filter(({ grade }) => grade === 'fix')).toEqual([]);
  });

  it('has joints left free where it is posable', () => {
    const [fixed, posable] = [false, true].map((posable) =>
      planPiece(started({ animalId: 'raft-spider', posable })),
    ) as [ReturnType<typeof planPiece>, ReturnType<typeof planPiece>];
    expect(fixed.piece.wire.posable).toBe(false);
    expect(posable.piece.wire.posable).toBe(true);
  });

  it('plants hair where the animal has hair, and nowhere else', () => {
    const { skin } = started({ animalId: 'grey-wolf', coat: 'fibre' });
    const { coat } = planPiece(started({ animalId: 'grey-wolf' })).measure.skeleton.animal;
    expect(Object.keys(skin.zones)).toEqual(
      coat.filter(({ hair }) => hair !== null).map(({ id }) => id),
    );
    expect(Object.keys(started({ animalId: 'fire-salamander', coat: 'fibre' }).skin.zones)).toEqual(
      [],
    );
  });

  it('is suggested in each wish', () => {
    for (const wish of [{ extent: 'head' }, { size: 'oven' }, { posable: true }] as const)
      expect(started({ animalId: 'grey-wolf', ...wish }).suggested).not.toBeNull();
  });
});
