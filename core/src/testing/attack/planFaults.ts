import { bendsCsv, cutListCsv } from '../../formats/wireTables.ts';
import { shoppingCsv, stepsCsv } from '../../formats/benchTables.ts';
import { drawingSvg } from '../../formats/svg.ts';
import { planJson } from '../../formats/planJson.ts';
import { cardSheets, planSheets } from '../../sheets/planSheets.ts';
import { elevation } from '../../sheets/elevation.ts';
import { itemExtent, type Drawing } from '../../sheets/drawing.ts';
import { snagSentence } from '../../piece/snag.ts';
import type { Plan } from '../../planTypes.ts';

/** What in a plan is no number, no drawing or no sentence, each in a few words. */
export function planFaults(plan: Plan): readonly string[] {
  const numbers = plan.workings.flatMap(({ id, value, inputs }) => [
    ...(Number.isFinite(value) ? [] : [`working ${id} is ${value}`]),
    ...inputs
      .filter((input) => !Number.isFinite(input.value))
      .map(({ label, value: was }) => `input ${label} of ${id} is ${was}`),
  ]);
  const sentences = plan.snags
    .map((snag) => snagSentence(snag))
    .filter((sentence) => /NaN|Infinity|undefined|\[object/.test(sentence));
  const drawings = [
    ...(['side', 'front', 'top'] as const).flatMap((view) => [
      elevation(plan, view, { show: 'bones', dimensions: true }),
      elevation(plan, view, { show: 'wires', dimensions: true }),
    ]),
    ...planSheets(plan),
    ...cardSheets(plan),
  ];
  const tables = [
    cutListCsv(plan.wire),
    bendsCsv(plan.wire),
    ...(plan.bench === null ? [] : [stepsCsv(plan.bench), shoppingCsv(plan.bench)]),
    planJson(plan.piece, plan),
  ];
  return [
    ...numbers,
    ...sentences,
    ...drawings.flatMap(drawingFaults),
    ...tables.flatMap((table) => {
      const odd = /\bNaN\b|Infinity|\bundefined\b/.exec(table);
      return odd === null ? [] : [`a table has “${table.slice(odd.index - 40, odd.index + 12)}”`];
    }),
  ];
}

function drawingFaults(drawing: Drawing): readonly string[] {
  const { id, box, items } = drawing;
  const sizes = [...box.min, ...box.max];
  if (items.length === 0) return [`drawing ${id} is empty`];
  if (!sizes.every(Number.isFinite)) return [`drawing ${id} has no size`];
  const odd = items.find((item) => !itemExtent(item).flat().every(Number.isFinite));
  if (odd !== undefined) return [`drawing ${id}: a ${odd.kind} of ${odd.layer} is nowhere`];
  const svg = drawingSvg(drawing);
  const sign = /NaN|Infinity|d=""|(?![\t\n\r])\p{Cc}/u.exec(svg);
  return sign === null
    ? []
    : [`drawing ${id}: SVG has “${svg.slice(sign.index - 30, sign.index + 9)}”`];
}
