<script setup lang="ts">
import {
  bvhText,
  gaitMoment,
  isOwn,
  likelyNames,
  problemSentence,
  readBvh,
  stanceAngles,
  stanceFromBvh,
  stanceToSend,
  type BvhFile,
  type Faces,
} from '@keen-sinew/core';
import { computed, ref, shallowRef } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import DecisionRow from '../../controls/DecisionRow.vue';
import { downloadText } from '../../files/download.ts';
import { withStance } from './stanceChanges.ts';

/** The stance or the whole stride as a BVH file, and stances out of such files, joints by name. */
const { piece, plan, change } = usePiecePlan();
const skeleton = computed(() => plan.value.measure.skeleton);
const gait = computed(() => plan.value.stance.gait);
/** Frames of a stride in a file. */
const FRAMES = 24;

function saveStance(): void {
  const angles = stanceAngles(skeleton.value, piece.value.stance);
  downloadText(`${piece.value.id}-stance.bvh`, bvhText(skeleton.value, [angles]), 'text/plain');
}
function saveStride(): void {
  if (gait.value === null) return;
  const { spec } = gait.value;
  const frames = Array.from(
    { length: FRAMES },
    (_, i) => gaitMoment(skeleton.value, spec, i / FRAMES).angles,
  );
  downloadText(`${piece.value.id}-${spec.id}.bvh`, bvhText(skeleton.value, frames), 'text/plain');
}

const file = ref<HTMLInputElement | null>(null);
const read = shallowRef<BvhFile | null>(null);
const names = ref<Record<string, string>>({});
const faces = ref<Faces>('z');
const frame = ref(0);
const problem = ref<string | null>(null);
const missed = ref<readonly string[]>([]);
const NOTHING = '';
const bones = computed(() => [
  { label: 'nothing', value: NOTHING },
  ...skeleton.value.bones.map(({ id, name }) => ({ label: name, value: id })),
]);
const own = computed(() => read.value !== null && isOwn(skeleton.value, read.value));

async function takeIn(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const chosen = field.files?.[0];
  if (chosen === undefined) return;
  try {
    const result = readBvh(await chosen.text());
    problem.value = result.ok ? null : problemSentence(result.problem);
    read.value = result.ok ? result.value : null;
    names.value = result.ok ? { ...likelyNames(skeleton.value, result.value) } : {};
    frame.value = 0;
    missed.value = [];
  } catch (error) {
    problem.value = `${chosen.name} could not be read: ${(error as Error).message}.`;
  } finally {
    field.value = '';
  }
}
function put(): void {
  if (read.value === null) return;
  const { presetId } = piece.value.stance;
  const start = stanceAngles(skeleton.value, { presetId, anglesDeg: {}, lifted: null });
  const used = Object.fromEntries(
    Object.entries(names.value).filter(([, bone]) => bone !== NOTHING),
  );
  const result = stanceFromBvh(skeleton.value, read.value, frame.value, used, faces.value, start);
  const sent = stanceToSend(skeleton.value, presetId, result.angles);
  change('Take the stance from a BVH file', (p) =>
    withStance(p, {
      gait: null,
      anglesDeg: sent.anglesDeg,
      lifted: sent.lifted && [...sent.lifted],
    }),
  );
  missed.value = result.missed
    .slice(0, 4)
    .map(
      ({ boneId, deg }) =>
        `${skeleton.value.byId.get(boneId)?.name ?? boneId} by ${deg.toFixed(0)}°`,
    );
}
const setFrame = (event: Event): void => {
  frame.value = Number((event.target as HTMLInputElement).value);
};
</script>

<template>
  <div class="files">
    <button type="button" class="quiet-button" @click="saveStance">Save as BVH</button>
    <button v-if="gait" type="button" class="quiet-button" @click="saveStride">
      Save the stride, {{ FRAMES }} frames
    </button>
    <button type="button" class="quiet-button" @click="file?.click()">Take in a BVH file</button>
    <input
      ref="file"
      class="visually-hidden"
      type="file"
      accept=".bvh"
      aria-label="BVH file"
      tabindex="-1"
      @change="takeIn"
    />
  </div>
  <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  <template v-if="read">
    <p class="says">
      {{ read.joints.length }} {{ read.joints.length === 1 ? 'joint' : 'joints' }},
      {{ read.frames.length }}
      {{ read.frames.length === 1 ? 'frame' : 'frames' }}.
      {{
        own
          ? 'All bear names of this plan: its turns are taken as they are.'
          : 'Say which bone each joint moves; what is left out keeps its place.'
      }}
    </p>
    <label v-if="read.frames.length > 1" class="frame">
      Frame {{ frame + 1 }}
      <input
        type="range"
        min="0"
        :max="read.frames.length - 1"
        :value="frame"
        aria-label="Frame of the file"
        @input="setFrame"
      />
    </label>
    <template v-if="!own">
      <DecisionRow name="The file faces">
        <ChoiceField
          small
          label="The file faces"
          :value="faces"
          :options="[
            { label: 'along z', value: 'z' },
            { label: 'along x', value: 'x' },
          ]"
          @set="faces = $event as Faces"
        />
      </DecisionRow>
      <DecisionRow v-for="joint in read.joints" :key="joint.name" :name="joint.name">
        <ChoiceField
          small
          :label="`Bone of ${joint.name}`"
          :value="names[joint.name] ?? NOTHING"
          :options="bones"
          @set="names[joint.name] = $event"
        />
      </DecisionRow>
    </template>
    <button type="button" class="wide-button" @click="put">Take this stance</button>
    <p v-if="missed.length > 0" class="says" role="status">
      Within the limits of this animal these miss the file: {{ missed.join(', ') }}.
    </p>
  </template>
</template>

<style scoped>
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
}
.frame {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 14px;
}
.frame input {
  flex: 1;
  accent-color: var(--verdigris);
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
.problem {
  color: var(--rust);
  font-size: 14px;
}
</style>
