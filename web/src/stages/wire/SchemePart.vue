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
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import type { Column } from '../../kit/columns.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import SwitchField from '../../kit/SwitchField.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import { withWire } from './wireChanges.ts';

/** How the armature is made: the scheme, the six of them side by side, and limbs made otherwise. */
const { piece, plan, change } = usePiecePlan();
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
/** The six schemes, the one that suits best first. */
const bestFirst = computed(() =>
  advice.value.flatMap(({ id }) => costs.value.filter(({ scheme: { id: of } }) => of === id)),
);
const COLUMNS: readonly (string | Column<SchemeCost>)[] = [
  say.scheme,
  { title: say.wireM, orderBy: ({ metres }) => metres.value },
  { title: say.bind, orderBy: ({ joints }) => joints.value },
  { title: say.load, orderBy: ({ worst }) => worst?.value ?? 0 },
  { title: say.min, orderBy: ({ minutes }) => minutes.value },
];

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
  <HintText>{{ say.whatCanGoWrong(scheme.risk) }}</HintText>
  <ActionButton :aria-expanded="comparing" @click="comparing = !comparing">
    {{ comparing ? say.putSchemesAway : say.compareAndChangeScheme }}
  </ActionButton>
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
    <ReckoningTable :columns="COLUMNS" :rows="bestFirst" :key-of="(cost) => cost.scheme.id"
      ><template #row="{ row: cost }">
        <tr :class="{ chosen: cost.scheme.id === piece.wire.scheme }">
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
        <OpenedRow :of="[cost.metres, cost.joints, cost.worst, cost.minutes]" />
        <tr>
          <td colspan="5" class="reasons">
            <ul>
              <li
                v-for="entry in reasonsOf(cost.scheme.id)"
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
            <ActionButton v-if="cost.scheme.id !== piece.wire.scheme" @click="take(cost.scheme.id)">
              {{ say.take }}<span class="visually-hidden">: {{ cost.scheme.name }}</span>
            </ActionButton>
            <span v-else>{{ say.asItIsMade }}</span>
          </td>
        </tr>
      </template></ReckoningTable
    >
    <HintText>
      {{ say.bindPlacesToBind }}
    </HintText>
  </template>
</template>

<style scoped>
.scheme {
  margin: 2px 4px;
  font-size: 14px;
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
