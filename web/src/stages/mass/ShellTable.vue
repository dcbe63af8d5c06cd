<script setup lang="ts">
import { formatQuantity, parseLength, type RegionMass } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
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

function set(one: RegionMass, part: { core?: 'foil' | 'solid'; shellMm?: number }): void {
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
const isOwn = (one: RegionMass) => piece.value.mass.shells[one.region.id] !== undefined;
const read = (one: RegionMass) => (typed: string) =>
  parseLength(typed, `Shell of ${one.region.name}`, { minMm: 0.5, maxMm: 60 }, system.value);
</script>

<template>
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">Region</th>
        <th scope="col">Core</th>
        <th scope="col">Shell</th>
        <th scope="col">Clay {{ unit }}</th>
        <th scope="col">Foil {{ unit }}</th>
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
            <button
              type="button"
              class="core"
              :title="
                one.core === 'foil'
                  ? 'Foil under a shell. Press for solid clay.'
                  : 'Solid clay. Press for a foil core.'
              "
              @click="set(one, { core: one.core === 'foil' ? 'solid' : 'foil' })"
            >
              {{ one.core }}<span class="visually-hidden">: {{ one.region.name }}</span>
            </button>
          </td>
          <td class="shell" :class="{ alarm: hasShellSnag(one) }">
            <QuantityField
              v-if="one.core === 'foil'"
              small
              :label="`Shell of ${one.region.name}`"
              :shown="number(one.shellMm, 'mm')"
              :parse="read(one)"
              @set="set(one, { shellMm: $event })"
            />
          </td>
          <td><WorkingCell :working="one.clay" /></td>
          <td><WorkingCell v-if="one.core === 'foil'" :working="one.coreVolume" /></td>
        </tr>
        <tr v-if="opened(one)">
          <td colspan="5"><WorkingDetail :working="opened(one)!" /></td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
.core {
  background: none;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 1px 6px;
  font-size: 13px;
  cursor: pointer;
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
