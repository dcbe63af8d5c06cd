import * as say from './words.ts';
import {
  bladeDrawings,
  elevation,
  footDrawings,
  formDrawing,
  headDrawings,
  proportionChart,
  type Drawing,
  type ReliefView,
  type View,
} from '@keen-sinew/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

/** The rooms of Mass. */
export type Room =
  'build' | 'shape' | 'muscles' | 'sections' | 'form' | 'head' | 'proportions' | 'space';

/** The rooms by name, in the order of the work. */
export const ROOMS = [
  { label: say.coreAndClay, value: 'build' },
  { label: say.shape, value: 'shape' },
  { label: say.muscles, value: 'muscles' },
  { label: say.sections, value: 'sections' },
  { label: say.form, value: 'form' },
  { label: say.head, value: 'head' },
  { label: say.proportions, value: 'proportions' },
  { label: say.inSpace, value: 'space' },
];

/** What is seen in a room, and how it is worked in. */
export const ROOM_HINTS: Readonly<Record<Exclude<Room, 'space'>, string>> = {
  build: say.greyIsCoreWhat,
  shape: say.dragEdgeOfSection,
  muscles: say.numbersAreOrderOf,
  sections: say.linesAreWhereSections,
  form: say.linesRunRoundForm,
  head: say.headByItself,
  proportions: say.heightsOfJoints,
};

const SHOWN = { build: 'core', shape: 'shape', muscles: 'muscles', sections: 'sections' } as const;

/** The finished form; the head by itself stands at the ends of its rows. */
const FORM_ROWS: readonly (readonly ReliefView[])[] = [
  ['side', 'front'],
  ['three-quarter', 'back'],
  ['top'],
];

/** The elevations of a room, in the rows that they stand in; none in the room that turns in space, nor of what is still worked out. */
export function useMassRows(
  room: Readonly<Ref<Room>>,
): ComputedRef<readonly (readonly Drawing[])[]> {
  const { plan } = usePiecePlan();
  /** The last heads stay while newer ones are worked out, so that what is dragged stays in sight. */
  let heads: readonly Drawing[] = [];
  return computed(() => {
    if (room.value === 'space') return [];
    if (room.value === 'form') {
      const [side, front, threeQuarter] = headDrawings(plan.value);
      const heads = [[side, front], [threeQuarter], []];
      return FORM_ROWS.map((row, i) => [
        ...row.map((view) => formDrawing(plan.value, view)),
        ...heads[i]!,
      ]).flatMap((row) => {
        const drawn = row.filter((drawing) => drawing !== undefined);
        return drawn.length > 0 ? [drawn] : [];
      });
    }
    if (room.value === 'head') {
      const now = headDrawings(plan.value);
      if (now.length > 0) heads = now;
      const [side, front, threeQuarter, top] = heads;
      const rows = [
        [side, front],
        [threeQuarter, top],
      ].map((row) => row.filter((drawing) => drawing !== undefined));
      return rows.filter((row) => row.length > 0);
    }
    if (room.value === 'proportions') {
      const chart = proportionChart(plan.value);
      const flat = bladeDrawings(plan.value).map((drawing) => [drawing]);
      return [...(chart === undefined ? [] : [[chart]]), ...footDrawings(plan.value), ...flat];
    }
    const options = { show: SHOWN[room.value], dimensions: false } as const;
    const view = (of: View): Drawing => elevation(plan.value, of, options);
    if (room.value === 'sections') return [[view('side')], [view('top')]];
    return [[view('side'), view('front')], [view('top')]];
  });
}
