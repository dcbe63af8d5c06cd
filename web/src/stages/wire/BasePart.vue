<script setup lang="ts">
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import CautionNote from '../../ledger/CautionNote.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';

/** The drilled base: its size, each hole with its drill and lean, the order of setting, hardware. */
const { piece, plan, change } = usePiecePlan();
const { text } = useUnits();
const base = computed(() => plan.value.wire.base);
/** The board that stands the tilt chosen in Stance, where there is one for this thickness. */
const steady = computed(() => plan.value.balance.base);
const own = computed(() => piece.value.stance.base.lengthMm !== null);
const take = (lengthMm: number | null, widthMm: number | null): void =>
  change(lengthMm === null ? 'Size the base by the feet' : 'Size the base by its balance', (p) => ({
    ...p,
    stance: { ...p.stance, base: { ...p.stance.base, lengthMm, widthMm } },
  }));
</script>

<template>
  <WorkingRow :working="base.length" />
  <WorkingRow :working="base.width" />
  <p v-if="own" class="says">
    The board has the size you set.
    <button type="button" class="quiet-button" @click="take(null, null)">Fit it to the feet</button>
  </p>
  <p v-else-if="steady" class="says">
    To stand a tilt of {{ text(piece.stance.tiltDeg, 'deg', 0) }} it must be at least
    {{ text(steady.lengthMm, 'mm', 0) }} by {{ text(steady.widthMm, 'mm', 0) }} (Stance).
    <button
      type="button"
      class="quiet-button"
      @click="
        take(
          Math.max(steady.lengthMm, base.length.value),
          Math.max(steady.widthMm, base.width.value),
        )
      "
    >
      Make it that large
    </button>
  </p>
  <p v-if="base.holes.length === 0" class="says">
    Nothing goes through the base. Glue or pin the piece from below, at two points or more.
  </p>
  <template v-for="hole in base.holes" :key="hole.number">
    <p class="hole">
      Hole {{ hole.number }}: {{ hole.foot }}, {{ hole.wireId }}, {{ hole.leansTo }}; set
      {{ hole.order === 1 ? 'first' : `no. ${hole.order}` }}
    </p>
    <WorkingRow :working="hole.along" label="from the front edge" />
    <WorkingRow :working="hole.across" label="from the left edge" />
    <WorkingRow :working="hole.diameter" label="drill" />
    <WorkingRow v-if="hole.slant.value >= 1" :working="hole.slant" label="leans from square" />
  </template>
  <WorkingRow v-for="entry in base.hardware" :key="entry.id" :working="entry" />
  <CautionNote :ids="['drill']" />
</template>

<style scoped>
.hole {
  margin: 6px 4px 0;
  font-weight: 600;
  font-size: 14px;
}
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
