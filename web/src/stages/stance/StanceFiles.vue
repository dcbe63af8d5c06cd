<script setup lang="ts">
import * as say from './words.ts';
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
  plural,
} from '@keen-sinew/core';
import { computed, ref, shallowRef } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { downloadText } from '../../files/download.ts';
import { textOf } from '../../files/textOf.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import { FilePicker, SliderField } from '../../kit/heavy.ts';
import HintText from '../../kit/HintText.vue';
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

const read = shallowRef<BvhFile | null>(null);
const names = ref<Record<string, string>>({});
const faces = ref<Faces>('z');
const frame = ref(0);
const problem = ref<string | null>(null);
const missed = ref<readonly string[]>([]);
const NOTHING = '';
const bones = computed(() => [
  { label: say.nothing, value: NOTHING },
  ...skeleton.value.bones.map(({ id, name }) => ({ label: name, value: id })),
]);
const own = computed(() => read.value !== null && isOwn(skeleton.value, read.value));

async function takeIn([chosen]: readonly File[]): Promise<void> {
  if (chosen === undefined) return;
  try {
    const text = await textOf(chosen);
    const result = text.ok ? readBvh(text.value) : text;
    problem.value = result.ok ? null : problemSentence(result.problem);
    read.value = result.ok ? result.value : null;
    names.value = result.ok ? { ...likelyNames(skeleton.value, result.value) } : {};
    frame.value = 0;
    missed.value = [];
  } catch (error) {
    problem.value = say.couldNotBeRead(chosen.name, (error as Error).message);
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
  change(say.takeStanceFromBvh, (p) =>
    withStance(p, {
      gait: null,
      anglesDeg: sent.anglesDeg,
      lifted: sent.lifted && [...sent.lifted],
    }),
  );
  missed.value = result.missed
    .slice(0, 4)
    .map(({ boneId, deg }) =>
      say.byWord(skeleton.value.byId.get(boneId)?.name ?? boneId, deg.toFixed(0)),
    );
}
</script>

<template>
  <div class="files">
    <ActionButton @click="saveStance">{{ say.saveAsBvh }}</ActionButton>
    <ActionButton v-if="gait" @click="saveStride">
      {{ say.saveStrideFrames(FRAMES) }}
    </ActionButton>
    <FilePicker :label="say.bvhFile" accept=".bvh" @take="takeIn">
      {{ say.takeInBvhFile }}
    </FilePicker>
  </div>
  <HintText v-if="problem" alarm>{{ problem }}</HintText>
  <template v-if="read">
    <HintText>
      {{ read.joints.length }} {{ plural(read.joints.length, say.joints) }},
      {{ read.frames.length }}
      {{ plural(read.frames.length, say.frames) }}.
      {{ own ? say.allBearNamesOf : say.sayWhichBoneEach }}
    </HintText>
    <div v-if="read.frames.length > 1" class="frame">
      {{ say.frame(frame + 1) }}
      <SliderField
        :label="say.frameOfFile"
        :value="frame"
        :min="0"
        :max="read.frames.length - 1"
        :step="1"
        @slide="frame = $event"
        @set="frame = $event"
      />
    </div>
    <template v-if="!own">
      <DecisionRow :name="say.fileFaces">
        <ChoiceField
          small
          :label="say.fileFaces"
          :value="faces"
          :options="[
            { label: say.alongZ, value: 'z' },
            { label: say.alongX, value: 'x' },
          ]"
          @set="faces = $event as Faces"
        />
      </DecisionRow>
      <DecisionRow v-for="joint in read.joints" :key="joint.name" :name="joint.name">
        <ChoiceField
          small
          :label="say.boneOf(joint.name)"
          :value="names[joint.name] ?? NOTHING"
          :options="bones"
          @set="names[joint.name] = $event"
        />
      </DecisionRow>
    </template>
    <ActionButton kind="wide" @click="put">{{ say.takeThisStance }}</ActionButton>
    <HintText v-if="missed.length > 0" role="status">
      {{ say.withinLimitsOfThis(missed.join(', ')) }}
    </HintText>
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
.frame > :last-child {
  flex: 1;
}
</style>
