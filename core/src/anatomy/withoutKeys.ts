import { renamedFace, withFace } from './face.ts';
import type { Animal } from './animal.ts';

/** An animal without some of its bones, by key, and without all that it tells of them. Its gaits go too: its plan has them. */
export function withoutKeys(base: Animal, lost: readonly string[]): Animal {
  // Where it stands and how it goes is in its plan already.
  const { walksOn: _walksOn, gaits: _gaits, ...animal } = base;
  const kept = <T>(of: Readonly<Record<string, T>>) =>
    Object.fromEntries(Object.entries(of).filter(([key]) => !lost.includes(key)));
  return {
    ...animal,
    lengths: kept(animal.lengths),
    rest: kept(animal.rest ?? {}),
    flesh: kept(animal.flesh),
    ...withFace(renamedFace(animal.face, (bone) => (lost.includes(bone) ? null : bone))),
    blades: (animal.blades ?? []).filter((b) => !b.outline.some((p) => lost.includes(p.bone))),
    features: (animal.features ?? []).filter((feature) => !lost.includes(feature.bone)),
    // A zone all of whose bones are gone is no zone of this animal.
    coat: animal.coat.flatMap((zone) => {
      const bones = zone.bones.filter((key) => !lost.includes(key));
      return bones.length === 0 ? [] : [{ ...zone, bones }];
    }),
  };
}
