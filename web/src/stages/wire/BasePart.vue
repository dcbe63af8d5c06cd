<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import CautionSign from '../../kit/CautionSign.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';

/** The drilled base: its size, each hole with its drill and lean, the order of setting, hardware. */
const { piece, plan, change } = usePiecePlan();
const { text } = useUnits();
const base = computed(() => plan.value.wire.base);
/** The board that stands the tilt chosen in Stance, where there is one for this thickness. */
const steady = computed(() => plan.value.balance.base);
const own = computed(() => piece.value.stance.base.lengthMm !== null);
const take = (lengthMm: number | null, widthMm: number | null): void =>
  change(lengthMm === null ? say.sizeBaseByFeet : say.sizeBaseByIts, (p) => ({
    ...p,
    stance: { ...p.stance, base: { ...p.stance.base, lengthMm, widthMm } },
  }));
</script>

<template>
  <WorkingRow :working="base.length" />
  <WorkingRow :working="base.width" />
  <HintText v-if="own">
    {{ say.boardHasSizeYou }}
    <ActionButton @click="take(null, null)">
      {{ base.on === 'wall' ? say.fitItToFlesh : say.fitItToFeet }}
    </ActionButton>
  </HintText>
  <HintText v-else-if="steady && base.on === 'ground'">
    {{
      say.toStandTiltOf(
        text(piece.stance.tiltDeg, 'deg', 0),
        text(steady.lengthMm, 'mm', 0),
        text(steady.widthMm, 'mm', 0),
      )
    }}
    <ActionButton
      @click="
        take(
          Math.max(steady.lengthMm, base.length.value),
          Math.max(steady.widthMm, base.width.value),
        )
      "
    >
      {{ say.makeItThatLarge }}
    </ActionButton>
  </HintText>
  <HintText v-if="base.holes.length === 0">
    {{ say.nothingGoesThroughBase }}
  </HintText>
  <template v-for="hole in base.holes" :key="hole.number">
    <p class="hole">
      {{
        say.holeSet(
          hole.number,
          hole.foot,
          hole.wireId,
          hole.leansTo,
          hole.order === 1 ? 'first' : `no. ${hole.order}`,
        )
      }}
    </p>
    <WorkingRow
      :working="hole.along"
      :label="base.on === 'wall' ? say.fromUpperEdge : say.fromFrontEdge"
    />
    <WorkingRow :working="hole.across" :label="say.fromLeftEdge" />
    <WorkingRow :working="hole.diameter" :label="say.drill" />
    <WorkingRow v-if="hole.slant.value >= 1" :working="hole.slant" :label="say.leansFromSquare" />
  </template>
  <WorkingRow v-for="entry in base.hardware" :key="entry.id" :working="entry" />
  <CautionSign :ids="['drill']" />
</template>

<style scoped>
.hole {
  margin: 6px 4px 0;
  font-weight: 600;
  font-size: 14px;
}
</style>
