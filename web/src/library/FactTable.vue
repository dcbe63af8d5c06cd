<script setup lang="ts">
import * as say from './words.ts';
import type { Provenance } from '@keen-sinew/core';
import ActionButton from '../kit/ActionButton.vue';
import { PROVENANCE_TEXT } from '../ledger/provenanceText.ts';

/** Facts of an animal: what, how much, within what, and where it comes from. */
export interface Fact {
  readonly id: string;
  readonly name: string;
  readonly value: string;
  readonly range?: string;
  readonly provenance: Provenance;
  readonly note?: string;
  /** Outside the range that is known. */
  readonly odd?: boolean;
}
defineProps<{ facts: readonly Fact[]; picked?: string | null }>();
const emit = defineEmits<{ pick: [id: string] }>();
</script>

<template>
  <ul class="facts">
    <li v-for="fact in facts" :key="fact.id" :class="{ picked: picked === fact.id }">
      <ActionButton kind="row" :aria-pressed="picked === fact.id" @click="emit('pick', fact.id)">
        <span class="fact"
          ><span class="name">{{ fact.name }}</span>
          <span class="value number" :class="{ odd: fact.odd }">{{ fact.value }}</span>
          <span class="provenance">{{ PROVENANCE_TEXT[fact.provenance].short }}</span>
          <span v-if="fact.range || fact.note" class="more">
            <template v-if="fact.range">{{ say.usually(fact.range) }}</template>
            <template v-if="fact.range && fact.note">; </template>{{ fact.note }}
          </span></span
        >
      </ActionButton>
    </li>
  </ul>
</template>

<style scoped>
.facts {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-bottom: 1px dotted var(--line);
}
.picked {
  background: var(--verdigris-wash);
}
.fact {
  flex: 1;
  display: grid;
  grid-template-columns: 1fr auto 62px;
  gap: 1px 8px;
  align-items: baseline;
}
.value {
  font-size: 14px;
}
.odd {
  color: var(--ochre);
  font-weight: 700;
}
.provenance {
  font-size: 12.5px;
  color: var(--soft);
}
.more {
  grid-column: 1 / -1;
  font-size: 12.5px;
  color: var(--soft);
}
</style>
