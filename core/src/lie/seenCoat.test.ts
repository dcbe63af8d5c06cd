import { describe, expect, it } from 'vitest';
import { coatOf } from '../sheets/skin/directionMap.ts';
import { coatStrokes } from '../sheets/skin/coatStrokes.ts';
import { reliefOf } from '../sheets/formItems.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { wholePlan, withCoat } from '../testing/samples.ts';

describe('a coat as it is seen', () => {
  it('is foreshortened across its strokes too: wide belly plates do not stand off the snake', () => {
    const plan = withCoat(wholePlan(demoWorkpieces().find(({ id }) => id === 'adder-in-a-coil')!));
    const [relief, coat] = [reliefOf(plan, 'side')!, coatOf(plan, 'side')!];
    const ys = relief.outline.flat().map(([, y]) => y);
    const [low, high] = [Math.min(...ys), Math.max(...ys)];
    const strokes = coatStrokes(plan, coat).flatMap((item) =>
      item.kind === 'fill' ? item.outlines.flat() : [],
    );
    expect(strokes.length).toBeGreaterThan(500);
    const longest = Math.max(...plan.skin.zones.map(({ length }) => length.value));
    for (const [, y] of strokes) {
      expect(y).toBeGreaterThan(low - longest);
      expect(y).toBeLessThan(high + longest);
    }
  });
});
