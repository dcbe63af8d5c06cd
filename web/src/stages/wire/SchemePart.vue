<script setup lang="ts">
import * as say from './words.ts';
import {
  compareSchemes,
  recommendScheme,
  schemeById,
  wayOf,
  type LimbWay,
  type SchemeCost,
  type SchemeId,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import DecisionRow from '../../controls/DecisionRow.vue';
import SwitchField from '../../controls/SwitchField.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import { withWire } from './wireChanges.ts';

/** How the armature is made: the scheme, the six of them side by side, and limbs made otherwise. */
const { piece, plan, change } = usePiecePlan();
const { open } = useSelection();
const comparing = ref(false);
const scheme = computed(() => schemeById(piece.value.wire.scheme));
const costs = computed(() => (comparing.value ? compareSchemes(plan.value) : []));
const advice = computed(() => recommendScheme(plan.value, costs.value));
const best = computed(() => advice.value[0]);
const reasonsOf = (id: SchemeId) => advice.value.find((entry) => entry.id === id)?.reasons ?? [];
const pairs = computed(() =>
  plan.value.measure.skeleton.plan.limbPairs.filter(
    ({ id }) => !plan.value.stance.folded.includes(id),
  ),
);
const WAYS: readonly { label: string; value: LimbWay }[] = [
  { label: say.boundLoops, value: 'loops' },
  { label: say.rodsInBase, value: 'rods' },
  { label: say.noWire2, value: 'none' },
];
const ways = computed(() =>
  piece.value.wire.scheme === 'folded-pair'
    ? [{ label: say.foldedPair, value: 'folded' as LimbWay }, ...WAYS]
    : WAYS,
);
const openIn = (cost: SchemeCost) =>
  [cost.metres, cost.joints, cost.worst, cost.minutes].find(
    (entry) => entry !== null && entry.id === open.value,
  );

const take = (id: SchemeId): void =>
  change(say.makeItBy(schemeById(id).name.toLowerCase()), (p) => withWire(p, { scheme: id }));
const setWay = (pairId: string, way: LimbWay): void =>
  change(say.makePairOfLimbs, (p) => withWire(p, { ways: { ...p.wire.ways, [pairId]: way } }));
function followScheme(pairId: string): void {
  const { [pairId]: _gone, ...ways_ } = piece.value.wire.ways;
  change(say.makeThemAsScheme, (p) => withWire(p, { ways: ways_ }));
}
const setPosable = (posable: boolean): void =>
  change(posable ? say.keepItPosable : say.fixItsPose, (p) => withWire(p, { posable }));
</script>

<template>
  <p class="scheme">
    <b>{{ scheme.name }}:</b> {{ scheme.what }}.
  </p>
  <p class="risk">{{ say.whatCanGoWrong(scheme.risk) }}</p>
  <button
    type="button"
    class="quiet-button"
    :aria-expanded="comparing"
    @click="comparing = !comparing"
  >
    {{ comparing ? say.putSchemesAway : say.compareAndChangeScheme }}
  </button>
  <template v-if="comparing && best">
    <DecisionRow
      v-for="pair in pairs"
      :key="pair.id"
      :name="pair.name"
      :own="piece.wire.ways[pair.id] !== undefined"
      :back="say.asScheme"
      @revert="followScheme(pair.id)"
    >
      <ChoiceField
        small
        :label="say.howTheyAreMade(pair.name)"
        :value="wayOf(piece.wire, pair)"
        :options="ways"
        @set="setWay(pair.id, $event as LimbWay)"
      />
    </DecisionRow>
    <DecisionRow :name="say.posableItsPoseIs">
      <SwitchField :label="say.posable" :value="piece.wire.posable" @set="setPosable" />
    </DecisionRow>
    <p class="best">
      {{ say.suitsThisPieceBest }} <b>{{ schemeById(best.id).name }}</b>
    </p>
    <table class="reckoning">
      <thead>
        <tr>
          <th scope="col">{{ say.scheme }}</th>
          <th scope="col">{{ say.wireM }}</th>
          <th scope="col">{{ say.bind }}</th>
          <th scope="col">{{ say.load }}</th>
          <th scope="col">{{ say.min }}</th>
        </tr>
      </thead>
      <tbody v-for="{ id } in advice" :key="id">
        <template v-for="cost in costs.filter((one) => one.scheme.id === id)" :key="cost.scheme.id">
          <tr :class="{ chosen: id === piece.wire.scheme }">
            <td>
              <b>{{ cost.scheme.name }}</b>
            </td>
            <td><WorkingCell :working="cost.metres" /></td>
            <td><WorkingCell :working="cost.joints" /></td>
            <td>
              <WorkingCell v-if="cost.worst" :working="cost.worst" />
              <template v-else>{{ say.none }}</template>
            </td>
            <td><WorkingCell :working="cost.minutes" /></td>
          </tr>
          <tr v-if="openIn(cost)">
            <td colspan="5"><WorkingDetail :working="openIn(cost)!" /></td>
          </tr>
          <tr>
            <td colspan="5" class="reasons">
              <ul>
                <li
                  v-for="entry in reasonsOf(id)"
                  :key="entry.text"
                  :class="{ against: entry.weight < 0 }"
                >
                  <span class="visually-hidden">{{
                    entry.weight < 0 ? say.against : say.forWord
                  }}</span>
                  {{ entry.text }}
                </li>
                <li class="against">
                  <span class="visually-hidden">{{ say.canGoWrong }}</span> {{ cost.scheme.risk }}
                </li>
              </ul>
              <button
                v-if="id !== piece.wire.scheme"
                type="button"
                class="quiet-button"
                @click="take(id)"
              >
                {{ say.take }}<span class="visually-hidden">: {{ cost.scheme.name }}</span>
              </button>
              <span v-else>{{ say.asItIsMade }}</span>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <p class="risk">
      {{ say.bindPlacesToBind }}
    </p>
  </template>
</template>

<style scoped>
.scheme {
  margin: 2px 4px;
  font-size: 14px;
}
.risk {
  margin: 2px 4px 6px;
  font-size: 13.5px;
  color: var(--soft);
}
.best {
  margin: 8px 4px 4px;
}
.reasons {
  text-align: left !important;
  font-size: 13.5px;
}
.reasons ul {
  list-style: none;
  margin: 0 0 2px;
  padding: 0;
}
.reasons li::before {
  content: '+ ';
  font-weight: 700;
  color: var(--verdigris);
}
.reasons li.against::before {
  content: '− ';
  color: var(--rust);
}
</style>
