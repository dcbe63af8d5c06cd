import { describe, expect, it } from 'vitest';
import { poseSkeleton, restPose } from '../pose.ts';
import { ANIMALS } from '../registry.ts';
import { skinParts } from '../../body/skin.ts';
import { skinDistance } from '../../body/surfaceDistance.ts';
import { lerp, sub, type Vec3 } from '../../geometry/vec3.ts';
import { skeletonOf } from '../../testing/skeletonOf.ts';

const JAWED = ANIMALS.filter(({ lengths }) => lengths.jaw !== undefined).map(({ id }) => id);
const posedBy = (id: string, openDeg: number) =>
  openDeg === 0
    ? restPose(skeletonOf(id))
    : poseSkeleton(skeletonOf(id), { jaw: { flexion: openDeg } });

describe('lower jaws', () => {
  it('are had by every animal with a backbone but the owl, whose bill lies in its disc', () => {
    expect([...JAWED].sort()).toEqual(
      ANIMALS.filter(({ lengths, id }) => lengths.skull !== undefined && id !== 'barn-owl')
        .map(({ id }) => id)
        .sort(),
    );
  });

  it.each(JAWED)('%s: lies under the skull, from its joint to a chin inside the flesh', (id) => {
    const posed = posedBy(id, 0);
    const [jaw, skull] = [posed.byId.get('jaw')!, posed.byId.get('skull')!];
    expect(skinDistance(skinParts(posed), lerp(jaw.start, jaw.end, 0.9))).toBeLessThan(0);
    // Under the line of the skull at its own end: the way down in the plane of the skull's side.
    const [x, y] = sub(skull.end, skull.start);
    const [jx, jy] = sub(jaw.end, skull.start);
    expect(x * jy - y * jx).toBeLessThan(0);
    expect(jaw.bone.lifeLengthMm / skull.bone.lifeLengthMm).toBeGreaterThan(0.3);
  });

  it.each(JAWED)('%s: leaves the back of the head and its bill without a step', (id) => {
    const { flesh } = skeletonOf(id).animal;
    const stations = ['skull', 'bill'].flatMap((bone, n) =>
      (flesh[bone] ?? []).flatMap((of) =>
        'sleeve' in of && (of.sleeve === 'head' || of.sleeve === 'bill')
          ? of.stations.map(({ at, above }) => ({ place: n + at, above }))
          : [],
      ),
    );
    const deepest = Math.max(...stations.map(({ above }) => above));
    stations.slice(1).forEach(({ place, above }, i) => {
      const before = stations[i]!;
      expect(place).toBeGreaterThan(before.place);
      // But at the hook of a bill: over a tenth of a bone the back changes by less than half of the head's height over its bone.
      if (place - before.place < 0.1 && place < 1.9)
        expect(Math.abs(above - before.above) / deepest, `${place}`).toBeLessThan(0.5);
    });
  });

  it.each(JAWED)('%s: opens the mouth: air between the lips, and the same flesh', (id) => {
    const gap = (deg: number): number => {
      const posed = posedBy(id, deg);
      const [jaw, skull] = [posed.byId.get('jaw')!, posed.byId.get('skull')!];
      const last = posed.byId.get('bill') ?? skull;
      const between: Vec3 = lerp(jaw.end, lerp(last.start, last.end, 0.95), 0.5);
      return skinDistance(skinParts(posed), between);
    };
    expect(gap(0)).toBeLessThan(gap(50));
    expect(gap(50)).toBeGreaterThan(0);
  });

  // Nile crocodile: fifteen teeth on each side below, at most (general knowledge of crocodiles).
  it('carries its teeth along', () => {
    const tip = (deg: number): Vec3 => {
      const posed = posedBy('nile-crocodile', deg);
      return posed.byId.get('jaw')!.end;
    };
    expect(tip(40)[1]).toBeLessThan(tip(0)[1] - 100);
    const names = (bone: string): readonly string[] =>
      skeletonOf('nile-crocodile').animal.flesh[bone]!.flatMap((flesh) =>
        'curve' in flesh ? [flesh.curve] : [],
      );
    expect(names('jaw').filter((name) => name.startsWith('lower tooth'))).toHaveLength(15);
    expect(names('skull').filter((name) => name.startsWith('lower tooth'))).toHaveLength(0);
  });
});
