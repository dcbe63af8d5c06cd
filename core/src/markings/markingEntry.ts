import type { Marking } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { Working } from '../piece/working.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { MarkingMap } from './markingMap.ts';

/** One colour of a marking as a zone: what of the skin shows it, and what lies under it. */
export interface MarkingEntry {
  readonly marking: Marking;
  readonly colour: number;
  readonly zoneId: string;
  readonly name: string;
  readonly hex: string;
  readonly area: Working;
  /** The zone of the coat under the most of it; null where there is none. */
  readonly under: string | null;
  /** Whether nothing of it is seen: it lies wholly under another, and takes no paint. */
  readonly isHidden: boolean;
}

/** What markings are told from. */
export interface MarkingInputs {
  readonly skeleton: Skeleton;
  readonly choice: Pick<Workpiece['colour'], 'markings' | 'zones'>;
  readonly skin: SkinPlan;
  /** How they lie on the skin; null while that is worked out. */
  readonly map: MarkingMap | null;
  readonly scale: Working;
}
