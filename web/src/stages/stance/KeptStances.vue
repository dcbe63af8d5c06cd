<script setup lang="ts">
import * as say from './words.ts';
import { pieceSkeleton, carriedOver, cutText, type KeptStance, type Piece } from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { usePieceStore } from '../../stores/pieceStore.ts';
import { stanceName, withStance } from './stanceChanges.ts';

/** Stances kept under a name, taken up again, compared, or brought over from another piece. */
const props = defineProps<{ comparing: string | null }>();
const emit = defineEmits<{ compare: [id: string | null] }>();
const { piece, plan, change } = usePiecePlan();
const store = usePieceStore();
const name = ref('');
const said = ref<string | null>(null);
const kept = computed(() => piece.value.stance.kept);
const MOST = 60;

function keep(): void {
  const { stance } = piece.value;
  const given = cutText(name.value.trim(), 60);
  const called = given === '' ? stanceName(plan.value.measure.skeleton, stance) : given;
  if (kept.value.length >= MOST) {
    said.value = say.stancesAreKeptWhich(MOST);
    return;
  }
  const used = new Set(kept.value.map(({ id }) => id));
  let n = kept.value.length + 1;
  while (used.has(`stance-${n}`)) n += 1;
  const keptStance: KeptStance = {
    id: `stance-${n}`,
    name: called,
    presetId: stance.presetId,
    gait: stance.gait,
    anglesDeg: stance.anglesDeg,
    lifted: stance.lifted,
  };
  change(say.keepStance(called), (p) => withStance(p, { kept: [...p.stance.kept, keptStance] }));
  name.value = '';
  said.value = null;
}
const take = ({ presetId, gait, anglesDeg, lifted, name: called }: KeptStance): void =>
  change(say.takeUp3(called), (p) => withStance(p, { presetId, gait, anglesDeg, lifted }));
function remove(keptStance: KeptStance): void {
  if (props.comparing === keptStance.id) emit('compare', null);
  change(say.remove3(keptStance.name), (p) =>
    withStance(p, { kept: p.stance.kept.filter(({ id }) => id !== keptStance.id) }),
  );
}

/** Stances of other pieces whose animal has the same plan. */
interface Offered {
  readonly value: string;
  readonly label: string;
  readonly from: Piece;
  readonly stance: Pick<Piece['stance'], 'presetId' | 'gait' | 'anglesDeg' | 'lifted'>;
}
const offered = computed((): readonly Offered[] =>
  store.pieces.flatMap((other): Offered[] => {
    if (other.id === piece.value.id) return [];
    const skeleton = pieceSkeleton(other);
    if (skeleton === undefined || skeleton.plan.id !== plan.value.measure.skeleton.plan.id)
      return [];
    return [
      {
        value: other.id,
        label: `${other.name}: ${stanceName(skeleton, other.stance)}`,
        from: other,
        stance: other.stance,
      },
      ...other.stance.kept.map((entry) => ({
        value: `${other.id} ${entry.id}`,
        label: `${other.name}: ${entry.name}`,
        from: other,
        stance: entry,
      })),
    ];
  }),
);
const list = (ids: readonly string[]): string =>
  ids.map((id) => plan.value.measure.skeleton.byId.get(id)?.name ?? id).join(', ');

function bring(value: string): void {
  const entry = offered.value.find((offer) => offer.value === value);
  const from = entry && pieceSkeleton(entry.from);
  if (!entry || !from) return;
  const { skeleton, lifePerModel } = plan.value.measure;
  const result = carriedOver(
    from,
    { ...entry.stance, ground: piece.value.stance.ground },
    skeleton,
    1 / lifePerModel,
  );
  change(say.takeStanceOf(entry.from.name), (p) => withStance(p, result.stance));
  said.value =
    [
      result.cut.length > 0 ? say.broughtWithinThisAnimals(list(result.cut)) : '',
      result.missing.length > 0 ? say.thisAnimalDoesNot(result.missing.join(', ')) : '',
    ]
      .filter((sentence) => sentence !== '')
      .join(' ') || null;
}
</script>

<template>
  <form class="keep" @submit.prevent="keep">
    <NInput
      v-model:value="name"
      size="small"
      :maxlength="60"
      :placeholder="say.name"
      :input-props="{ 'aria-label': say.nameOfStance }"
    />
    <ActionButton submit>{{ say.keepThisStance }}</ActionButton>
  </form>
  <ul v-if="kept.length > 0" class="list">
    <li v-for="entry in kept" :key="entry.id">
      <span class="name">{{ entry.name }}</span>
      <ActionButton :aria-label="say.takeUp(entry.name)" @click="take(entry)">
        {{ say.takeUp2 }}
      </ActionButton>
      <ActionButton
        :aria-pressed="comparing === entry.id"
        :aria-label="say.compareWith(entry.name)"
        @click="emit('compare', comparing === entry.id ? null : entry.id)"
      >
        {{ say.compare }}
      </ActionButton>
      <ActionButton :aria-label="say.remove(entry.name)" @click="remove(entry)">
        {{ say.remove2 }}
      </ActionButton>
    </li>
  </ul>
  <HintText v-else>{{ say.keepStanceToCome }}</HintText>
  <DecisionRow v-if="offered.length > 0" :name="say.fromAnotherPiece">
    <ChoiceField
      small
      :label="say.stanceOfAnotherPiece"
      value=""
      :options="[{ label: say.choose, value: '' }, ...offered]"
      @set="bring"
    />
  </DecisionRow>
  <HintText v-if="said" role="status">{{ said }}</HintText>
</template>

<style scoped>
.keep {
  display: flex;
  gap: 6px;
  padding: 4px 0;
}
.keep input {
  flex: 1;
  min-width: 0;
  padding: 4px 8px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}
.list {
  margin: 0;
  padding: 0;
  list-style: none;
}
.list li {
  display: flex;
  gap: 4px;
  align-items: baseline;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
.name {
  flex: 1;
  min-width: 0;
}
.list button[aria-pressed='true'] {
  text-decoration: underline;
}
</style>
