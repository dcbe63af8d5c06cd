<script setup lang="ts">
defineProps<{ state: 'confirmed' | 'here' | 'open'; snag: 'fix' | 'watch' | null }>();
const OUTLINE =
  'M0-15C6-15 8-10 20-10C32-10 38-8 38-1C38 5 32 5 25 5C17 5 14 10 9 13C5 16 2 16 0 16C-2 16-5 16-9 13C-14 10-17 5-25 5C-32 5-38 5-38-1C-38-8-32-10-20-10C-8-10-6-15 0-15Z';
</script>

<template>
  <svg viewBox="-42 -20 84 40" class="vertebra" :class="state" aria-hidden="true">
    <path :d="OUTLINE" />
    <circle r="4.6" />
    <rect
      v-if="snag"
      :class="snag"
      x="-5.5"
      y="-5.5"
      width="11"
      height="11"
      transform="translate(34 -12) rotate(45)"
    />
  </svg>
</template>

<style scoped>
.vertebra {
  width: 84px;
  height: 40px;
  display: block;
}
path {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}
circle {
  fill: var(--line);
}
.confirmed path {
  fill: var(--ink);
}
.here path {
  fill: var(--verdigris);
}
.confirmed circle,
.here circle {
  fill: var(--sheet);
}
rect {
  stroke: var(--paper);
  stroke-width: 1.5;
}
.fix {
  fill: var(--rust);
}
.watch {
  fill: var(--ochre);
}
</style>
