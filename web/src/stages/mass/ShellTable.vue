<script setup lang="ts">
import {
  CORES,
  formatQuantity,
  lengthLimits,
  parseLength,
  type Core,
  type RegionMass,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import QuantityField from '../../controls/QuantityField.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const { target, open } = useSelection();
const { system, number } = useUnits();
const unit = computed(() => formatQuantity(0, 'ml', system.value).unit);
const regions = computed(() => plan.value.mass?.regions ?? []);
const opened = (one: RegionMass) =>
  [one.area, one.clay, one.coreVolume].find((working) => working.id === open.value);
const hasShellSnag = (one: RegionMass) =>
  plan.value.snags.some(
    (snag) => snag.code === 'shell-over-limb' && snag.target?.id === one.region.id,
  );

function set(one: RegionMass, part: { core?: Core; shellMm?: number }): void {
  change(`Change the build of ${one.region.name.toLowerCase()}`, (p) =>
    withPart(p, 'mass', {
      shells: {
        ...p.mass.shells,
        [one.region.id]: { core: one.core, shellMm: one.shellMm, ...part },
      },
    }),
  );
}

function revert(one: RegionMass): void {
  change(`Build ${one.region.name.toLowerCase()} as usual`, (p) =>
    withPart(p, 'mass', {
      shells: Object.fromEntries(
        Object.entries(p.mass.shells).filter(([id]) => id !== one.region.id),
      ),
    }),
  );
}
const CHOICES: readonly { readonly label: string; readonly value: Core }[] = [
  { label: 'foil', value: 'foil' },
  { label: 'hollow', value: 'hollow' },
  { label: 'solid', value: 'solid' },
];
const setCore = (one: RegionMass, chosen: string): void => {
  const core = CORES.find((each) => each === chosen);
  if (core !== undefined) set(one, { core });
};
/** A hole to the outside, so that the air in a hollow can swell. */
function setVent(one: RegionMass, vented: boolean): void {
  const { id, name } = one.region;
  change(`${vented ? 'Pierce' : 'Close'} a vent in ${name.toLowerCase()}`, (p) =>
    withPart(p, 'mass', {
      vents: [...p.mass.vents.filter((other) => other !== id), ...(vented ? [id] : [])],
    }),
  );
}
const isOwn = (one: RegionMass) => piece.value.mass.shells[one.region.id] !== undefined;
const read = (one: RegionMass) => (typed: string) =>
  parseLength(
    typed,
    `Shell of ${one.region.name}`,
    lengthLimits('mass.shells.*.shellMm'),
    system.value,
  );
</script>

<template>
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">Region</th>
        <th scope="col">Core</th>
        <th scope="col">Shell</th>
        <th scope="col">Clay {{ unit }}</th>
        <th scope="col">Core {{ unit }}</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="one in regions" :key="one.region.id">
        <tr :class="{ chosen: target?.kind === 'region' && target.id === one.region.id }">
          <td>
            {{ one.region.name }}
            <button v-if="isOwn(one)" type="button" class="quiet-button" @click="revert(one)">
              reset<span class="visually-hidden">: {{ one.region.name }}</span>
            </button>
          </td>
          <td>
            <ChoiceField
              small
              :label="`Core of ${one.region.name}`"
              :value="one.core"
              :options="CHOICES"
              @set="setCore(one, $event)"
            />
            <label v-if="one.core === 'hollow'" class="vent">
              <input
                type="checkbox"
                :checked="piece.mass.vents.includes(one.region.id)"
                @change="setVent(one, ($event.target as HTMLInputElement).checked)"
              />
              vent<span class="visually-hidden"> in {{ one.region.name }}</span>
            </label>
          </td>
          <td class="shell" :class="{ alarm: hasShellSnag(one) }">
            <QuantityField
              v-if="one.core !== 'solid'"
              small
              :label="`Shell of ${one.region.name}`"
              :shown="number(one.shellMm, 'mm')"
              :parse="read(one)"
              @set="set(one, { shellMm: $event })"
            />
          </td>
          <td><WorkingCell :working="one.clay" /></td>
          <td><WorkingCell v-if="one.core !== 'solid'" :working="one.coreVolume" /></td>
        </tr>
        <tr v-if="opened(one)">
          <td colspan="5"><WorkingDetail :working="opened(one)!" /></td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
.vent {
  display: block;
  font-size: 13px;
  white-space: nowrap;
}
.shell {
  width: 66px;
}
.alarm {
  box-shadow: inset 0 0 0 2px var(--rust);
}
.quiet-button {
  padding: 0 3px;
  font-size: 12.5px;
}
</style>
