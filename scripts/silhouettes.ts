import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import {
  ANIMALS,
  drawingSvg,
  inWorkshop,
  newPiece,
  newWorkshop,
  planPiece,
  type Relief,
} from '../core/src/index.ts';
import { fittedDrawing } from '../core/src/sheets/drawing.ts';
import { reliefItems } from '../core/src/sheets/formItems.ts';
import { formSurface } from '../core/src/surface/formSurface.ts';

/*
 * npm run silhouettes -- --out FOLDER: every animal without its name, for someone who does not know the list:
 * black and shaded from three sides, and its head alone. Files are numbered in a shuffled order; key.json says
 * which is which.
 */

const VIEWS = ['side', 'front', 'three-quarter'] as const;
/** Cells of the skin: enough to judge a shape by. */
const CELLS = 160_000;
const MARGIN_MM = 3;

const drawn = (relief: Relief, depth: 'silhouette' | 'form'): string =>
  drawingSvg(fittedDrawing('shape', '', reliefItems(relief, depth), MARGIN_MM));

/** In an order that another run does not repeat (R. A. Fisher & F. Yates, 1938). */
function shuffled<T>(all: readonly T[]): readonly T[] {
  const order = [...all];
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor(Math.random() * (i + 1));
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  return order;
}

async function main(args: readonly string[]): Promise<number> {
  const folder = args[args.indexOf('--out') + 1];
  if (!args.includes('--out') || folder === undefined) {
    console.error(
      `Arguments: received “${args.join(' ')}”; allowed is npm run silhouettes -- --out FOLDER.`,
    );
    return 1;
  }
  await mkdir(folder, { recursive: true });
  const key: Record<string, string> = {};
  for (const [i, { id }] of shuffled(ANIMALS).entries()) {
    const number = String(i + 1).padStart(2, '0');
    key[number] = id;
    const plan = planPiece(inWorkshop(newPiece('shape', 'Shape', id), newWorkshop()));
    const form = formSurface(plan.stance.posed, true, () => undefined, CELLS);
    const write = (name: string, svg: string): Promise<void> =>
      writeFile(join(folder, `${number}-${name}.svg`), svg);
    for (const relief of form.reliefs.filter(({ view }) => VIEWS.some((of) => of === view))) {
      await write(`${relief.view}-black`, drawn(relief, 'silhouette'));
      await write(relief.view, drawn(relief, 'form'));
    }
    for (const head of form.heads.filter(({ view }) => VIEWS.some((of) => of === view)))
      await write(`head-${head.view}`, drawn(head, 'form'));
  }
  await writeFile(join(folder, 'key.json'), JSON.stringify(key, null, 2));
  console.log(`${ANIMALS.length} animals in ${folder}; key.json says which is which.`);
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
