import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import {
  A4,
  ANIMALS,
  compareSchemes,
  demoWorkpieces,
  recommendScheme,
  bendsCsv,
  cardSheets,
  drawingSvg,
  elevation,
  inWorkshop,
  newPiece,
  newWorkshop,
  shoppingCsv,
  stepsCsv,
  cutListCsv,
  planJson,
  planPiece,
  planSheets,
  problemSentence,
  readPieceText,
  sound,
  type Plan,
} from '../core/src/index.ts';
import { wholePlan } from './wholePlan.ts';
import { sheetFonts } from './sheetFonts.ts';
import { sheetsPdf } from '../core/src/formats/pdf.ts';

const USAGE =
  'npm run --silent plan -- PIECE.json --out FOLDER, or --fresh all, --fresh demos, or --fresh ANIMAL --out FOLDER';

/** The value after a flag. */
const after = (args: readonly string[], flag: string): string | undefined =>
  args.includes(flag) ? args[args.indexOf(flag) + 1] : undefined;

/** Makes the same plan as the browser, into files. Returns the exit code. */
async function main(args: readonly string[]): Promise<number> {
  const folder = after(args, '--out');
  const fresh = after(args, '--fresh');
  if (fresh !== undefined) return freshPieces(fresh, folder);
  const outAt = args.indexOf('--out');
  const file = args.find((arg, i) => !arg.startsWith('--') && i !== outAt + 1);
  if (file === undefined || folder === undefined) {
    return fail(`Arguments: received “${args.join(' ')}”; allowed is ${USAGE}.`);
  }
  const text = await readFile(file, 'utf8').catch((error: Error) => error);
  if (text instanceof Error) return fail(`${file}: cannot be read (${text.message}).`);
  const read = readPieceText(text);
  if (!read.ok) return fail(`${file}: ${problemSentence(read.problem)}`);
  const { piece: own, workshop } = read.value;
  const plan = wholePlan(inWorkshop(own, workshop ?? newWorkshop()));
  return written(plan, folder, `${plan.piece.name}: plan written to ${folder}`);
}

/** Plans a fresh piece of one animal, or of each, and says what of it is to be fixed and watched. */
async function freshPieces(which: string, folder: string | undefined): Promise<number> {
  if (which === 'demos') return demosInSchemes();
  const animals = ANIMALS.filter(({ id }) => which === 'all' || id === which);
  if (animals.length === 0) {
    const known = ANIMALS.map(({ id }) => id).join(', ');
    return fail(`Animal: received “${which}”; allowed is all, demos, or one of ${known}.`);
  }
  for (const { id, name } of animals) {
    const fresh = sound(inWorkshop(newPiece(id, name, id), newWorkshop()), planPiece);
    const plan = wholePlan(fresh);
    if (which === 'all' || folder === undefined) console.log(`${name}: ${counted(plan)}`);
    else return written(plan, folder, name);
  }
  return 0;
}

/** The pieces of the demonstration in every wire scheme that suits them. */
function demosInSchemes(): number {
  for (const piece of demoWorkpieces()) {
    const own = wholePlan(piece);
    const advice = recommendScheme(own, compareSchemes(own));
    const suiting = advice.filter(({ suits }) => suits).map(({ id }) => id);
    for (const id of suiting.length > 0 ? suiting : [piece.wire.scheme]) {
      const plan = wholePlan({ ...piece, wire: { ...piece.wire, scheme: id } });
      console.log(`${piece.name}, ${id}: ${counted(plan)}`);
    }
  }
  return 0;
}

function counted({ snags }: Plan): string {
  const fix = snags.filter((snag) => snag.grade === 'fix').length;
  return `${fix} to fix, ${snags.length - fix} to watch`;
}

/** Writes a plan into a folder. Returns the exit code. */
async function written(plan: Plan, folder: string, told: string): Promise<number> {
  const { piece } = plan;
  const sheets = await sheetsPdf(piece.name, planSheets(plan), A4, await sheetFonts());
  try {
    await mkdir(folder, { recursive: true });
    await writeFile(join(folder, 'plan.json'), planJson(piece, plan));
    await writeFile(join(folder, 'cut-list.csv'), cutListCsv(plan.wire));
    await writeFile(join(folder, 'bends.csv'), bendsCsv(plan.wire));
    for (const view of ['side', 'front'] as const) {
      const drawing = elevation(plan, view, { show: 'bones', dimensions: true });
      await writeFile(join(folder, `${view}.svg`), drawingSvg(drawing));
    }
    if (plan.bench !== null) {
      await writeFile(join(folder, 'shopping.csv'), shoppingCsv(plan.bench));
      await writeFile(join(folder, 'steps.csv'), stepsCsv(plan.bench));
    }
    await writeFile(join(folder, 'sheets.pdf'), sheets.bytes);
    const cards = cardSheets(plan);
    if (cards.length > 0)
      await writeFile(
        join(folder, 'bending-cards.pdf'),
        (await sheetsPdf(piece.name, cards, A4, await sheetFonts())).bytes,
      );
  } catch (error) {
    return fail(`${folder}: cannot be written (${(error as Error).message}).`);
  }
  console.log(`${told}, ${counted(plan)}`);
  return 0;
}

function fail(sentence: string): number {
  console.error(sentence);
  return 1;
}

process.exitCode = await main(process.argv.slice(2));
