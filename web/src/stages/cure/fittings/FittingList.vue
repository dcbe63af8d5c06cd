<script setup lang="ts">
import * as say from './words.ts';
import { newThing, SET_KINDS, type SetKind } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import CautionSign from '../../../kit/CautionSign.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import { fittingIdOf, withFeature, withNewThing } from './fittingChanges.ts';

/** All that is made apart, with what was left out, and a way to set something of one’s own. */
defineProps<{ chosen: string }>();
const emit = defineEmits<{ choose: [fittingId: string] }>();
const { piece, plan, change } = usePiecePlan();
const { text } = useUnits();
const fittings = computed(() => plan.value.fittings.fittings);
const number = (mm: number): string => text(mm, 'mm', 1).replace(/ .*/, '');
const unit = computed(() => text(0, 'mm').replace(/^\S+ /, ''));

const kind = ref<SetKind>('horn');
const KINDS = SET_KINDS.map((value) => ({ value, label: say.kinds[value] }));
function add(): void {
  const { skeleton } = plan.value.measure;
  const taken = piece.value.measure.shape.things.map(({ id }) => id);
  const thing = newThing(skeleton, kind.value, say.kinds[kind.value], taken);
  change(say.addThing(thing.name.toLowerCase()), (p) => withNewThing(p, thing));
  emit('choose', fittingIdOf(thing.id));
}

/** Parts of the animal that are left out of the piece. */
const gone = computed(() => {
  const { features } = piece.value.measure.shape;
  const library = plan.value.measure.librarySkeleton.animal.features ?? [];
  return library.filter(({ id }) => features[id]?.gone === true);
});
/** Things of one’s own whose bone is no part of this piece: kept, but not there. */
const elsewhere = computed(() =>
  piece.value.measure.shape.things
    .filter(({ id }) => fittings.value.every((of) => of.id !== fittingIdOf(id)))
    .map(({ name }) => name),
);
const putBack = (id: string, name: string): void =>
  change(say.putBack(name.toLowerCase()), (p) => withFeature(p, id, { gone: false }));
</script>

<template>
  <ReckoningTable
    :columns="[say.partColumn, say.countColumn, say.longColumn(unit), say.gramsColumn]"
    :rows="fittings"
    :key-of="(entry) => entry.id"
    ><template #row="{ row: entry }"
      ><tr :class="{ chosen: entry.id === chosen }">
        <td>
          <ActionButton
            kind="plain"
            :aria-pressed="entry.id === chosen"
            @click="emit('choose', entry.id)"
          >
            {{ entry.name }}
          </ActionButton>
        </td>
        <td class="many">{{ say.countAndSpare(entry.count, entry.spare) }}</td>
        <td class="number">{{ number(entry.length.value) }}</td>
        <td class="number">
          {{
            entry.grams ? text(entry.grams.value, 'g', 1).replace(/ .*/, '') : say.made[entry.made]
          }}
        </td>
      </tr></template
    ></ReckoningTable
  >
  <div class="add">
    <ChoiceField
      small
      :label="say.kindToAdd"
      :value="kind"
      :options="KINDS"
      @set="kind = $event as SetKind"
    />
    <ActionButton kind="line" @click="add">{{ say.addWord }}</ActionButton>
  </div>
  <p v-for="name in elsewhere" :key="name" class="gone">{{ say.notHere(name) }}</p>
  <p v-for="{ id, name } in gone" :key="id" class="gone">
    {{ say.leftOut(name) }}
    <ActionButton @click="putBack(id, name)">{{ say.putBackWord }}</ActionButton>
  </p>
  <CautionSign :ids="['small-parts', 'sharp']" />
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 8px 4px 4px;
}
.chosen td {
  background: var(--verdigris-wash);
}
.many {
  white-space: nowrap;
}
.gone {
  margin: 2px 4px;
  font-size: 14px;
  color: var(--soft);
}
</style>
