<script setup lang="ts">
import { landmarksOf, type Disagreement, type ReferencesPlan, type Remedy } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { sameTarget, useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import { remedied, withPicture } from '../../pictures/pictureChanges.ts';

/** Landmarks that two views place differently, worst first, and what would reconcile them. */
const props = defineProps<{ references: ReferencesPlan }>();
const { piece, plan, change } = usePiecePlan();
const { target, pick } = useSelection();
const { text } = useUnits();
const all = ref(false);
const FEW = 5;
const AXES = ['along', 'height', 'across'] as const;
const WHY = {
  'third-view': 'a third view contradicts it too',
  'left-and-right': 'left and right differ there and not in the other',
  'less-precise': 'it is read less precisely',
} as const;

const clear = computed(() => props.references.disagreements.filter((one) => one.clear));
const shown = computed(() =>
  all.value ? props.references.disagreements : clear.value.slice(0, FEW),
);
const names = computed(
  () => new Map(landmarksOf(plan.value.measure.skeleton).map(({ id, name }) => [id, name])),
);
const pictureName = (id: string): string =>
  piece.value.references.pictures.find((one) => one.id === id)?.name ?? id;
const why = ({ outlier }: Disagreement): string =>
  outlier === null
    ? 'Nothing tells which is wrong; a third view would.'
    : `Likely wrong: ${pictureName(outlier.pictureId)}, as ${WHY[outlier.why]}.`;

function remedyText(remedy: Remedy): string {
  const name = pictureName(remedy.pictureId);
  const gain = `misses fall from ${text(remedy.beforeMm, 'mm')} to ${text(remedy.afterMm, 'mm')}`;
  if (remedy.kind === 'rescale')
    return `Multiply the scale of ${name} by ${remedy.by.toFixed(3)}: ${gain}.`;
  if (remedy.kind === 'relevel')
    return `Turn the level of ${name} by ${Math.abs(remedy.by).toFixed(1)}°: ${gain}.`;
  return `Move ${names.value.get(remedy.landmarkId ?? '')}, by ${text(Math.abs(remedy.by), 'mm')}: ${gain}.`;
}
const remedies = computed(() =>
  props.references.matches.flatMap(({ remedy }) => (remedy === null ? [] : [remedy])),
);
const pictureOf = (remedy: Remedy) =>
  piece.value.references.pictures.find((one) => one.id === remedy.pictureId);
const canDo = (remedy: Remedy): boolean => {
  const picture = pictureOf(remedy);
  return picture !== undefined && remedied(picture, remedy) !== undefined;
};
function reconcile(remedy: Remedy): void {
  const picture = pictureOf(remedy);
  const part = picture && remedied(picture, remedy);
  if (part)
    change(remedy.kind === 'rescale' ? 'Rescale a picture' : 'Level a picture', (p) =>
      withPicture(p, remedy.pictureId, part),
    );
}
const laid = computed(() =>
  props.references.laidUpon.map(({ match, by }) => {
    const [first, second] = match.pair.views.map(({ picture }) => picture.name);
    return `${second} lies upon ${first} at ${by.factor.toFixed(3)} of its size, turned ${Math.abs(by.turnDeg).toFixed(1)}°, and then misses by ${text(by.rmsMm, 'mm')}.`;
  }),
);
const targetOf = (one: Disagreement) => ({ kind: 'landmark', id: one.landmarkId }) as const;
</script>

<template>
  <p v-if="references.views.views.length < 2" class="says">
    Two calibrated pictures that share landmarks are compared here.
  </p>
  <p v-else-if="clear.length === 0" class="says">
    The views agree within what clicks and scales leave open.
  </p>
  <table v-if="shown.length > 0" class="reckoning">
    <thead>
      <tr>
        <th scope="col">Landmark</th>
        <th scope="col">Apart</th>
        <th scope="col">%</th>
        <th scope="col">Open</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="one in shown" :key="one.landmarkId + one.axis + one.pictureIds.join()">
        <tr :class="{ chosen: sameTarget(target, targetOf(one)) }">
          <td>
            <button type="button" class="name" @click="pick(targetOf(one))">
              {{ names.get(one.landmarkId) }}
              <small>{{ AXES[one.axis] }}</small>
            </button>
          </td>
          <td class="number" :class="{ clear: one.clear }">{{ text(Math.abs(one.mm), 'mm') }}</td>
          <td class="number">{{ Math.abs(one.percent).toFixed(1) }}</td>
          <td class="number">± {{ text(one.plusMinusMm, 'mm') }}</td>
        </tr>
        <tr v-if="one.clear">
          <td colspan="4" class="why">{{ why(one) }}</td>
        </tr>
      </template>
    </tbody>
  </table>
  <p v-for="one in remedies" :key="one.pictureId + one.kind" class="remedy">
    {{ remedyText(one) }}
    <button v-if="canDo(one)" type="button" class="quiet-button" @click="reconcile(one)">
      Do it
    </button>
    <RouterLink v-else :to="`/piece/${piece.id}/measure/pictures/${one.pictureId}`">
      Go there
    </RouterLink>
  </p>
  <p v-for="one in laid" :key="one" class="says">{{ one }}</p>
  <button
    v-if="references.disagreements.length > 0"
    type="button"
    class="quiet-button"
    @click="all = !all"
  >
    {{ all ? 'Only those that are clear' : `All ${references.disagreements.length} compared` }}
  </button>
</template>

<style scoped>
.name {
  background: none;
  border: 0;
  padding: 0;
  text-align: left;
  cursor: pointer;
}
small {
  color: var(--soft);
}
.clear {
  color: var(--rust);
  font-weight: 700;
}
table.reckoning td.why {
  text-align: left;
  font-size: 13px;
  color: var(--soft);
}
.remedy {
  margin: 6px 0;
  font-size: 14px;
  border-left: 3px solid var(--verdigris);
  padding-left: 8px;
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
