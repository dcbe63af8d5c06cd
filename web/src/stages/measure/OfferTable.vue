<script setup lang="ts">
import * as tell from './roomWords.ts';
import * as say from './words.ts';
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
const waiting = computed(() => props.offers.filter((offer) => !offer.taken));
const today = (): string => new Date().toLocaleDateString('sv-SE');
const isOwn = (offer: Offer): boolean =>
  piece.value.measure.lifeLengths[offer.found.key] !== undefined;

const take = (offers: readonly Offer[]): void =>
  change(
    offers.length === 1
      ? tell.takeOver3(offers[0]!.found.name)
      : tell.takeOverLengths(offers.length),
    (p) => takeOver(p, offers, today()),
  );
const revert = (offer: Offer): void =>
  change(tell.takeLibrarys2(offer.found.name), (p) => revertLength(p, offer.found.key));
const toggle = ({ working }: Offer): void =>
  open.value === working.id ? pick(null) : pick(working.target ?? null, working.id);
const percent = ({ changePercent }: Offer): string =>
  `${changePercent >= 0 ? '+' : '−'}${Math.abs(changePercent).toFixed(1)}`;
</script>

<template>
  <p v-if="offers.length === 0" class="says">
    {{ tell.noBoneHasIts }}
  </p>
  <template v-else>
    <button v-if="waiting.length > 0" type="button" class="wide-button" @click="take(waiting)">
      {{ tell.takeOver(waiting.length === 1 ? tell.thisLength : tell.allLengths(waiting.length)) }}
    </button>
    <p v-else class="says">{{ tell.planHasAllOf }}</p>
    <table class="reckoning">
      <thead>
        <tr>
          <th scope="col">{{ tell.boneLife }}</th>
          <th scope="col">{{ tell.plan }}</th>
          <th scope="col">{{ tell.found }}</th>
          <th scope="col">%</th>
          <th scope="col">
            <span class="visually-hidden">{{ tell.takeOver2 }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <template v-for="offer in offers" :key="offer.found.key">
          <tr>
            <td>
              <button
                type="button"
                class="name"
                :data-working="offer.working.id"
                :aria-expanded="open === offer.working.id"
                @click="toggle(offer)"
              >
                {{ offer.found.name }}
              </button>
            </td>
            <td class="number">{{ number(offer.found.nowMm, 'mm') }}</td>
            <td class="number found" :class="{ out: offer.found.outOfRange }">
              {{ number(offer.found.mm, 'mm') }}
              <small>± {{ number(offer.found.plusMinusMm, 'mm') }}</small>
            </td>
            <td class="number">{{ offer.taken ? '' : percent(offer) }}</td>
            <td>
              <button
                v-if="offer.taken || isOwn(offer)"
                type="button"
                class="quiet-button"
                :aria-label="tell.takeLibrarysAgain(offer.found.name)"
                @click="revert(offer)"
              >
                {{ say.revert }}
              </button>
              <button
                v-else
                type="button"
                class="quiet-button"
                :aria-label="tell.takeOver3(offer.found.name)"
                @click="take([offer])"
              >
                {{ tell.take }}
              </button>
            </td>
          </tr>
          <tr v-if="open === offer.working.id">
            <td colspan="5"><WorkingDetail :working="offer.working" /></td>
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
