<script setup lang="ts">
import * as tell from './roomWords.ts';
import * as say from './words.ts';
import type { Offer } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
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
  <HintText v-if="offers.length === 0">
    {{ tell.noBoneHasIts }}
  </HintText>
  <template v-else>
    <ActionButton v-if="waiting.length > 0" kind="wide" @click="take(waiting)">
      {{ tell.takeOver(waiting.length === 1 ? tell.thisLength : tell.allLengths(waiting.length)) }}
    </ActionButton>
    <HintText v-else>{{ tell.planHasAllOf }}</HintText>
    <ReckoningTable
      :columns="[
        tell.boneLife,
        tell.plan,
        tell.found,
        '%',
        { title: tell.takeOver2, hidden: true },
      ]"
      :rows="offers"
      :key-of="(offer) => offer.found.key"
      ><template #row="{ row: offer }">
        <tr>
          <td>
            <ActionButton
              kind="plain"
              class="name"
              :data-working="offer.working.id"
              :aria-expanded="open === offer.working.id"
              @click="toggle(offer)"
            >
              {{ offer.found.name }}
            </ActionButton>
          </td>
          <td class="number">{{ number(offer.found.nowMm, 'mm') }}</td>
          <td class="number found" :class="{ out: offer.found.outOfRange }">
            {{ number(offer.found.mm, 'mm') }}
            <small>± {{ number(offer.found.plusMinusMm, 'mm') }}</small>
          </td>
          <td class="number">{{ offer.taken ? '' : percent(offer) }}</td>
          <td>
            <ActionButton
              v-if="offer.taken || isOwn(offer)"
              :aria-label="tell.takeLibrarysAgain(offer.found.name)"
              @click="revert(offer)"
            >
              {{ say.revert }}
            </ActionButton>
            <ActionButton
              v-else
              :aria-label="tell.takeOver3(offer.found.name)"
              @click="take([offer])"
            >
              {{ tell.take }}
            </ActionButton>
          </td>
        </tr>
        <OpenedRow :of="[offer.working]" /> </template
    ></ReckoningTable>
  </template>
</template>

<style scoped>
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
</style>
