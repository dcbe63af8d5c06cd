<script setup lang="ts">
import * as say from './words.ts';
import {
  alongSight,
  gripPlaces,
  grippedBy,
  withStation,
  type SectionCard,
  type Shape,
  type Sight,
} from '@keen-sinew/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import SliderField from '../../kit/SliderField.vue';
import type { BodyTurning, Peel } from '../../sheet/BodyTurning.ts';
import { LAMP, type LampPlace } from '../../sheet/lamp.ts';
import SpaceBox from '../../sheet/SpaceBox.vue';
import { withShape } from './shapeChanges.ts';
import { useBodyMeshes } from './useBodyMeshes.ts';
import type { Shaping } from './useShaping.ts';

/** The shaded body over its armature: peeled layer by layer, and cut open at a station. */
const props = defineProps<{
  cards: readonly SectionCard[];
  /** The part that is shaped; its sections are dragged here too. */
  shaping: Shaping;
}>();
const { plan, work, change, preview } = usePiecePlan();
const { stations, chosen } = props.shaping;
const shapeProblem = work.shape.problem;
const view = shallowRef<BodyTurning | null>(null);
const peel = ref<Peel>('skin');
const WHOLE = 'whole';
const cutAt = ref(WHOLE);
const meshes = useBodyMeshes();
/** Kept while a newer one is worked out, so that the body does not flicker. */
const kept = shallowRef(meshes.value);
watch(meshes, (now) => (kept.value = now ?? kept.value));

const PEELS = [
  { label: say.skin, value: 'skin' },
  { label: say.clay, value: 'clay' },
  { label: say.core, value: 'core' },
  { label: say.wires, value: 'wires' },
];
const cuts = computed(() => [
  { label: say.whole, value: WHOLE },
  ...props.cards.map(({ number, name }) => ({
    label: say.cutAt(number, name.toLowerCase()),
    value: String(number),
  })),
]);
/** Edges and middles of the sections in space, by the number of the section and what is taken hold of. */
const grips = computed(() =>
  stations.value.flatMap((of, n) =>
    gripPlaces(plan.value.stance.posed, of.boneId, of.station).map((place) => ({
      ...{ id: `${n}.${place.grip}`, of, n, place },
    })),
  ),
);
/** What is held, as it was when it was taken, how far along its way that was, and what the drag comes to. */
let held: { readonly grip: (typeof grips.value)[number]; readonly shape: Shape } | null = null;
let from: number | undefined;
let next: Shape | null = null;
const drag = {
  started(id: string, sight: Sight): void {
    const grip = grips.value.find((of) => of.id === id);
    held = grip === undefined ? null : { grip, shape: props.shaping.shape.value };
    from = grip && alongSight(grip.place, sight);
    next = null;
    if (grip !== undefined) chosen.value = grip.n;
  },
  moved(sight: Sight): void {
    if (held === null) return;
    const { of, place } = held.grip;
    const along = alongSight(place, sight);
    if (along === undefined || from === undefined) return;
    const { skeleton, lifePerModel } = plan.value.measure;
    const station = grippedBy(of.station, place, along - from, lifePerModel);
    const bone = skeleton.byId.get(of.boneId)!;
    const shape = withStation(skeleton, held.shape, bone, of.index, station);
    next = shape;
    preview((p) => withShape(p, shape));
  },
  ended(): void {
    const [was, shape] = [held, next];
    held = null;
    preview(null);
    if (was !== null && shape !== null)
      change(say.dragSection(was.grip.n + 1), (p) => withShape(p, shape));
  },
};
const load = async (box: HTMLElement): Promise<BodyTurning> => {
  const { BodyTurning: Turning } = await import('../../sheet/BodyTurning.ts');
  return new Turning(box, drag);
};
const scene = computed(() => {
  if (kept.value === null) return null;
  const card = props.cards.find(({ number }) => String(number) === cutAt.value);
  return {
    meshes: kept.value,
    apart: plan.value.surface?.apart ?? [],
    wires: plan.value.wire.wires.map(({ laid }) => laid),
    cut: card === undefined ? null : { at: card.cut.centre, way: card.cut.axes[0] },
    grips: peel.value === 'skin' ? grips.value.map(({ id, place }) => ({ id, at: place.at })) : [],
  };
});
const lamp = ref<LampPlace>(LAMP);
watch([view, lamp], () => view.value?.light(lamp.value));
watch([view, scene, peel], () => {
  if (view.value !== null && scene.value !== null) view.value.show(scene.value, peel.value);
});
</script>

<template>
  <SpaceBox :label="say.bodyInSpaceDrag" :load="load" @ready="view = $event">
    <ChoiceRow
      :label="say.peelDownTo"
      :value="peel"
      :options="PEELS"
      @set="peel = $event as Peel"
    />
    <ChoiceField
      small
      class="cut"
      :label="say.cutBodyOpen"
      :value="cutAt"
      :options="cuts"
      @set="cutAt = $event"
    />
    <span class="lamp">
      {{ say.lampRound }}
      <SliderField
        class="slide"
        :label="say.lampRoundFrom"
        :value="lamp.aroundDeg"
        :min="0"
        :max="360"
        :step="5"
        :said="`${lamp.aroundDeg}°`"
        @slide="lamp = { ...lamp, aroundDeg: $event }"
        @set="lamp = { ...lamp, aroundDeg: $event }"
      />
    </span>
    <span class="lamp">
      {{ say.lampHeight }}
      <SliderField
        class="slide"
        :label="say.lampHeight"
        :value="lamp.upDeg"
        :min="0"
        :max="90"
        :step="5"
        :said="`${lamp.upDeg}°`"
        @slide="lamp = { ...lamp, upDeg: $event }"
        @set="lamp = { ...lamp, upDeg: $event }"
      />
    </span>
    <span v-if="shapeProblem" role="alert">{{ shapeProblem }}</span>
    <span v-else-if="kept === null" role="status">{{ say.bodyIsBeingWorked }}</span>
  </SpaceBox>
</template>

<style scoped>
.cut {
  width: 210px;
}

.lamp {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 240px;
  white-space: nowrap;
}

.slide {
  flex: 1;
  min-width: 90px;
}
</style>
