import {
  elevation,
  formDrawing,
  headDrawings,
  type Drawing,
  type ReliefView,
  type View,
} from '@keen-sinew/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

/** The rooms of Mass. */
export type Room = 'build' | 'shape' | 'muscles' | 'sections' | 'form' | 'space';

const SHOWN = { build: 'core', shape: 'shape', muscles: 'muscles', sections: 'sections' } as const;

/** The elevations of a room, in the rows that they stand in; none in the room that turns in space. */
export function useMassRows(
  room: Readonly<Ref<Room>>,
): ComputedRef<readonly (readonly Drawing[])[]> {
  const { plan } = usePiecePlan();
  return computed(() => {
    if (room.value === 'space') return [];
    if (room.value === 'form')
      return [
        ...[['side', 'front'], ['three-quarter', 'back'], ['top']].map((row) =>
          row.flatMap((view) => formDrawing(plan.value, view as ReliefView) ?? []),
        ),
        headDrawings(plan.value),
      ].filter((row) => row.length > 0);
    const options = { show: SHOWN[room.value], dimensions: false } as const;
    const view = (of: View): Drawing => elevation(plan.value, of, options);
    if (room.value === 'sections') return [[view('side')], [view('top')]];
    return [[view('side'), view('front')], [view('top')]];
  });
}
