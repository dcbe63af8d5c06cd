import type { Animal } from './animal.ts';
import type { FaceEye } from './face.ts';
import type { Shape } from './shapeSchema.ts';

/** An animal whose first pair of eyes the user has placed, sized or opened otherwise; the same where nothing is said. */
export function withOwnEyes(animal: Animal, own: Shape['eyes']): Animal {
  const { diameterMm, along, around, wide, high, slitDeg, pupil, hex } = own;
  if (Object.values(own).every((value) => value === null)) return animal;
  const placed = (eye: FaceEye): FaceEye => {
    const [bone, at, angle, ...off] = eye.at;
    return {
      ...eye,
      at: [bone, along ?? at, around ?? angle, ...off],
      opening: [wide ?? eye.opening[0], high ?? eye.opening[1]],
      slitDeg: slitDeg ?? eye.slitDeg,
      pupil: pupil ?? eye.pupil,
      hex: hex ?? eye.hex,
    };
  };
  const { face } = animal;
  return {
    ...animal,
    ...(diameterMm === null
      ? {}
      : { eye: { mm: diameterMm, range: [diameterMm, diameterMm], provenance: 'own' } }),
    ...(face === undefined
      ? {}
      : { face: { ...face, eyes: face.eyes.map((eye, i) => (i === 0 ? placed(eye) : eye)) } }),
  };
}
