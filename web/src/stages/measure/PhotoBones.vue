<script setup lang="ts">
import * as tell from './roomWords.ts';
import * as say from './words.ts';
import type { RecoveredStance } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';

/** Each bone of the photograph: how much of it is seen, which way it points, how well it fits. */
defineProps<{ found: RecoveredStance }>();
const emit = defineEmits<{ flip: [boneId: string] }>();
const { text } = useUnits();
/** A joint that misses by more than this is told. */
const POOR_DEG = 12;
</script>

<template>
  <div v-for="entry in found.impossible" :key="entry.bone.id" class="impossible" role="alert">
    <b>{{ entry.bone.name }}</b>
    {{
      tell.isSeenLongerThan(
        entry.movePx.toFixed(0),
        entry.pxPerMm.toFixed(3),
        text(entry.lengthMm, 'mm'),
        text(entry.bone.lifeLengthMm, 'mm'),
      )
    }}
  </div>
  <HintText v-if="found.bones.length === 0">{{ tell.noBoneHasBoth }}</HintText>
  <ReckoningTable
    v-else
    :columns="[say.bone, tell.seen, tell.farEnd, tell.misses]"
    :rows="found.bones"
    :key-of="(bone) => bone.bone.id"
    ><template #row="{ row: bone }"
      ><tr>
        <td>{{ bone.bone.name }}</td>
        <td class="number">{{ Math.round(100 * bone.seenShare) }} %</td>
        <td>
          <span v-if="bone.depthMm !== null && !bone.twoWays" class="flat">{{
            tell.inPicture
          }}</span>
          <ActionButton
            v-else
            :class="{ guess: !bone.chosen }"
            :disabled="bone.depthMm === null"
            :aria-label="tell.turnIt(bone.bone.name, bone.nearer === 1 ? 'nearer' : 'farther')"
            @click="emit('flip', bone.bone.id)"
          >
            {{ bone.nearer === 1 ? 'nearer' : 'farther' }}
            {{ bone.depthMm === null ? '' : text(bone.depthMm, 'mm', 0) }}
          </ActionButton>
        </td>
        <td class="number" :class="{ poor: (bone.missDeg ?? 0) > POOR_DEG }">
          {{ bone.missDeg === null ? 'none' : `${bone.missDeg.toFixed(0)}°` }}
        </td>
      </tr></template
    ></ReckoningTable
  >
  <HintText>
    {{ tell.lighterOnesAreGuessed }}
  </HintText>
</template>

<style scoped>
.guess {
  font-weight: 400;
}
.poor {
  color: var(--ochre);
  font-weight: 700;
}
.impossible {
  margin: 6px 0;
  padding-left: 8px;
  border-left: 3px solid var(--rust);
  font-size: 14px;
}
</style>
