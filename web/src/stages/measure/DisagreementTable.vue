<script setup lang="ts">
import * as tell from './roomWords.ts';
import {
  sameTarget,
  alignedPairs,
  landmarksOf,
  type Disagreement,
  type ReferencesPlan,
  type Remedy,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
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
  'third-view': tell.thirdViewContradictsIt,
  'left-and-right': tell.leftAndRightDiffer,
  'less-precise': tell.itIsReadLess,
} as const;

const clear = computed(() =>
  props.references.disagreements.filter((disagreement) => disagreement.clear),
);
const shown = computed(() =>
  all.value ? props.references.disagreements : clear.value.slice(0, FEW),
);
const names = computed(
  () => new Map(landmarksOf(plan.value.measure.skeleton).map(({ id, name }) => [id, name])),
);
const pictureName = (id: string): string =>
  piece.value.references.pictures.find((picture) => picture.id === id)?.name ?? id;
const why = ({ outlier }: Disagreement): string =>
  outlier === null
    ? tell.nothingTellsWhichIs
    : tell.likelyWrongAs(pictureName(outlier.pictureId), WHY[outlier.why]);

function remedyText(remedy: Remedy): string {
  const name = pictureName(remedy.pictureId);
  const gain = tell.missesFallFromTo(text(remedy.beforeMm, 'mm'), text(remedy.afterMm, 'mm'));
  if (remedy.kind === 'rescale') return tell.multiplyScaleOfBy(name, remedy.by.toFixed(3), gain);
  if (remedy.kind === 'relevel')
    return tell.turnLevelOfBy(name, Math.abs(remedy.by).toFixed(1), gain);
  return tell.moveBy(
    names.value.get(remedy.landmarkId ?? '') ?? '',
    text(Math.abs(remedy.by), 'mm'),
    gain,
  );
}
const remedies = computed(() =>
  props.references.matches.flatMap(({ remedy }) => (remedy === null ? [] : [remedy])),
);
const pictureOf = (remedy: Remedy) =>
  piece.value.references.pictures.find((picture) => picture.id === remedy.pictureId);
const canDo = (remedy: Remedy): boolean => {
  const picture = pictureOf(remedy);
  return picture !== undefined && remedied(picture, remedy) !== undefined;
};
function reconcile(remedy: Remedy): void {
  const picture = pictureOf(remedy);
  const part = picture && remedied(picture, remedy);
  if (part)
    change(remedy.kind === 'rescale' ? tell.rescalePicture : tell.levelPicture, (p) =>
      withPicture(p, remedy.pictureId, part),
    );
}
const laid = computed(() =>
  alignedPairs(props.references.matches).map(({ match, by }) => {
    const [first = '', second = ''] = match.pair.views.map(({ picture }) => picture.name);
    return tell.liesUponAtOf(
      second,
      first,
      by.factor.toFixed(3),
      Math.abs(by.turnDeg).toFixed(1),
      text(by.rmsMm, 'mm'),
    );
  }),
);
const targetOf = (disagreement: Disagreement) =>
  ({ kind: 'landmark', id: disagreement.landmarkId }) as const;
</script>

<template>
  <HintText v-if="references.views.views.length < 2">
    {{ tell.twoCalibratedPicturesThat }}
  </HintText>
  <HintText v-else-if="clear.length === 0">
    {{ tell.viewsAgreeWithinWhat }}
  </HintText>
  <ReckoningTable
    v-if="shown.length > 0"
    :columns="[tell.landmark, tell.apart, '%', tell.open]"
    :rows="shown"
    :key-of="(entry) => entry.landmarkId + entry.axis + entry.pictureIds.join()"
    ><template #row="{ row: entry }">
      <tr :class="{ chosen: sameTarget(target, targetOf(entry)) }">
        <td>
          <ActionButton kind="plain" class="name" @click="pick(targetOf(entry))">
            {{ names.get(entry.landmarkId) }}
            <small>{{ AXES[entry.axis] }}</small>
          </ActionButton>
        </td>
        <td class="number" :class="{ clear: entry.clear }">
          {{ text(Math.abs(entry.mm), 'mm') }}
        </td>
        <td class="number">{{ Math.abs(entry.percent).toFixed(1) }}</td>
        <td class="number">± {{ text(entry.plusMinusMm, 'mm') }}</td>
      </tr>
      <tr v-if="entry.clear">
        <td colspan="4" class="why">{{ why(entry) }}</td>
      </tr>
    </template></ReckoningTable
  >
  <p v-for="entry in remedies" :key="entry.pictureId + entry.kind" class="remedy">
    {{ remedyText(entry) }}
    <ActionButton v-if="canDo(entry)" @click="reconcile(entry)">
      {{ tell.doIt }}
    </ActionButton>
    <RouterLink v-else :to="`/piece/${piece.id}/measure/pictures/${entry.pictureId}`">
      {{ tell.goThere }}
    </RouterLink>
  </p>
  <HintText v-for="entry in laid" :key="entry">{{ entry }}</HintText>
  <ActionButton v-if="references.disagreements.length > 0" @click="all = !all">
    {{ all ? tell.onlyThoseThatAre : tell.allCompared(references.disagreements.length) }}
  </ActionButton>
</template>

<style scoped>
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
</style>
