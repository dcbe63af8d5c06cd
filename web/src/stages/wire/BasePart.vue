<script setup lang="ts">
import * as say from './words.ts';
import type { BasePlan } from '@keen-sinew/core';
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
/** From where a hole is measured: round a log from its top line, else from an edge. */
function alongOf({ into }: BasePlan['holes'][number]): string {
  if (into === 'board') return base.value.on === 'wall' ? say.fromUpperEdge : say.fromFrontEdge;
  const { kind } = base.value.perch!.perch;
  return kind === 'log' || kind === 'branch' ? say.roundFromTop : say.fromItsFront;
}
const take = (lengthMm: number | null, widthMm: number | null): void =>
  change(lengthMm === null ? say.sizeBaseByFeet : say.sizeBaseByIts, (p) => ({
    ...p,
    stance: { ...p.stance, base: { ...p.stance.base, lengthMm, widthMm } },
  }));
</script>

<template>
  <template v-if="base.on !== 'none'">
    <WorkingRow :working="base.length" />
    <WorkingRow :working="base.width" />
    <WorkingRow v-if="base.over" :working="base.over" />
  </template>
  <HintText v-if="base.on === 'none'">{{ say.noBoardNothingToDrill }}</HintText>
  <HintText v-else-if="own">
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
  <HintText v-if="base.holes.length === 0 && base.on !== 'none'">
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
    <WorkingRow :working="hole.along" :label="alongOf(hole)" />
    <WorkingRow
      :working="hole.across"
      :label="hole.into === 'perch' ? say.fromItsLeftEnd : say.fromLeftEdge"
    />
    <WorkingRow :working="hole.diameter" :label="say.drill" />
    <WorkingRow v-if="hole.depth" :working="hole.depth" :label="say.deep" />
    <WorkingRow v-if="hole.slant.value >= 1" :working="hole.slant" :label="say.leansFromSquare" />
  </template>
  <template v-if="base.perch">
    <p class="hole">{{ say.perchOnBoard(base.perch.perch.name) }}</p>
    <WorkingRow v-if="base.perch.thick" :working="base.perch.thick" />
    <template v-for="seat in base.perch.seats" :key="seat.name">
      <WorkingRow :working="seat.along" />
      <WorkingRow :working="seat.across" />
      <WorkingRow :working="seat.drill" />
      <WorkingRow v-if="seat.upright" :working="seat.upright" />
    </template>
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
