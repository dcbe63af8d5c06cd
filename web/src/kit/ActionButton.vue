<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';

/**
 * A button in the dress of the house.
 * - `quiet`: words in verdigris, in and between rows;
 * - `line`: framed, for acts that stand by themselves;
 * - `main`: filled, for the one act that a page is there for;
 * - `wide`: that act over the whole width of the ledger; `wide-line` where it is done already;
 * - `plain`: text that opens or picks something;
 * - `row`: a line of a list over its whole width, its parts at both ends;
 * - `icon`: a sign alone, which needs an `aria-label`.
 */
const props = withDefaults(
  defineProps<{
    kind?: 'quiet' | 'line' | 'main' | 'wide' | 'wide-line' | 'plain' | 'row' | 'icon';
    submit?: boolean;
    disabled?: boolean;
  }>(),
  { kind: 'quiet' },
);
const LOOKS = {
  quiet: { text: true, type: 'primary' },
  line: { size: 'small' },
  main: { type: 'primary' },
  wide: { type: 'primary', block: true },
  'wide-line': { block: true },
  plain: { text: true },
  row: { text: true, block: true },
  icon: { quaternary: true, size: 'small' },
} as const;
const look = computed(() => LOOKS[props.kind]);
</script>

<template>
  <NButton
    v-bind="look"
    class="action"
    :class="kind"
    :attr-type="submit ? 'submit' : 'button'"
    :disabled="disabled"
    ><slot
  /></NButton>
</template>

<style scoped>
.action {
  white-space: normal;
  line-height: 1.25;
}
.action :deep(.n-button__content) {
  gap: 5px;
}
.plain,
.row {
  font-weight: 400;
}
.quiet {
  padding: 4px 6px;
}
.wide,
.wide-line {
  margin: 4px 0 6px;
}
.plain {
  text-align: left;
  justify-content: flex-start;
  padding: 2px 0;
}
/* The library has no word for what is pressed, nor for parts at both ends. */
.line[aria-pressed='true'] {
  --n-color: var(--ink);
  --n-color-hover: var(--ink);
  --n-color-focus: var(--ink);
  --n-text-color: var(--sheet);
  --n-text-color-hover: var(--sheet);
  --n-text-color-focus: var(--sheet);
}
.row {
  padding: 4px 6px;
  border-bottom: 1px dotted var(--line);
  text-align: left;
  font-size: 14px;
}
.row :deep(.n-button__content) {
  width: 100%;
  justify-content: space-between;
  gap: 8px;
}
.row[aria-pressed='true'],
.row[aria-current='true'] {
  background: var(--verdigris-wash);
}
@media (pointer: coarse) {
  .action {
    min-height: 40px;
    min-width: 40px;
  }
}
</style>
