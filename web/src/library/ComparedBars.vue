<script setup lang="ts">
import * as say from './words.ts';
import { compareBodies, type Norm, type Skeleton, greatest } from '@keen-sinew/core';
import { NTable } from 'naive-ui';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';

/** Lengths of two or more bodies as shares of one of their own: two mirror each other. */
const props = defineProps<{ skeletons: readonly Skeleton[]; norm: Norm }>();
const { text } = useUnits();
const rows = computed(() => compareBodies(props.skeletons, props.norm));
const most = computed(() =>
  Math.max(greatest(rows.value.flatMap((row) => row.shares.map((share) => share ?? 0))), 1e-9),
);
const mirrored = computed(() => props.skeletons.length === 2);
/** Beside a mirrored bar stands its figure, which the longest bar leaves room for. */
const FIGURE_PX = 150;
const long = (share: number | undefined): string => {
  const part = (share ?? 0) / most.value;
  return mirrored.value ? say.calcPx(FIGURE_PX, part) : `${part * 100}%`;
};
const INKS = ['near', 'far', 'mid', 'soft'] as const;
const ink = (i: number): string => INKS[i % INKS.length]!;
const said = (row: (typeof rows.value)[number], i: number): string => {
  const [share, mm] = [row.shares[i], row.mm[i]];
  return share === undefined || mm === undefined
    ? 'none'
    : `${share.toFixed(2)} · ${text(mm, 'mm', mm < 10 ? 1 : 0)}`;
};
</script>

<template>
  <NTable :bordered="false" class="bars" :class="{ mirrored }">
    <caption class="visually-hidden">
      {{
        say.lengthsAsSharesOf(norm)
      }}
    </caption>
    <thead>
      <tr v-if="mirrored">
        <th scope="col" class="left">{{ skeletons[0]!.animal.name }}</th>
        <th scope="col" class="line">
          <span class="visually-hidden">{{ say.lengthOf2 }}</span>
        </th>
        <th scope="col" class="right">{{ skeletons[1]!.animal.name }}</th>
      </tr>
      <tr v-else>
        <th scope="col" class="line">
          <span class="visually-hidden">{{ say.lengthOf2 }}</span>
        </th>
        <th scope="col">{{ say.shareOfAndLength(norm) }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.id">
        <template v-if="mirrored">
          <td class="left">
            <span class="figure number">{{ said(row, 0) }}</span>
            <i class="bar near" :style="{ width: long(row.shares[0]) }" />
          </td>
          <th scope="row" class="line">{{ row.name }}</th>
          <td class="right">
            <i class="bar far" :style="{ width: long(row.shares[1]) }" />
            <span class="figure number">{{ said(row, 1) }}</span>
          </td>
        </template>
        <template v-else>
          <th scope="row" class="line">{{ row.name }}</th>
          <td>
            <div v-for="(skeleton, i) in skeletons" :key="skeleton.animal.id" class="stack">
              <span class="track"
                ><i class="bar" :class="ink(i)" :style="{ width: long(row.shares[i]) }"
              /></span>
              <span class="who">{{ skeleton.animal.name }}</span>
              <span class="figure number">{{ said(row, i) }}</span>
            </div>
          </td>
        </template>
      </tr>
    </tbody>
  </NTable>
</template>

<style scoped>
.bars {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
th {
  font-weight: 600;
  font-size: 14px;
}
.line {
  width: 120px;
  font-weight: 400;
  text-align: center;
}
.bars:not(.mirrored) .line {
  text-align: left;
}
thead .left {
  text-align: right;
}
thead .right,
thead th:last-child {
  text-align: left;
}
td {
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.left,
.right {
  white-space: nowrap;
}
td.left {
  text-align: right;
}
.bar {
  display: inline-block;
  height: 13px;
  vertical-align: middle;
}
.track {
  flex: 1;
}
.track .bar {
  height: 9px;
}
.near {
  background: var(--rust);
}
.far {
  background: var(--slate);
}
.mid {
  background: var(--verdigris);
}
.soft {
  background: var(--soft);
}
.figure {
  font-size: 12.5px;
  padding: 0 6px;
}
.stack {
  display: flex;
  align-items: center;
  gap: 8px;
}
.who {
  width: 130px;
  font-size: 13px;
}
.stack .figure {
  width: 150px;
  text-align: right;
}
</style>
