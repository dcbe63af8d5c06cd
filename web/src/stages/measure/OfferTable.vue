<script setup lang="ts">
import type { Offer } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import { revertLength, takeOver } from './lengthChanges.ts';

/** Lengths found beside those of the plan: what would change, before it is taken over. */
const props = defineProps<{ offers: readonly Offer[] }>();
const { piece, change } = usePiecePlan();
const { open, pick } = useSelection();
const { number } = useUnits();
const waiting = computed(() => props.offers.filter((one) => !one.taken));
const today = (): string => new Date().toLocaleDateString('sv-SE');
const isOwn = (one: Offer): boolean => piece.value.measure.lifeLengths[one.found.key] !== undefined;

const take = (offers: readonly Offer[]): void =>
  change(
    offers.length === 1
      ? `Take over ${offers[0]!.found.name}`
      : `Take over ${offers.length} lengths`,
    (p) => takeOver(p, offers, today()),
  );
const revert = (one: Offer): void =>
  change(`Take the library’s ${one.found.name}`, (p) => revertLength(p, one.found.key));
const toggle = ({ working }: Offer): void =>
  open.value === working.id ? pick(null) : pick(working.target ?? null, working.id);
const percent = ({ changePercent }: Offer): string =>
  `${changePercent >= 0 ? '+' : '−'}${Math.abs(changePercent).toFixed(1)}`;
</script>

<template>
  <p v-if="offers.length === 0" class="says">
    No bone has its true length yet. A limb bone needs two views; one of the midline needs only the
    side.
  </p>
  <template v-else>
    <button v-if="waiting.length > 0" type="button" class="wide-button" @click="take(waiting)">
      Take over {{ waiting.length === 1 ? 'this length' : `all ${waiting.length} lengths` }}
    </button>
    <p v-else class="says">The plan has all of them.</p>
    <table class="reckoning">
      <thead>
        <tr>
          <th scope="col">Bone, life</th>
          <th scope="col">Plan</th>
          <th scope="col">Found</th>
          <th scope="col">%</th>
          <th scope="col"><span class="visually-hidden">Take over</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="one in offers" :key="one.found.key">
          <tr>
            <td>
              <button
                type="button"
                class="name"
                :data-working="one.working.id"
                :aria-expanded="open === one.working.id"
                @click="toggle(one)"
              >
                {{ one.found.name }}
              </button>
            </td>
            <td class="number">{{ number(one.found.nowMm, 'mm') }}</td>
            <td class="number found" :class="{ out: one.found.outOfRange }">
              {{ number(one.found.mm, 'mm') }}
              <small>± {{ number(one.found.plusMinusMm, 'mm') }}</small>
            </td>
            <td class="number">{{ one.taken ? '' : percent(one) }}</td>
            <td>
              <button
                v-if="one.taken || isOwn(one)"
                type="button"
                class="quiet-button"
                :aria-label="`Take the library’s ${one.found.name} again`"
                @click="revert(one)"
              >
                revert
              </button>
              <button
                v-else
                type="button"
                class="quiet-button"
                :aria-label="`Take over ${one.found.name}`"
                @click="take([one])"
              >
                take
              </button>
            </td>
          </tr>
          <tr v-if="open === one.working.id">
            <td colspan="5"><WorkingDetail :working="one.working" /></td>
          </tr>
        </template>
      </tbody>
    </table>
  </template>
</template>

<style scoped>
.name {
  background: none;
  border: 0;
  padding: 2px 0;
  text-align: left;
  cursor: pointer;
}
.found {
  font-weight: 600;
  white-space: nowrap;
}
.found small {
  display: block;
  font-weight: 400;
  color: var(--soft);
}
.out {
  color: var(--ochre);
}
.quiet-button {
  padding: 0 2px;
  font-size: 13px;
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
