<script setup lang="ts">
import * as say from './words.ts';
import { sameTarget, parseNumber, type SectionCard, type ShapePlan } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import HintText from '../../kit/HintText.vue';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import { withPart } from '../withPart.ts';

/** Section cards with what tape and caliper must read; cards are put in and taken out here. */
const props = defineProps<{
  cards: readonly SectionCard[];
  uncut: ShapePlan['uncut'];
}>();
const { piece, plan, change } = usePiecePlan();
const { target, pick } = useSelection();
const own = computed(() => piece.value.mass.cards !== null);
/** The places that are kept: the user's, or those that are shown until there are any. */
const now = computed(
  () =>
    piece.value.mass.cards ??
    props.cards.map(({ cut }) => ({ boneId: cut.boneId, along: cut.along })),
);
const indexOf = (card: SectionCard): number => (own.value ? card.cut.index : card.number - 1);
const isChosen = (card: SectionCard): boolean => sameTarget(target.value, card.girth.target);

const bone = ref('');
const at = ref(50);
const bones = computed(() =>
  plan.value.measure.skeleton.bones
    .filter(({ side }) => side !== 'right')
    .map(({ id, name }) => ({ label: name, value: id })),
);
const boneId = computed(() => bone.value || (bones.value[0]?.value ?? ''));
const put = (what: string, cards: typeof now.value | null): void =>
  change(what, (p) => withPart(p, 'mass', { cards: cards && [...cards] }));
const add = (): void =>
  put(say.addSectionCard, [...now.value, { boneId: boneId.value, along: at.value / 100 }]);
const takeOut = (index: number): void =>
  put(
    say.takeOutSectionCard,
    now.value.filter((_, i) => i !== index),
  );
/** The card keeps its place in the list, and stays chosen where it goes to. */
function move(card: SectionCard, percent: number): void {
  const along = percent / 100;
  put(
    say.moveSectionCard(card.number),
    now.value.map((entry, i) => (i === indexOf(card) ? { ...entry, along } : entry)),
  );
  pick({ kind: 'section', place: { boneId: card.cut.boneId, along } });
}
</script>

<template>
  <ReckoningTable
    :columns="[say.section, say.girth, say.wide, say.deep]"
    :rows="cards"
    :key-of="(card) => card.number"
    ><template #row="{ row: card }">
      <tr :class="{ chosen: isChosen(card) }">
        <td>
          <span class="numbered">
            <b class="number">{{ card.number }}</b>
            <ActionButton
              kind="plain"
              @click="pick(isChosen(card) ? null : (card.girth.target ?? null))"
            >
              {{ card.name }}
            </ActionButton>
          </span>
        </td>
        <td><WorkingCell :working="card.girth" /></td>
        <td><WorkingCell :working="card.width" /></td>
        <td><WorkingCell :working="card.depth" /></td>
      </tr>
      <OpenedRow :of="[card.girth, card.clayGirth, card.width, card.depth]" />
      <tr v-if="isChosen(card)">
        <td colspan="4" class="more">
          <template v-if="card.clayGirth !== card.girth">
            {{ say.clayUnderCoat }} <WorkingCell unit :working="card.clayGirth" />
          </template>
          <label>
            {{ say.alongBone }}
            <QuantityField
              small
              :label="say.placeOfSection(card.number)"
              :shown="`${Math.round(card.cut.along * 100)} %`"
              :parse="
                (typed) =>
                  parseNumber(typed.replace('%', ''), say.placeOfSection2(card.number), 0, 100, '%')
              "
              @set="move(card, $event)"
            />
          </label>
          <ActionButton @click="takeOut(indexOf(card))">
            {{ say.takeItOut }}
          </ActionButton>
        </td>
      </tr>
    </template></ReckoningTable
  >
  <HintText v-for="entry in uncut" :key="entry.index" role="status">
    {{ say.noSectionOfIts(entry.words) }}
    <ActionButton @click="takeOut(entry.index)">
      {{ say.takeItOut }}<span class="visually-hidden">: {{ entry.words }}</span>
    </ActionButton>
  </HintText>
  <div class="add">
    <ChoiceField
      small
      :label="say.boneOfNewCard"
      :value="boneId"
      :options="bones"
      @set="bone = $event"
    />
    <QuantityField
      small
      :label="say.placeOfNewCard"
      :shown="`${at} %`"
      :parse="(typed) => parseNumber(typed.replace('%', ''), say.placeOfNewCard2, 0, 100, '%')"
      @set="at = $event"
    />
    <ActionButton @click="add">{{ say.addCard }}</ActionButton>
  </div>
  <HintText>
    {{ say.printShopSheetsGives }}
    <ActionButton v-if="own" @click="put(say.cutCardsWhereUsual, null)">
      {{ say.usualPlaces }}
    </ActionButton>
  </HintText>
</template>

<style scoped>
.more label {
  display: inline-grid;
  grid-template-columns: auto 70px;
  gap: 8px;
  align-items: center;
}
.add {
  display: grid;
  grid-template-columns: 1fr 66px auto;
  gap: 6px;
  align-items: center;
  padding: 6px 4px;
}
</style>
