<script setup lang="ts">
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import PickRow from '../../controls/PickRow.vue';
import SwitchField from '../../controls/SwitchField.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const cure = computed(() => piece.value.cure);
const METHODS = [
  { label: 'Shell first', value: 'shell-first' },
  { label: 'All at once', value: 'all-at-once' },
];
const setMethod = (method: string): void =>
  change('Change the order of bakes', (p) =>
    withPart(p, 'cure', { method: method === 'shell-first' ? 'shell-first' : 'all-at-once' }),
  );
</script>

<template>
  <PickRow label="Order of bakes" :value="cure.method" :options="METHODS" @set="setMethod" />
  <p class="says">
    {{
      cure.method === 'shell-first'
        ? 'For bulky bodies: a baked shell carries detail without sagging, and costs one more bake.'
        : 'For slender bodies: quicker, but what is done first can be dented while the rest is made.'
    }}
  </p>
  <DecisionRow name="Eyes and claws baked before">
    <SwitchField
      label="Eyes and claws baked before"
      :value="cure.partsFirst"
      @set="
        change('Change when parts are baked', (p) => withPart(p, 'cure', { partsFirst: $event }))
      "
    />
  </DecisionRow>
  <ol>
    <li v-for="stage in plan.cure.stages" :key="stage.id">
      <b>{{ stage.name }}.</b> {{ stage.what }}
    </li>
  </ol>
</template>

<style scoped>
.says,
ol {
  margin: 6px 4px;
  font-size: 14px;
}
.says {
  color: var(--soft);
}
ol {
  padding-left: 20px;
}
</style>
