<script setup lang="ts">
import {
  cardSheets,
  PAPERS,
  basePlanDrawing,
  bendsCsv,
  cutListCsv,
  drawingSvg,
  elevation,
  foundCsv,
  pieceText,
  planJson,
  planSheets,
  shoppingCsv,
  stepsCsv,
  wireStrips,
  type BenchPlan,
  type Drawing,
  type PaperName,
  type View,
} from '@keen-sinew/core';
import { NModal } from 'naive-ui';
import { ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import PickRow from '../controls/PickRow.vue';
import { useSettingsStore } from '../stores/settingsStore.ts';
import { downloadBlob, downloadText } from './download.ts';
import PrinterCheck from './PrinterCheck.vue';

defineProps<{ show: boolean }>();
const emit = defineEmits<{ 'update:show': [show: boolean] }>();
const { piece, plan } = usePiecePlan();
const settings = useSettingsStore();
const busy = ref(false);
const problem = ref<string | null>(null);

const PAPER_OPTIONS = Object.keys(PAPERS).map((name) => ({ label: name, value: name }));

/** The PDF writer is loaded when the first sheet is asked for. */
async function makePdf(drawings: readonly Drawing[]): Promise<Blob> {
  const [{ sheetsPdf }, { sheetFonts }] = await Promise.all([
    import('@keen-sinew/core/pdf'),
    import('./sheetFonts.ts'),
  ]);
  const paper = PAPERS[settings.paper];
  const bytes = await sheetsPdf(
    piece.value.name,
    drawings,
    paper,
    await sheetFonts(),
    settings.printer,
  );
  return new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/pdf' });
}

async function pdf(name: string, drawings: () => readonly Drawing[]): Promise<void> {
  busy.value = true;
  problem.value = null;
  try {
    downloadBlob(`${piece.value.id}-${name}.pdf`, await makePdf(drawings()));
  } catch (error) {
    problem.value = `The sheets could not be made: ${(error as Error).message}.`;
  } finally {
    busy.value = false;
  }
}

/** All shop sheets; they wait for the body, rather than leaving half of themselves out. */
function shopSheets(): readonly Drawing[] {
  if (plan.value.bench === null)
    throw new Error('the body is still being worked out, try again in a moment');
  return planSheets(plan.value);
}
function cards(): readonly Drawing[] {
  const sheets = cardSheets(plan.value);
  if (sheets.length === 0) throw new Error('no wire of this piece is bent');
  return sheets;
}

async function archive(): Promise<void> {
  problem.value = null;
  try {
    const { pieceZip } = await import('./pieceZip.ts');
    downloadBlob(`${piece.value.id}.zip`, await pieceZip(piece.value));
  } catch (error) {
    problem.value = `The archive could not be made: ${(error as Error).message}.`;
  }
}

/** Files that wait for the body say so, rather than leaving half of themselves out. */
function fromBench(name: string, make: (bench: BenchPlan) => string): void {
  const { bench } = plan.value;
  problem.value = bench ? null : 'The body is still being worked out. Try again in a moment.';
  if (bench) downloadText(`${piece.value.id}-${name}.csv`, make(bench), 'text/csv');
}

async function dxf(name: string, drawing: Drawing): Promise<void> {
  const { drawingDxf } = await import('@keen-sinew/core/dxf');
  downloadText(`${piece.value.id}-${name}.dxf`, drawingDxf(drawing), 'image/vnd.dxf');
}

const FILES = [
  {
    id: 'cards',
    title: 'Bending cards (PDF)',
    what: 'Every bend on a card of its own, six to a page: mark, which way, how far, the shape after it.',
    make: () => void pdf('bending-cards', cards),
  },
  {
    id: 'cut-list',
    title: 'Cut list (CSV)',
    what: 'Every wire with each allowance as a line, in mm.',
    make: () =>
      downloadText(`${piece.value.id}-cut-list.csv`, cutListCsv(plan.value.wire), 'text/csv'),
  },
  {
    id: 'bends',
    title: 'Bend marks (CSV)',
    what: 'Feed, mark, turn, angle and bend-to of every bend.',
    make: () => downloadText(`${piece.value.id}-bends.csv`, bendsCsv(plan.value.wire), 'text/csv'),
  },
  ...(['side', 'front'] as const).map((view: View) => ({
    id: `${view}.svg`,
    title: view === 'side' ? 'Side elevation (SVG)' : 'Front elevation (SVG)',
    what: 'Bones and outline at 1:1 in millimetres, for a drawing or cutting program.',
    make: () =>
      downloadText(
        `${piece.value.id}-${view}.svg`,
        drawingSvg(elevation(plan.value, view, { show: 'bones', dimensions: true })),
        'image/svg+xml',
      ),
  })),
  ...(['side', 'front'] as const).map((view: View) => ({
    id: `${view}.dxf`,
    title: view === 'side' ? 'Side elevation (DXF)' : 'Front elevation (DXF)',
    what: 'The armature in its outline, a layer for each wire, 1:1 in millimetres.',
    make: () => dxf(view, elevation(plan.value, view, { show: 'wires', dimensions: true })),
  })),
  {
    id: 'wires.dxf',
    title: 'Wires laid straight (DXF)',
    what: 'Every wire with its bend marks, to cut or engrave a rule from.',
    make: () => dxf('wires', wireStrips(plan.value.wire.wires)),
  },
  {
    id: 'base.dxf',
    title: 'Drilled base (DXF)',
    what: 'The board with its holes, for a drilling or cutting machine.',
    make: () => dxf('base', basePlanDrawing(plan.value.wire.base)),
  },
  {
    id: 'steps',
    title: 'Steps (CSV)',
    what: 'The work in order, with what you logged of it.',
    make: () => fromBench('steps', stepsCsv),
  },
  {
    id: 'shopping',
    title: 'Shopping list (CSV)',
    what: 'What to buy, with quantities.',
    make: () => fromBench('shopping', shoppingCsv),
  },
  {
    id: 'plan',
    title: 'Whole plan (JSON)',
    what: 'Every number with its working, and every snag.',
    make: () =>
      downloadText(
        `${piece.value.id}-plan.json`,
        planJson(piece.value, plan.value),
        'application/json',
      ),
  },
  {
    id: 'found',
    title: 'Lengths found (CSV)',
    what: 'What pictures, tape and caliper say of each bone, in life, ± and from what.',
    make: () =>
      downloadText(
        `${piece.value.id}-found-lengths.csv`,
        foundCsv(plan.value.references),
        'text/csv',
      ),
  },
  {
    id: 'piece',
    title: 'This piece (JSON)',
    what: 'Your decisions and measurements, to keep or to take in elsewhere.',
    make: () => downloadText(`${piece.value.id}.json`, pieceText(piece.value), 'application/json'),
  },
  {
    id: 'zip',
    title: 'This piece (ZIP)',
    what: 'The same with the reference pictures that you brought in.',
    make: () => void archive(),
  },
];
</script>

<template>
  <NModal :show="show" @update:show="emit('update:show', $event)">
    <section class="files" role="dialog" aria-label="Sheets and files">
      <h2>Sheets and files</h2>
      <div class="first">
        <p>
          Elevations, wires with their marks, the drilled base, core, strokes, colours and the
          steps, at exactly 1:1 of the model, tiled with a 10 mm overlap. Print at 100 %, never “fit
          to page”, and measure the 100 mm bar before you cut.
        </p>
        <div class="make">
          <PickRow
            label="Paper"
            :value="settings.paper"
            :options="PAPER_OPTIONS"
            @set="settings.setPaper($event as PaperName)"
          />
          <button type="button" class="pdf" :disabled="busy" @click="pdf('sheets', shopSheets)">
            {{ busy ? 'Drawing the sheets' : `Shop sheets (PDF, ${settings.paper})` }}
          </button>
        </div>
      </div>
      <details class="own">
        <summary>Your printer: what the bars measure</summary>
        <PrinterCheck />
      </details>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <ul>
        <li v-for="file in FILES" :key="file.id">
          <button type="button" class="quiet-button" @click="file.make()">{{ file.title }}</button>
          <span>{{ file.what }}</span>
        </li>
      </ul>
      <button type="button" class="quiet-button" @click="emit('update:show', false)">Close</button>
    </section>
  </NModal>
</template>

<style scoped>
.files {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 22px 28px;
  width: min(680px, 92vw);
  max-height: 92vh;
  overflow-y: auto;
}
.first {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 18px;
  align-items: center;
}
.make {
  display: grid;
  gap: 8px;
}
.pdf {
  background: var(--verdigris);
  color: var(--sheet);
  border: 0;
  border-radius: var(--radius);
  padding: 14px 18px;
  font-weight: 700;
  cursor: pointer;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 170px 1fr;
  align-items: baseline;
  border-top: 1px dotted var(--line);
  padding: 6px 0;
}
li button {
  text-align: left;
}
.problem {
  color: var(--rust);
}
</style>
