import {
  compareStances,
  elevation,
  settledStance,
  tipRoseDrawing,
  type Drawing,
  type View,
  raisedMm,
} from '@keen-sinew/core';
import { computed, type Ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';

/** What the elevations show, or the room that turns in space. */
export type Shown = 'bones' | 'silhouette' | 'load' | 'space';

/** The rose is drawn as large as the plan is wide. */
const ROSE_SHARE = 1 / 55;

/** The elevations of the posed skeleton, and the kept stance that is compared with it. */
export function useStanceRows(
  shows: Readonly<Ref<Shown>>,
  comparing: Readonly<Ref<string | null>>,
) {
  const { piece, plan } = usePiecePlan();
  const { target } = useSelection();
  const skeleton = computed(() => plan.value.measure.skeleton);
  const beside = computed(() => {
    const kept = piece.value.stance.kept.find(({ id }) => id === comparing.value);
    if (kept === undefined) return null;
    const { stance } = piece.value;
    const { ground } = stance;
    const size = 1 / plan.value.measure.lifePerModel;
    const posed = settledStance(skeleton.value, { ...kept, ground }, size, raisedMm(stance));
    return {
      posed,
      name: kept.name,
      comparison: compareStances(plan.value.stance.posed, posed),
    };
  });

  const limitsOf = computed(() => (target.value?.kind === 'bone' ? target.value.id : null));
  const rows = computed(() => {
    const options = {
      show: shows.value === 'load' ? 'wires' : 'bones',
      dimensions: true,
      silhouette: shows.value === 'silhouette',
      byLoad: shows.value === 'load',
      limitsOf: limitsOf.value,
      beside: beside.value?.posed ?? null,
    } as const;
    const view = (name: View, dimensions: boolean): Drawing =>
      elevation(plan.value, name, { ...options, dimensions });
    const top = view('top', false);
    const deep = top.box.max[1] - top.box.min[1];
    return [
      [view('side', true), view('front', true)],
      plan.value.balance.standing.some(({ contact }) => contact.kind === 'foot')
        ? [top, tipRoseDrawing(plan.value.balance, deep * ROSE_SHARE)]
        : [top],
    ];
  });
  return { beside, rows };
}
