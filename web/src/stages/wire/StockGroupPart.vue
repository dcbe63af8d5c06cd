<script setup lang="ts">
import * as say from './words.ts';
import { type SoldEntry, sizeText, type StockGroup } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import { lengthAt, numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withWire } from './wireChanges.ts';

/** One kind of wire: what is cut from which length, what is left to buy, and what that costs. */
const props = defineProps<{ group: StockGroup }>();
const { piece, change } = usePiecePlan();
const { system, number, text } = useUnits();

const isSame = (a: Pick<SoldEntry, 'metal' | 'size'>, b: typeof a): boolean =>
  a.metal === b.metal && a.size.system === b.size.system && a.size.value === b.size.value;
const sold = computed(() => piece.value.wire.sold.find((entry) => isSame(entry, props.group)));
/** The user asked to enter how it is sold. */
const asked = ref(false);
const sells = computed(() => sold.value !== undefined || asked.value);
const sell = (part: Partial<SoldEntry>): void =>
  change(say.changeHowWireIs, (p) => {
    const { metal, size } = props.group;
    const entry: SoldEntry = {
      lengthMm: 1000,
      price: null,
      ...sold.value,
      metal,
      size,
      ...part,
    };
    const others = p.wire.sold.filter((entry) => !isSame(entry, props.group));
    return withWire(p, { sold: [...others, entry] });
  });
</script>

<template>
  <div class="group">
    <p v-for="entry in group.cutting.sticks" :key="entry.stick.id" class="stick">
      {{ say.fromWord(text(entry.stick.mm, 'mm', 0)) }}
      <template v-if="entry.pieces.length > 0">
        {{
          say.left(
            entry.pieces.map((one_) => `${one_.id} ${number(one_.mm, 'mm')}`).join(', '),
            text(entry.leftMm, 'mm', 0),
          )
        }}
      </template>
      <template v-else>{{ say.nothing }}</template>
    </p>
    <WorkingRow :working="group.buy" :alarm="group.buy.value > 0" />
    <p v-if="group.cutting.sticks.length > 0" class="stick">
      {{
        group.cutting.proven
          ? say.provenNoOtherWay
          : say.notProvenBestNo(text(group.cutting.boundMm, 'mm', 0))
      }}
    </p>
    <ActionButton v-if="group.cutting.missing.length > 0 && !sells" @click="asked = true">
      {{ say.howItIsSold
      }}<span class="visually-hidden"
        >: {{ group.metalName }} {{ sizeText(group.size, system) }}</span
      >
    </ActionButton>
    <div v-else-if="group.cutting.missing.length > 0" class="sold">
      <span>{{ say.soldInLengthsOf }}</span>
      <QuantityField
        small
        :label="say.soldInLengthsOf2(group.metalName, group.sizeText)"
        placeholder="1 m"
        :shown="sold ? text(sold.lengthMm, 'mm', 0) : ''"
        :parse="lengthAt('workshop.wire.sold.*.lengthMm', say.soldInLengthsOf, system)"
        @set="sell({ lengthMm: $event })"
      />
      <span>{{ say.priceOfOneIn }}</span>
      <QuantityField
        small
        :label="say.priceOfOne(group.metalName, group.sizeText)"
        :placeholder="say.notEntered"
        :shown="sold?.price?.toFixed(2) ?? ''"
        :parse="numberAt('workshop.wire.sold.*.price', say.priceOfOne2)"
        @set="sell({ price: $event })"
      />
    </div>
    <WorkingRow v-if="group.lengths" :working="group.lengths.working" />
    <p v-else-if="sold && group.cutting.missing.length > 0" class="stick">
      {{ say.pieceIsLongerThan }}
    </p>
    <WorkingRow v-if="group.cost" :working="group.cost" />
    <p v-if="group.cutting.missing.length > 0" class="stick">
      {{
        say.toBuyAs(group.cutting.missing.map((m) => `${m.id} ${number(m.mm, 'mm')}`).join(', '))
      }}
    </p>
  </div>
</template>

<style scoped>
.stick {
  margin: 4px;
  font-size: 14px;
  color: var(--soft);
}
.group {
  margin-top: 6px;
}
.sold {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 4px 8px;
  align-items: center;
  padding: 3px 4px;
  font-size: 14px;
}
</style>
