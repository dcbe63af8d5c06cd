<script setup lang="ts">
import * as tell from './roomWords.ts';
import * as say from './words.ts';
import type { RecoveredStance } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';

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
  <p v-if="found.bones.length === 0" class="says">{{ tell.noBoneHasBoth }}</p>
  <table v-else class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ say.bone }}</th>
        <th scope="col">{{ tell.seen }}</th>
        <th scope="col">{{ tell.farEnd }}</th>
        <th scope="col">{{ tell.misses }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="bone in found.bones" :key="bone.bone.id">
        <td>{{ bone.bone.name }}</td>
        <td class="number">{{ Math.round(100 * bone.seenShare) }} %</td>
        <td>
          <span v-if="bone.depthMm !== null && !bone.twoWays" class="flat">{{
            tell.inPicture
          }}</span>
          <button
            v-else
            type="button"
            class="quiet-button"
            :class="{ guess: !bone.chosen }"
            :disabled="bone.depthMm === null"
            :aria-label="tell.turnIt(bone.bone.name, bone.nearer === 1 ? 'nearer' : 'farther')"
            @click="emit('flip', bone.bone.id)"
          >
            {{ bone.nearer === 1 ? 'nearer' : 'farther' }}
            {{ bone.depthMm === null ? '' : text(bone.depthMm, 'mm', 0) }}
          </button>
        </td>
        <td class="number" :class="{ poor: (bone.missDeg ?? 0) > POOR_DEG }">
          {{ bone.missDeg === null ? 'none' : `${bone.missDeg.toFixed(0)}°` }}
        </td>
      </tr>
    </tbody>
  </table>
  <p class="says">
    {{ tell.lighterOnesAreGuessed }}
  </p>
</template>

<style scoped>
.quiet-button {
  padding: 0 2px;
  font-size: 13.5px;
  white-space: nowrap;
}
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
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
