import type { ContactSpec } from '../anatomy/bodyPlan.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { partForm } from './partForm.ts';
import type { Relief } from './relief.ts';

/** The sides that a foot is drawn from by itself. */
export const FOOT_VIEWS = ['side', 'front', 'top'] as const;

/** Cells of a foot by itself. */
const FOOT_CELLS = 24_000;

/** A foot of a stance by itself. */
export interface FootForm {
  readonly contact: ContactSpec;
  readonly reliefs: readonly Relief[];
}

/** The left feet of a posed model by themselves, from the bone that they stand with on; none for what has no feet. */
export function footForms(posed: PosedSkeleton, cells = FOOT_CELLS): readonly FootForm[] {
  const { bones, plan } = posed.skeleton;
  return plan.contacts
    .filter(({ kind, side }) => kind === 'foot' && side === 'left')
    .map((contact) => {
      const own = new Set([contact.bone]);
      // Bones come before what they carry.
      for (const { id, parent } of bones) if (parent !== null && own.has(parent)) own.add(id);
      // The tips of digits alone are no foot.
      const carrier = bones.find(({ id }) => id === contact.bone)?.parent;
      if (own.size === 1 && carrier) own.add(carrier);
      return { contact, reliefs: partForm(posed, own, FOOT_VIEWS, cells) };
    });
}
