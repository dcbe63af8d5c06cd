import { describe, expect, it } from 'vitest';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import { heatFlow, timeToReachS } from './heatFlow.ts';
import { FILM, heatMaterials } from './heatRequest.ts';
import { GUN_MOST_MM } from './heatGun.ts';

describe('the heat gun', () => {
  const eyes = (mm: number) => {
    const clay = changed(otterPiece(), 'fittings', {
      made: { eyes: { material: 'clay', spare: 2 } },
    });
    return wholePlan(changed(clay, 'measure', { scale: { by: 'eye', mm } })).cure;
  };

  it('takes as long as the heat flow says, and two minutes more', () => {
    const stage = eyes(4).stages.find(({ id }) => id === 'parts')!;
    const [ball] = stage.cases.filter(({ body }) => body.shape === 'sphere');
    const { typical } = heatMaterials(ball!, FILM.gun);
    const flow = heatFlow(ball!.body, typical, 20, stage.oven!.value, 0.2, 9000);
    const minutes = timeToReachS(flow.innermost, 0.2, 120)! / 60;
    expect(stage.gun!.value).toBeCloseTo(minutes + 2, 1);
    expect(stage.gun!.range![0]).toBeLessThan(stage.gun!.value);
    expect(stage.gun!.range![1]).toBeGreaterThan(stage.gun!.value);
  });

  it('is for small parts only, and never for the body', () => {
    expect(eyes(GUN_MOST_MM - 0.5).stages.map(({ gun }) => gun !== null)).toEqual([
      true,
      false,
      false,
    ]);
    expect(eyes(GUN_MOST_MM + 0.5).stages.every(({ gun }) => gun === null)).toBe(true);
  });
});
