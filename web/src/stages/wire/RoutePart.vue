<script setup lang="ts">
import * as say from './words.ts';
import {
  fromOtherEnd,
  limbsKey,
  mayEdit,
  merged,
  problemSentence,
  refId,
  splitAt,
  waysOf,
  withoutPoint,
  withWays,
  type Parsed,
  type PlannedWire,
  type Ways,
} from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import HintText from '../../kit/HintText.vue';

/** The way of the chosen wire, place by place, with what can be done to it. */
const props = defineProps<{ wire: PlannedWire }>();
const { piece, plan, change } = usePiecePlan();
const problem = ref<string | null>(null);
watch(
  () => props.wire.id,
  () => (problem.value = null),
);

/** Ends this far apart can still be joined: the wire goes straight from one to the other. */
const NEAR_MM = 40;
const ways = computed(() => waysOf(plan.value.wire.wires, props.wire.routeKey));
const n = computed(() => props.wire.part);
const own = computed(() => piece.value.wire.routes[props.wire.routeKey] !== undefined);
const others = computed(() =>
  plan.value.wire.wires
    .filter((other) => other.id !== props.wire.id && mayEdit(other))
    .map(({ id, name }) => ({ label: `${id} ${name}`, value: id })),
);
const joinWith = ref('');
const partner = computed(() => others.value.find(({ value }) => value === joinWith.value));
/** Wires that were merged into others, by key: they can come back. */
const gone = computed(() =>
  Object.entries(piece.value.wire.routes)
    .filter(([, list]) => list.length === 0)
    .map(([key]) => ({ key, name: nameOf(key) })),
);
function nameOf(key: string): string {
  const { limbPairs } = plan.value.measure.skeleton.plan;
  return limbPairs.find(({ id }) => limbsKey(id) === key)?.name.toLowerCase() ?? say.spine;
}

function put(label: string, next: Parsed<Ways>): void {
  problem.value = next.ok ? null : problemSentence(next.problem);
  if (next.ok) change(label, (p) => withWays(p, props.wire.routeKey, next.value));
}
const turnRound = (): void =>
  change(say.startFromItsOther(props.wire.id), (p) =>
    withWays(p, props.wire.routeKey, fromOtherEnd(ways.value, n.value)),
  );
const backToScheme = (key: string): void =>
  change(say.backToSchemesOwn, (p) => withWays(p, key, null));
function join(): void {
  const other = plan.value.wire.wires.find(({ id }) => id === joinWith.value);
  if (other === undefined) return;
  const next = merged(piece.value, props.wire, other, NEAR_MM);
  problem.value = next.ok ? null : problemSentence(next.problem);
  if (next.ok) change(say.joinAnd(props.wire.id, other.id), () => next.value);
  joinWith.value = '';
}
</script>

<template>
  <template v-if="mayEdit(wire)">
    <ol class="places">
      <li v-for="(point, i) in wire.route.points" :key="refId(point.ref)">
        <span>{{ point.name }}</span>
        <span class="acts">
          <ActionButton
            v-if="i > 0 && i < wire.route.points.length - 1"
            @click="put(say.split(wire.id), splitAt(ways, n, i))"
          >
            {{ say.split2 }}<span class="visually-hidden">{{ say.at(wire.id, point.name) }}</span>
          </ActionButton>
          <ActionButton
            v-if="wire.route.points.length > 2"
            @click="put(say.leaveOutOf(point.name, wire.id), withoutPoint(ways, n, i))"
          >
            {{ say.leaveOut2
            }}<span class="visually-hidden">{{ say.leftOutPlace(point.name) }}</span>
          </ActionButton>
        </span>
      </li>
    </ol>
    <div class="row">
      <ActionButton @click="turnRound">
        {{ say.startFromOtherEnd }}
      </ActionButton>
      <ActionButton v-if="own" @click="backToScheme(wire.routeKey)">
        {{ say.backToSchemesOwn }}
      </ActionButton>
    </div>
    <div v-if="others.length > 0" class="join">
      <ChoiceField
        small
        :label="say.joinItWith"
        :value="joinWith"
        :options="[{ label: say.joinItWith2, value: '' }, ...others]"
        @set="joinWith = $event"
      />
      <ActionButton :disabled="!partner" @click="join">
        {{ say.join }}
      </ActionButton>
    </div>
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
    <HintText>
      {{ say.chooseEditRouteUnder }}
    </HintText>
  </template>
  <HintText v-else>
    {{ wire.otherEndOf ? say.thisIsOtherEnd : say.rodStandsWhereIts }}
  </HintText>
  <div v-for="{ key, name } in gone" :key="key" class="row">
    <ActionButton @click="backToScheme(key)">
      {{ say.bringBackWhichWas(name) }}
    </ActionButton>
  </div>
</template>

<style scoped>
.places {
  margin: 4px 0;
  padding-left: 26px;
  font-size: 14px;
}
.places li {
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.places li > span:first-child {
  display: inline-block;
  min-width: 55%;
}
.row,
.join {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0;
}
.join {
  display: grid;
  grid-template-columns: 1fr auto;
}
</style>
