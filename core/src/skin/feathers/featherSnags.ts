import type { Snag } from '../../piece/snag.ts';
import type { FeatherSheet } from '../../piece/featherSchema.ts';
import { rectangleOf, type FeatherPlan } from './featherPlan.ts';
import type { FeatherRowPlan } from './featherRow.ts';
import { fitsOn } from './nestQuestion.ts';

/** Narrower feathers curl and tear when they are cut from sheet, mm: common practice. */
const LEAST_CUT_MM = 3;

/** What is wrong with feathers that are cut from sheet, and with outlines shaped by hand. */
export function featherSnags(
  plan: FeatherPlan | null,
  sheets: readonly FeatherSheet[],
  gapMm: number,
): readonly Snag[] {
  return (plan?.rows ?? []).flatMap((row) => [
    ...(row.way === 'cut' ? [...narrow(row), ...tooLong(row, sheets, gapMm)] : []),
    ...bare(row),
  ]);
}

const common = ({ row }: FeatherRowPlan) =>
  ({ grade: 'watch', stage: 'skin', target: { kind: 'zone', id: row.zone } }) as const;

const named = (feathers: readonly { readonly id: string }[]): string =>
  feathers.map(({ id }) => id).join(', ');

function narrow(of: FeatherRowPlan): readonly Snag[] {
  const found = of.feathers.filter(({ wide }) => wide.value < LEAST_CUT_MM);
  if (found.length === 0) return [];
  const mm = Math.min(...found.map(({ wide }) => wide.value));
  const facts = { feathers: named(found), mm, leastMm: LEAST_CUT_MM };
  return [{ ...common(of), code: 'feather-too-narrow', facts }];
}

function tooLong(
  of: FeatherRowPlan,
  sheets: readonly FeatherSheet[],
  gapMm: number,
): readonly Snag[] {
  const fits = (size: readonly [number, number]): boolean =>
    sheets.some((sheet) => fitsOn(sheet, size, gapMm));
  const found = of.feathers.filter(({ sides }) =>
    sides.some((vane) => vane !== null && !fits(rectangleOf(vane))),
  );
  if (found.length === 0) return [];
  const mm = Math.max(...found.map(({ vane }) => rectangleOf(vane)[0]));
  return [{ ...common(of), code: 'sheet-too-short', facts: { feathers: named(found), mm } }];
}

function bare(of: FeatherRowPlan): readonly Snag[] {
  const found = of.feathers.filter(({ isBare }) => isBare);
  if (found.length === 0) return [];
  return [{ ...common(of), code: 'feather-gap', facts: { feathers: named(found) } }];
}
