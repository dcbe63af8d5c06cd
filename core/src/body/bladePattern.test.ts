import { describe, expect, it } from 'vitest';
import { poseSkeleton } from '../anatomy/pose.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { bladePatterns } from './bladePattern.ts';
import { bladeMasses, posedBlades } from './blades.ts';

describe('flat patterns', () => {
  it('keep the area of a flat blade, once for a pair, at the square of the scale', () => {
    const skeleton = skeletonOf('emperor-dragonfly');
    const patterns = bladePatterns(skeleton, 2);
    expect(patterns.map(({ blade }) => blade.id)).toEqual(['forewing', 'hindwing']);
    const masses = bladeMasses(skeleton);
    patterns.forEach(({ areaMm2, offFlatMm }, i) => {
      expect(areaMm2 / 4).toBeCloseTo(masses[2 * i]!.areaMm2, 3);
      expect(offFlatMm).toBeLessThan(0.1);
    });
  });

  // Field guides, from memory: the hind wing of an emperor is 45 to 52 mm long, and broader than the fore wing.
  it('are as long and as wide as the wings of the dragonfly', () => {
    const [fore, hind] = bladePatterns(skeletonOf('emperor-dragonfly'), 1);
    expect(hind!.longMm).toBeGreaterThan(42);
    expect(hind!.longMm).toBeLessThan(54);
    expect(hind!.wideMm).toBeGreaterThan(fore!.wideMm);
  });

  it('are of the wing spread, whatever a folded one shows', () => {
    const skeleton = skeletonOf('rhamphorhynchus');
    const wing = bladePatterns(skeleton, 1).find(({ blade }) => blade.id === 'wing-membrane')!;
    const folded = posedBlades(poseSkeleton(skeleton, skeleton.plan.stances[0]!.anglesDeg))[0]!;
    const xs = folded.outline.map(([x]) => x);
    expect(wing.longMm).toBeGreaterThan(0.9 * (Math.max(...xs) - Math.min(...xs)));
    // Its bones lie in it, and its fibres run from the finger to the rear edge.
    expect(wing.bones.length).toBeGreaterThan(4);
    expect(wing.ribs).toHaveLength(15);
    for (const [from, to] of wing.ribs)
      expect(Math.hypot(from[0] - to[0], from[1] - to[1])).toBeGreaterThan(0);
  });

  it('are none for what has no blades', () => {
    expect(bladePatterns(skeletonOf('grey-wolf'), 1)).toEqual([]);
  });
});
