import { usualZone } from '../piece/skinSchema.ts';
import { describe, expect, it } from 'vitest';
import { coatMm } from '../body/undersize.ts';
import { changed, wholePlan, wolfPiece } from '../testing/samples.ts';

describe('the cover of a wire', () => {
  const bare = wholePlan(wolfPiece());
  const ids = bare.measure.skeleton.animal.coat.map(({ id }) => id);
  const planted = wholePlan(
    changed(wolfPiece(), 'skin', {
      zones: Object.fromEntries(ids.map((id) => [id, { ...usualZone('fibre'), hairMm: 30 }])),
    }),
  );
  const carved = wholePlan(
    changed(wolfPiece(), 'skin', {
      zones: Object.fromEntries(ids.map((id) => [id, { ...usualZone('carved'), hairMm: 30 }])),
    }),
  );

  it('reads the clay and not the coat planted on it', () => {
    const most = Math.max(
      ...bare.measure.skeleton.animal.coat.map((zone) =>
        coatMm(zone, planted.piece.skin, bare.measure.lifePerModel),
      ),
    );
    expect(most).toBeGreaterThan(0.5);
    for (const [i, wire] of planted.wire.wires.entries()) {
      const taken = bare.wire.wires[i]!.cover.value - wire.cover.value;
      expect(taken, wire.name).toBeGreaterThanOrEqual(-1e-9);
      expect(taken, wire.name).toBeLessThanOrEqual(most + 1e-9);
    }
    const spines = [bare, planted].map(({ wire }) => wire.wires[0]!.cover.value);
    expect(spines[1]).toBeLessThan(spines[0]!);
  });

  it('is the same where the coat is carved: that is clay', () => {
    expect(carved.wire.wires.map(({ cover }) => cover.value)).toEqual(
      bare.wire.wires.map(({ cover }) => cover.value),
    );
  });
});
