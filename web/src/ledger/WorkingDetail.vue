<script setup lang="ts">
import * as say from './words.ts';
import { digitsIn, type Working } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import { PROVENANCE_TEXT } from './provenanceText.ts';

const props = defineProps<{ working: Working }>();
const { text, system } = useUnits();
const digits = computed(() => digitsIn(system.value, props.working.unit, props.working.digits));
const result = computed(() => text(props.working.value, props.working.unit, digits.value));
</script>

<template>
  <div class="detail" role="region" :aria-label="say.workingOf(working.label)">
    <p v-if="working.formula !== undefined" class="formula number">{{ working.formula }}</p>
    <template v-else>
      <p class="formula">{{ say.read(working.reading.method) }}</p>
      <p class="note">{{ say.asFineAs(working.reading.resolution) }}</p>
    </template>
    <dl v-if="working.inputs.length > 0" class="number">
      <div v-for="input in working.inputs" :key="input.symbol + input.label">
        <dt>{{ input.symbol }}</dt>
        <dd>
          <b>{{ text(input.value, input.unit) }}</b>
          <span>{{ input.label }}, {{ PROVENANCE_TEXT[input.provenance].short }}</span>
        </dd>
      </div>
    </dl>
    <p class="number">
      = {{ result
      }}<template v-if="working.plusMinus !== undefined">
        ± {{ text(working.plusMinus, working.unit, digits) }}</template
      >
    </p>
    <p v-if="working.plusMinus !== undefined" class="note">
      {{ say.trueValueLiesIn }}
    </p>
    <p v-if="working.range" class="note">
      {{ say.usualTo(text(working.range[0], working.unit), text(working.range[1], working.unit)) }}
    </p>
    <p v-if="working.note !== undefined" class="note">{{ working.note }}</p>
    <p class="note">{{ working.source }} ({{ PROVENANCE_TEXT[working.provenance].long }})</p>
  </div>
</template>

<style scoped>
.detail {
  background: var(--sheet);
  border-left: 3px solid var(--verdigris);
  padding: 8px 10px;
  font-size: 13.5px;
  text-align: left;
  white-space: normal;
}
p {
  margin: 0 0 4px;
}
.formula {
  font-weight: 600;
}
dl {
  margin: 0 0 4px;
}
dl div {
  display: flex;
  gap: 8px;
}
dt {
  min-width: 22px;
  color: var(--verdigris);
}
dd {
  margin: 0;
}
dd b {
  font-weight: 600;
}
dd span {
  font-family: var(--font-text);
  color: var(--soft);
  margin-left: 6px;
}
.note {
  color: var(--soft);
  font-size: 12.5px;
}
</style>
