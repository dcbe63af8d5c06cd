<script setup lang="ts">
import * as say from './words.ts';
import {
  isTarget,
  CORES,
  formatQuantity,
  lengthLimits,
  parseLength,
  type Core,
  type RegionMass,
  everySnag,
  still,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import CheckField from '../../kit/CheckField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import SuggestedNote from '../SuggestedNote.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const { target } = useSelection();
const { system, number } = useUnits();
const unit = computed(() => formatQuantity(0, 'ml', system.value).unit);
const regions = computed(() => plan.value.mass?.regions ?? []);
const hasShellSnag = (regionMass: RegionMass) =>
  everySnag(plan.value.snags).some(
    (snag) =>
      snag.code === 'shell-over-limb' && isTarget(snag.target, 'region', regionMass.region.id),
  );

function set(regionMass: RegionMass, part: { core?: Core; shellMm?: number }): void {
  change(say.changeBuildOf(regionMass.region.name.toLowerCase()), (p) =>
    withPart(p, 'mass', {
      shells: {
        ...p.mass.shells,
        [regionMass.region.id]: { core: regionMass.core, shellMm: regionMass.shellMm, ...part },
      },
    }),
  );
}

function revert(regionMass: RegionMass): void {
  const { id, name } = regionMass.region;
  change(say.buildAsUsual(name.toLowerCase()), (p) => {
    const { [id]: _own, ...others } = p.mass.shells;
    const suggested = p.suggested?.shells[id];
    const shells = suggested === undefined ? others : { ...others, [id]: suggested };
    return withPart(p, 'mass', { shells });
  });
}
const CHOICES: readonly { readonly label: string; readonly value: Core }[] = [
  { label: say.foil, value: 'foil' },
  { label: say.hollow, value: 'hollow' },
  { label: say.solid, value: 'solid' },
];
const setCore = (regionMass: RegionMass, chosen: string): void => {
  const core = CORES.find((each) => each === chosen);
  if (core !== undefined) set(regionMass, { core });
};
/** A hole to the outside, so that the air in a hollow can swell. */
function setVent(regionMass: RegionMass, vented: boolean): void {
  const { id, name } = regionMass.region;
  change(say.ventIn(vented ? say.pierce : say.close, name.toLowerCase()), (p) =>
    withPart(p, 'mass', {
      vents: [...p.mass.vents.filter((other) => other !== id), ...(vented ? [id] : [])],
    }),
  );
}
/** A build that neither the plan nor the suggestion has. */
const isOwn = ({ region: { id } }: RegionMass): boolean =>
  !still(piece.value.mass.shells[id], piece.value.suggested?.shells[id]);
const read = (regionMass: RegionMass) => (typed: string) =>
  parseLength(
    typed,
    say.shellOf(regionMass.region.name),
    lengthLimits('mass.shells.*.shellMm'),
    system.value,
  );
</script>

<template>
  <SuggestedNote of="shells" />
  <ReckoningTable
    :columns="[say.region, say.core, say.shell, say.clay2(unit), say.core2(unit)]"
    :rows="regions"
    :key-of="(entry) => entry.region.id"
    ><template #row="{ row: entry }">
      <tr :class="{ chosen: isTarget(target, 'region', entry.region.id) }">
        <td>
          {{ entry.region.name }}
          <ActionButton v-if="isOwn(entry)" @click="revert(entry)">
            {{ say.reset }}<span class="visually-hidden">: {{ entry.region.name }}</span>
          </ActionButton>
        </td>
        <td>
          <ChoiceField
            small
            :label="say.coreOf(entry.region.name)"
            :value="entry.core"
            :options="CHOICES"
            @set="setCore(entry, $event)"
          />
          <CheckField
            v-if="entry.core === 'hollow'"
            class="vent"
            :checked="piece.mass.vents.includes(entry.region.id)"
            @set="setVent(entry, $event)"
          >
            {{ say.vent }}<span class="visually-hidden">{{ say.inRegion(entry.region.name) }}</span>
          </CheckField>
        </td>
        <td class="shell" :class="{ alarm: hasShellSnag(entry) }">
          <QuantityField
            v-if="entry.core !== 'solid'"
            small
            :label="say.shellOf(entry.region.name)"
            :shown="number(entry.shellMm, 'mm')"
            :parse="read(entry)"
            @set="set(entry, { shellMm: $event })"
          />
        </td>
        <td><WorkingCell :working="entry.clay" /></td>
        <td><WorkingCell v-if="entry.core !== 'solid'" :working="entry.coreVolume" /></td>
      </tr>
      <OpenedRow :of="[entry.area, entry.clay, entry.coreVolume]" /> </template
  ></ReckoningTable>
</template>

<style scoped>
.vent {
  margin-top: 3px;
}
.shell {
  width: 66px;
}
.alarm {
  box-shadow: inset 0 0 0 2px var(--rust);
}
</style>
