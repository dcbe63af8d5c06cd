<script setup lang="ts">
import * as tell from './roomWords.ts';
import { readingsOf, type Bone } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import { withoutReading } from './readingChanges.ts';

/** The readings of one bone, their mean, and which of them to doubt. */
const props = defineProps<{ bone: Bone; readings: readonly number[] }>();
const { change } = usePiecePlan();
const { text } = useUnits();
const summary = computed(() => readingsOf(props.readings));
</script>

<template>
  <div class="taken">
    <ul>
      <li v-for="(mm, i) in readings" :key="i" :class="{ doubted: summary?.doubted.includes(i) }">
        {{ text(mm, 'mm', 2) }}
        <ActionButton
          :aria-label="tell.takeAwayReading(text(mm, 'mm', 2))"
          @click="change(tell.takeReadingAway, (p) => withoutReading(p, bone.id, i))"
        >
          ×
        </ActionButton>
      </li>
    </ul>
    <p v-if="summary" class="mean">
      {{ tell.mean }} <b class="number">{{ text(summary.value, 'mm', 2) }}</b> ±
      {{ text(summary.plusMinusMm, 'mm', 2)
      }}<template v-if="summary.spreadMm !== null">{{
        tell.spread(text(summary.spreadMm, 'mm', 2))
      }}</template>
      <span v-if="summary.doubted.length > 0" class="caution">
        {{ tell.oneStruckOutLies }}
      </span>
    </p>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  font-family: var(--font-number);
}
li {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 2px 2px 2px 8px;
}
.doubted {
  text-decoration: line-through;
  color: var(--ochre);
}
.caution {
  color: var(--ochre);
}
.mean {
  margin: 8px 0 0;
}
</style>
