import type { Step } from '../piece/step.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Lesson } from '../workshop/workshopSchema.ts';
import type { MaterialPlan } from './shoppingList.ts';

/** What a lesson can be tied to at a step, in the order from near to far. */
export interface LessonAbout {
  readonly kind: Lesson['about']['kind'];
  readonly id: string;
}

/** A step as other pieces have it too: of a wire or a part, its kind. */
export const stepKind = (id: string): string =>
  id
    .replace(/^wire\.[^.]+\.(cut|bend)$/, 'wire.$1')
    .replace(/^(parts\.(?:make|set|body|fit|join))\..*$/, '$1');

/** What a lesson at a step may be about: the step, its kind of work, what it uses, the animal. */
export function aboutsAt(
  step: Pick<Step, 'id' | 'work'>,
  materials: readonly MaterialPlan[],
  piece: Workpiece,
): readonly LessonAbout[] {
  const used = materials.filter(({ usedAt }) => usedAt.some((at) => at.step === step.id));
  return [
    { kind: 'step', id: stepKind(step.id) },
    { kind: 'work', id: step.work },
    ...[...new Set(used.map(materialName(piece)))].map((id) => ({ kind: 'material', id }) as const),
    { kind: 'animal', id: piece.measure.creature?.name ?? piece.measure.animalId },
  ];
}

/** What a stuff is called from piece to piece: the clay on its packet, else its kind. */
const materialName =
  ({ mass }: Workpiece) =>
  ({ kind }: MaterialPlan): string =>
    kind === 'clay' ? mass.clay.name : kind;

/** Lessons that come back at a step: the nearest first, of them the newest. */
export function lessonsAt(
  lessons: readonly Lesson[],
  abouts: readonly LessonAbout[],
): readonly Lesson[] {
  const rank = ({ about }: Lesson): number =>
    abouts.findIndex(({ kind, id }) => kind === about.kind && id === about.id);
  return lessons
    .filter((lesson) => rank(lesson) >= 0)
    .toSorted((a, b) => rank(a) - rank(b) || b.on.localeCompare(a.on));
}
