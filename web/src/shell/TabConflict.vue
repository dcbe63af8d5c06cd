<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import ActionButton from '../kit/ActionButton.vue';
import { usePieceStore } from '../stores/pieceStore.ts';

/**
 * Two tabs have gone on from the same piece: tells the older one, shows what each has last done, and lets
 * the user take either or keep both. Nothing is written until then.
 */
const props = defineProps<{ id: string }>();
const store = usePieceStore();
const router = useRouter();

const there = computed(() => store.theirs);
const timeOf = (iso: string): string =>
  new Date(iso).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
const theirStep = computed(() => there.value?.past.at(-1)?.label ?? say.nothingYet);

async function keepBoth(): Promise<void> {
  const id = await store.keepBoth();
  if (id !== null) await router.push(`/piece/${id}/measure`);
}
</script>

<template>
  <section v-if="there" class="notice" role="alert" :aria-label="say.changedInTwoTabs">
    <p>{{ say.changedInTwoTabs }}</p>
    <dl>
      <dt>{{ say.here }}</dt>
      <dd>{{ say.lastStep(store.undoLabel || say.nothingYet) }}</dd>
      <dt>{{ say.inOtherTab }}</dt>
      <dd>{{ say.lastStepAt(theirStep, there.piece.name, timeOf(there.savedAt)) }}</dd>
    </dl>
    <p class="acts">
      <ActionButton kind="line" @click="store.keepMine()">{{ say.keepWhatIsHere }}</ActionButton>
      <ActionButton kind="line" @click="store.open(props.id)">{{ say.takeTheirs }}</ActionButton>
      <ActionButton kind="line" @click="keepBoth">{{ say.keepBoth }}</ActionButton>
    </p>
  </section>
  <div v-else-if="store.changedElsewhere" class="notice" role="alert">
    {{ say.thisPieceWasChanged }}
    <ActionButton @click="store.open(props.id)">{{ say.takeNewerState }}</ActionButton>
  </div>
</template>

<style scoped>
.notice {
  background: var(--sheet);
  border-bottom: 1.5px solid var(--rust);
  padding: 8px 18px;
}
section {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 26px;
  align-items: center;
}
p,
dl {
  margin: 0;
}
dl {
  display: grid;
  grid-template-columns: auto auto;
  gap: 0 12px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
.acts {
  display: flex;
  gap: 10px;
}
</style>
