<script setup lang="ts">
import * as say from './words.ts';
import {
  differenceWords,
  oppositeHue,
  SCHOOLS,
  SHEENS,
  type ColourPlan,
  type Piece,
  type School,
  type Sheen,
} from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import ColourField from '../../kit/ColourField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withPart } from '../withPart.ts';
import RecipeLine from './RecipeLine.vue';

const props = defineProps<{ colour: ColourPlan }>();
const { piece, change } = usePiecePlan();
const { target, pick } = useSelection();
const SHEEN_NAMES = {
  matt: say.matt,
  satin: say.satin,
  gloss: say.gloss,
  wet: say.highGloss,
} as const;
const SHEEN_OPTIONS = SHEENS.map((value) => ({ label: SHEEN_NAMES[value], value }));
const chosenId = ref('flanks');
const chosen = computed(
  () =>
    props.colour.zones.find((entry) => entry.zone.id === chosenId.value) ?? props.colour.zones[0]!,
);
watch(
  target,
  (now) => {
    if (now?.kind === 'zone') chosenId.value = now.id;
  },
  { immediate: true },
);

function choose(id: string): void {
  chosenId.value = id;
  pick({ kind: 'zone', id });
}

function set(part: Partial<Piece['colour']['zones'][string]>): void {
  const { zone } = chosen.value;
  change(say.changeColourOf(zone.name.toLowerCase()), (p) =>
    withPart(p, 'colour', {
      zones: {
        ...p.colour.zones,
        [zone.id]: { hex: null, sheen: null, school: null, ...p.colour.zones[zone.id], ...part },
      },
    }),
  );
}
const WAYS = SCHOOLS.map((value) => ({ label: say.SCHOOL_NAMES[value], value }));
const own = computed(() => piece.value.colour.zones[chosen.value.zone.id]);
const opposite = computed(() => oppositeHue(chosen.value.hex));
</script>

<template>
  <div class="zones" role="group" :aria-label="say.zones">
    <ActionButton
      v-for="zone in colour.zones"
      :key="zone.zone.id"
      kind="line"
      :aria-pressed="zone === chosen"
      @click="choose(zone.zone.id)"
    >
      <i :style="{ background: zone.hex }" />{{ zone.zone.name }}
    </ActionButton>
  </div>
  <h4>{{ chosen.zone.name }}</h4>
  <DecisionRow
    :name="say.colourToAimAt"
    :own="chosen.own"
    :back="say.librarys"
    @revert="set({ hex: null })"
  >
    <ColourField
      :label="say.colourOf(chosen.zone.name)"
      :hex="chosen.hex"
      @set="set({ hex: $event })"
    />
  </DecisionRow>
  <ChoiceRow
    :label="say.sheenOf(chosen.zone.name)"
    :value="chosen.sheen"
    :options="SHEEN_OPTIONS"
    class="sheen"
    @set="set({ sheen: $event as Sheen })"
  />
  <WorkingRow :working="chosen.area" :label="say.skinOfThisZone" />
  <DecisionRow
    :name="say.wayOfZone"
    :own="own?.school != null"
    :back="say.pieces"
    @revert="set({ school: null })"
  >
    <ChoiceField
      small
      :label="say.wayOf(chosen.zone.name)"
      :value="chosen.school"
      :options="WAYS"
      @set="set({ school: $event as School })"
    />
  </DecisionRow>
  <template v-if="chosen.clay">
    <RecipeLine v-if="chosen.clay.recipe" :recipe="chosen.clay.recipe" :colour="colour" />
    <WorkingRow :working="chosen.clay.grams" :label="say.colouredClay" />
  </template>
  <template v-for="layer in chosen.layers" :key="layer.rule.id">
    <p class="layer">
      <i :style="{ background: layer.hex }" />
      <b>{{ layer.rule.name }}</b> <span class="number">{{ layer.hex }}</span>
      <span class="how">{{ layer.rule.how }}</span>
    </p>
    <RecipeLine v-if="layer.recipe" :recipe="layer.recipe" :colour="colour" />
    <WorkingRow :working="layer.ml" :label="layer.ml.unit === 'g' ? say.powder : say.paint" />
    <WorkingRow v-if="layer.water" :working="layer.water" :label="say.water" />
    <WorkingRow :working="layer.lightness" :label="say.lightness" />
  </template>
  <p v-if="chosen.end" class="layer">
    <i :style="{ background: chosen.end.hex }" /><i :style="{ background: chosen.hex }" />
    <span class="how">{{ say.inTheEnd(differenceWords(chosen.end.difference.value)) }}</span>
  </p>
  <WorkingRow v-if="chosen.end" :working="chosen.end.difference" :label="say.offInTheEnd" />
  <p class="layer">
    <i :style="{ background: opposite }" />
    <span class="how">{{ say.accentOpposite(opposite) }}</span>
  </p>
  <HintText v-if="piece.colour.zones[chosen.zone.id]?.hex == null">
    {{ say.coloursOfLibraryAre }}
  </HintText>
</template>

<style scoped>
.zones {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
i {
  width: 14px;
  height: 14px;
  border: 1px solid var(--soft);
  flex: none;
}
h4 {
  margin: 12px 0 4px;
  font: 700 16px var(--font-title);
}
.sheen {
  margin: 6px 0;
}
.layer {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 10px 4px 0;
  font-size: 14px;
}
.layer i {
  width: 26px;
  height: 18px;
}
.how {
  font-size: 13px;
  color: var(--soft);
}
</style>
