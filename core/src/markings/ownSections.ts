import type { Skeleton } from '../anatomy/skeleton.ts';
import { sleeveId } from '../body/sleeveChain.ts';
import { arcSections, type ArcSections } from './arcs.ts';

/** The sections of the sleeve that a bone is told by; where there are more, of the last, as heads lie over necks. */
export function sectionsAt(skeleton: Skeleton, boneId: string): ArcSections | undefined {
  const bone = skeleton.byId.get(boneId);
  if (bone === undefined) return undefined;
  return bone.flesh.reduce<ArcSections | undefined>(
    (found, flesh) =>
      'sleeve' in flesh
        ? (arcSections(skeleton, sleeveId(flesh.sleeve, bone.side), boneId) ?? found)
        : found,
    undefined,
  );
}
