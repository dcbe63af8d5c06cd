import { metalsOf } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

/** The metals that this piece can choose among, for a choice field. */
export function useMetals() {
  const { piece } = usePiecePlan();
  return computed(() =>
    metalsOf(piece.value.wire.ownMetals).map(({ id, name }) => ({ label: name, value: id })),
  );
}
