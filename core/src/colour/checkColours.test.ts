import { describe, expect, it } from 'vitest';
import { everySnag } from '../piece/snagGroups.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { differenceOf } from '../testing/colourDifference.ts';
import { changed, wholePlan } from '../testing/samples.ts';
import { howOff } from './checkColours.ts';

const wolf = demoWorkpieces().find(({ id }) => id === 'wolf-at-the-carr')!;
const PICTURE = 'Wolf, colours from the left';
const seen = (hexes: Readonly<Record<string, string>>) =>
  changed(wolf, 'colour', {
    seen: Object.fromEntries(
      Object.entries(hexes).map(([id, hex]) => [id, { hex, picture: PICTURE }]),
    ),
  });

describe('the check against the animal', () => {
  it('tells each zone and marking that was asked, the farthest off first, as a reference library has it', () => {
    const plan = wholePlan(
      seen({ flanks: '#968a77', 'mark-saddle-1': '#c8b49a', belly: '#cfc3ab' }),
    );
    const { checks, zones } = plan.colour!;
    expect(checks).toHaveLength(3);
    expect(checks[0]!.zoneId).toBe('mark-saddle-1');
    expect(checks[0]!.how).toBe('too dark');
    checks.forEach(({ difference, hex, seen: shown, zoneId }, i) => {
      if (i > 0) expect(difference.value).toBeLessThanOrEqual(checks[i - 1]!.difference.value);
      // CIEDE2000 by an independent implementation, to the rounding of its tables.
      expect(difference.value).toBeCloseTo(differenceOf(hex, shown), 1);
      expect(hex).toBe(zones.find(({ zone }) => zone.id === zoneId)!.end!.hex);
    });
    const snags = everySnag(plan.snags).filter(({ code }) => code === 'colour-far-off');
    expect(snags.map(({ target }) => target)).toContainEqual({ kind: 'zone', id: 'mark-saddle-1' });
    expect(snags).toHaveLength(checks.filter(({ difference }) => difference.value > 10).length);
  });

  it('says in what a colour is off, and passes over zones that are not there', () => {
    expect(howOff('#808080', '#828282')).toBe('nearly alike');
    expect(howOff('#c0c0c0', '#808080')).toBe('too light');
    expect(howOff('#404040', '#808080')).toBe('too dark');
    expect(howOff('#8a8076', '#a07040')).toBe('too grey');
    expect(howOff('#b06a20', '#8f8070')).toBe('too strong');
    expect(howOff('#7a8a50', '#9a7a50')).toBe('in another hue');
    expect(wholePlan(seen({ 'no-such-zone': '#808080' })).colour!.checks).toEqual([]);
    expect(() => howOff('grey', '#808080')).toThrow('not a colour');
  });
});
