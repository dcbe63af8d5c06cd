import { usualZone } from '../piece/skinSchema.ts';
import { describe, expect, it } from 'vitest';
import { everySnag } from '../piece/snagGroups.ts';
import { changed, wholePlan, wolfPiece } from '../testing/samples.ts';

describe('a coat that would take all', () => {
  it('is to fix, with hair that would do', () => {
    const wolf = changed(wolfPiece(), 'skin', {
      zones: { legs: { ...usualZone('fibre'), hairMm: 900 } },
    });
    const [zone] = wholePlan(wolf).skin.zones.filter(({ zone: { id } }) => id === 'legs');
    expect(zone).toBeDefined();
    const snag = everySnag(wholePlan(wolf).snags).find(({ code }) => code === 'coat-takes-all');
    if (snag?.code !== 'coat-takes-all') throw new Error('no snag');
    expect(snag.grade).toBe('fix');
    const fits = changed(wolf, 'skin', {
      zones: { legs: { ...usualZone('fibre'), hairMm: snag.facts.mostHairMm } },
    });
    expect(everySnag(wholePlan(fits).snags).map(({ code }) => code)).not.toContain(
      'coat-takes-all',
    );
  });
});
