import type { FeatherSheet } from '../core/src/piece/featherSchema.ts';
import { seeded, seedOf } from '../core/src/geometry/seeded.ts';
import { nested } from '../core/src/skin/feathers/nesting.ts';
import { fillWorking, type ToNest } from '../core/src/skin/feathers/nestQuestion.ts';
import { median, type CoatTime } from './coatBench.ts';

const SHEET: FeatherSheet = {
  ...{ id: 'felt', name: 'Felt', longMm: 300, wideMm: 200 },
  ...{ many: 99, grained: false, thickMm: 1 },
};
const GAP_MM = 2;

/** Seeded feathers, long and slender. */
function feathersOf(many: number): readonly ToNest[] {
  const random = seeded(seedOf('nest'));
  return Array.from({ length: many }, (_, i) => {
    const longMm = 30 + 90 * random();
    const wideMm = longMm * (0.12 + 0.12 * random());
    return { id: `f${i}`, longMm, wideMm, areaMm2: 0.72 * longMm * wideMm };
  });
}

/** How many sheets a plain shelf packing takes: the widest first, side by side along the sheet, shelf over shelf. */
function shelves(feathers: readonly ToNest[]): number {
  let [sheets, x, y, high] = [1, GAP_MM, GAP_MM, 0];
  for (const { longMm, wideMm } of feathers.toSorted((a, b) => b.wideMm - a.wideMm)) {
    if (x + longMm > SHEET.longMm - GAP_MM) [x, y, high] = [GAP_MM, y + high + GAP_MM, 0];
    if (y + wideMm > SHEET.wideMm - GAP_MM) [sheets, x, y, high] = [sheets + 1, GAP_MM, GAP_MM, 0];
    x += longMm + GAP_MM;
    high = Math.max(high, wideMm);
  }
  return sheets;
}

/** How long two hundred feathers take to nest, and how full their sheets are beside plain shelves. */
export function nestTimes(): readonly CoatTime[] {
  const feathers = feathersOf(200);
  const question = { feathers, sheets: [SHEET], gapMm: GAP_MM };
  const nesting = nested(question);
  const area = feathers.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
  const plain = area / (shelves(feathers) * SHEET.longMm * SHEET.wideMm);
  const percent = (share: number): string => `${(100 * share).toFixed(0)} %`;
  return [
    {
      name: '200 feathers on sheets',
      ms: median(5, () => nested(question)),
      aim: `1 s; ${percent(fillWorking(nesting)!.value / 100)} full, plain shelves ${percent(plain)}`,
    },
  ];
}
