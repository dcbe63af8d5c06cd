<script setup lang="ts">
import { parseNumber, type SectionCard } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import QuantityField from '../../controls/QuantityField.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import { withPart } from '../withPart.ts';

/** Section cards with what tape and caliper must read; cards are put in and taken out here. */
const props = defineProps<{ cards: readonly SectionCard[] }>();
const { piece, plan, change } = usePiecePlan();
const { target, open, pick } = useSelection();
const own = computed(() => piece.value.mass.cards !== null);
const now = computed(() => props.cards.map(({ cut }) => ({ bone: cut.boneId, at: cut.at })));
const isChosen = (card: SectionCard): boolean =>
  target.value?.kind === 'section' && target.value.id === String(card.number);
const opened = (card: SectionCard) =>
  [card.girth, card.clayGirth, card.width, card.depth].find(({ id }) => id === open.value);

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
  put('Add a section card', [...now.value, { bone: boneId.value, at: at.value / 100 }]);
const takeOut = (card: SectionCard): void =>
  put(
    `Take out section card ${card.number}`,
    now.value.filter((_, i) => i !== card.number - 1),
  );
const move = (card: SectionCard, percent: number): void =>
  put(
    `Move section card ${card.number}`,
    now.value.map((one, i) => (i === card.number - 1 ? { ...one, at: percent / 100 } : one)),
  );
</script>

<template>
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">Section</th>
        <th scope="col">Girth</th>
        <th scope="col">Wide</th>
        <th scope="col">Deep</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="card in cards" :key="card.number">
        <tr :class="{ chosen: isChosen(card) }">
          <td>
            <span class="row">
              <b class="number">{{ card.number }}</b>
              <button
                type="button"
                class="name"
                @click="pick(isChosen(card) ? null : { kind: 'section', id: String(card.number) })"
              >
                {{ card.name }}
              </button>
            </span>
          </td>
          <td><WorkingCell :working="card.girth" /></td>
          <td><WorkingCell :working="card.width" /></td>
          <td><WorkingCell :working="card.depth" /></td>
        </tr>
        <tr v-if="opened(card)">
          <td colspan="4"><WorkingDetail :working="opened(card)!" /></td>
        </tr>
        <tr v-if="isChosen(card)">
          <td colspan="4" class="more">
            <template v-if="card.clayGirth !== card.girth">
              Clay under the coat <WorkingCell unit :working="card.clayGirth" />
            </template>
            <label>
              Along the bone
              <QuantityField
                small
                :label="`Place of section ${card.number}, %`"
                :shown="`${Math.round(card.cut.at * 100)} %`"
                :parse="
                  (typed) =>
                    parseNumber(
                      typed.replace('%', ''),
                      `Place of section ${card.number}`,
                      0,
                      100,
                      '%',
                    )
                "
                @set="move(card, $event)"
              />
            </label>
            <button type="button" class="quiet-button" @click="takeOut(card)">Take it out</button>
          </td>
        </tr>
      </template>
    </tbody>
  </table>
  <div class="add">
    <ChoiceField
      small
      label="Bone of a new card"
      :value="boneId"
      :options="bones"
      @set="bone = $event"
    />
    <QuantityField
      small
      label="Place of a new card, %"
      :shown="`${at} %`"
      :parse="(typed) => parseNumber(typed.replace('%', ''), 'Place of a new card', 0, 100, '%')"
      @set="at = $event"
    />
    <button type="button" class="quiet-button" @click="add">Add a card</button>
  </div>
  <p class="says">
    Print shop sheets gives the cards at 1:1 with a map. Girths in mm are of the finished animal.
    <button
      v-if="own"
      type="button"
      class="quiet-button"
      @click="put('Cut the cards where usual', null)"
    >
      Usual places
    </button>
  </p>
</template>

<style scoped>
.row {
  display: flex;
  align-items: baseline;
}
.name {
  background: none;
  border: 0;
  padding: 2px 0;
  font-size: 14px;
  text-align: left;
  cursor: pointer;
}
.reckoning b {
  flex: 0 0 24px;
}
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
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
