import { ANIMALS, planById } from '../../src/anatomy/registry.ts';
import type { Animal } from '../../src/anatomy/animal.ts';
import { buildSkeleton } from '../../src/anatomy/skeleton.ts';
import { bodyGrid } from '../../src/body/bodyGrid.ts';
import { bodyWeight } from '../../src/body/bodyWeight.ts';
import { lifeSizes } from '../../src/measure/lifeSizes.ts';
import type { Adapter } from '../checkFile.ts';

/** Cells of the body's grid: coarse, as remembered ranges are wide. */
const CELLS = 80;

/** Whole-body sizes and bones of the library's animals, asked by name; others are not covered. */
export const animals: Adapter = (one) => {
  const asked = one.input['animal'];
  const animal = ANIMALS.find(
    ({ name }) => typeof asked === 'string' && name.toLowerCase() === asked.toLowerCase(),
  );
  return animal === undefined ? {} : sizesOf(animal);
};

function sizesOf(animal: Animal): Record<string, unknown> {
  const plan = planById(animal.planId);
  if (plan === undefined) return {};
  const skeleton = buildSkeleton(plan, animal);
  const standing = { presetId: plan.stances[0]?.id ?? '', anglesDeg: {}, lifted: null };
  const sizes = lifeSizes(skeleton, standing);
  const bone = (key: string): number | undefined => animal.lengths[key]?.mm;
  return {
    mass_kg: bodyWeight(bodyGrid(skeleton, CELLS), animal).value,
    shoulder_mm: sizes.shoulderHeightMm,
    head_body_mm: sizes.headBodyMm,
    tail_mm: sizes.tailMm,
    skull_mm: bone('skull'),
    humerus_mm: bone('humerus'),
    radius_mm: bone('radius'),
    femur_mm: bone('femur'),
    tibia_mm: bone('tibia'),
  };
}
