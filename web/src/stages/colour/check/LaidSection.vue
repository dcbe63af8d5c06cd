<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import ActionButton from '../../../kit/ActionButton.vue';
import HintText from '../../../kit/HintText.vue';
import SliderField from '../../../kit/SliderField.vue';
import SwitchField from '../../../kit/SwitchField.vue';
import type { LaidPieceState } from './useLaidPiece.ts';

/** The piece laid over the picture: how it is turned, and the one question for all of its zones. */
const props = defineProps<{ laid: LaidPieceState }>();
const { isLaid, placing, busy, problem, small } = props.laid;
/** A picture is hardly ever held more askew than this, degrees. */
const ASKEW = 30;
const turn = computed(() => Math.round(placing.value?.turnDeg ?? 0));
</script>

<template>
  <label class="row">
    <span>{{ say.layOver }}</span>
    <SwitchField :label="say.layOver" :value="isLaid" @set="isLaid = $event" />
  </label>
  <template v-if="isLaid">
    <HintText v-if="placing === null" role="status">{{ say.formWorkedOut }}</HintText>
    <template v-else>
      <HintText>{{ say.layHint }}</HintText>
      <label class="row">
        <span>{{ say.looksOtherWay }}</span>
        <SwitchField
          :label="say.looksOtherWay"
          :value="placing.mirrored"
          @set="laid.move({ mirrored: $event })"
        />
      </label>
      <div class="row">
        <span>{{ say.turned }}</span>
        <SliderField
          :label="say.turned"
          :value="turn"
          :min="Math.min(-ASKEW, turn)"
          :max="Math.max(ASKEW, turn)"
          :step="1"
          :said="say.degrees(turn)"
          @slide="laid.move({ turnDeg: $event })"
          @set="laid.move({ turnDeg: $event })"
        />
      </div>
      <p class="acts">
        <ActionButton kind="line" :disabled="busy" @click="laid.read()">{{
          say.readSeen
        }}</ActionButton>
        <ActionButton @click="laid.again()">{{ say.layAgain }}</ActionButton>
      </p>
      <HintText v-if="problem" alarm role="alert">{{ problem }}</HintText>
      <HintText v-else-if="busy" role="status">{{ say.lookingAt }}</HintText>
      <HintText v-else-if="small.length > 0">{{ say.tooLittleOf(small) }}</HintText>
    </template>
  </template>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  align-items: center;
  gap: 8px;
  padding: 3px 4px;
  font-size: 14px;
}
.acts {
  margin: 6px 4px;
}
</style>
