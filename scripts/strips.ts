import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { ANIMALS, drawingSvg, planById } from '../core/src/index.ts';
import { buildSkeleton, type Skeleton } from '../core/src/anatomy/skeleton.ts';
import { settledStance } from '../core/src/posing/settledStance.ts';
import { fittedDrawing } from '../core/src/sheets/drawing.ts';
import { movedItem } from '../core/src/sheets/movedItem.ts';
import { reliefItems } from '../core/src/sheets/formItems.ts';
import { formSurface } from '../core/src/surface/formSurface.ts';

/*
 * npm run strips -- --out FOLDER [--only ANIMAL]: every gait of every animal as a strip of eight moments from the
 * side, to look at: would it move so?
 */

const MOMENTS = 8;
const CELLS = 60_000;
/** Height of the first stance on the strip, mm. */
const HIGH_MM = 60;
const GAP_MM = 8;

function strip(skeleton: Skeleton, gaitId: string): string {
  const scale = HIGH_MM / heightOf(skeleton);
  let x = 0;
  const items = Array.from({ length: MOMENTS }, (_, i) => {
    const choice = { presetId: '', anglesDeg: {}, lifted: null };
    const gait = { id: gaitId, moment: i / MOMENTS };
    const posed = settledStance(skeleton, { ...choice, gait }, scale);
    const form = formSurface(posed, true, () => undefined, CELLS);
    const view = skeleton.plan.gaits.some(({ id, kind }) => id === gaitId && kind === 'wave')
      ? 'top'
      : 'side';
    const relief = form.reliefs.find((of) => of.view === view)!;
    const drawn = reliefItems(relief, 'outline');
    const { box } = fittedDrawing('', '', drawn, 0);
    const moved = drawn.map((item) => movedItem(item, x - box.min[0], 0));
    x += box.max[0] - box.min[0] + GAP_MM;
    return moved;
  }).flat();
  return drawingSvg(fittedDrawing('strip', '', items, GAP_MM));
}

function heightOf(skeleton: Skeleton): number {
  const posed = settledStance(skeleton, { presetId: '', anglesDeg: {}, lifted: null }, 1);
  const all = posed.bones.flatMap(({ start, end }) => [start, end]);
  const spread = (k: 0 | 1 | 2): number =>
    Math.max(...all.map((p) => p[k])) - Math.min(...all.map((p) => p[k]));
  return Math.max(spread(1), spread(0) / 3);
}

async function main(args: readonly string[]): Promise<number> {
  const after = (flag: string): string | undefined =>
    args.includes(flag) ? args[args.indexOf(flag) + 1] : undefined;
  const folder = after('--out');
  if (folder === undefined) {
    console.error(
      `Arguments: received “${args.join(' ')}”; allowed is npm run strips -- --out FOLDER [--only ANIMAL].`,
    );
    return 1;
  }
  const only = after('--only');
  const animals = ANIMALS.filter(({ id }) => only === undefined || id === only);
  if (animals.length === 0) {
    const known = ANIMALS.map(({ id }) => id).join(', ');
    console.error(`Animal: received “${only}”; allowed is one of ${known}.`);
    return 1;
  }
  await mkdir(folder, { recursive: true });
  for (const animal of animals) {
    const skeleton = buildSkeleton(planById(animal.planId)!, animal);
    for (const { id } of skeleton.plan.gaits)
      await writeFile(join(folder, `${animal.id}-${id}.svg`), strip(skeleton, id));
  }
  console.log(`Strips in ${folder}.`);
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
