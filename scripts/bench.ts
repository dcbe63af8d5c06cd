import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import {
  inWorkshop,
  newWorkshop,
  bodyGrid,
  COARSE_CELLS,
  compareSchemes,
  demoWorkpieces,
  dragReach,
  dragTrunk,
  createPlanner,
  done,
  heatRun,
  measuredSkeleton,
  NO_ANSWERS,
  newPiece,
  planPiece,
  recoverStance,
  stanceAngles,
  type Picture,
  type Workpiece,
} from '../core/src/index.ts';
import { planWire } from '../core/src/wire/planWire.ts';
import { coatTimes } from './coatBench.ts';
import { markingTimes } from './markingBench.ts';
import { daysTimes } from './daysBench.ts';
import { nestTimes } from './nestBench.ts';
import { paletteTimes } from './paletteBench.ts';
import { fieldTimes, shapeTimes, surfaceTimes } from './fieldBench.ts';
import { reachTimes } from './ikBench.ts';
import { paintTimes } from './paintBench.ts';
import { pictureTimes } from './pictureBench.ts';
import { routeSizes } from './routeSizes.ts';

/*
 * npm run bench: how long the slow things take, beside a reference loop in the same run, so that
 * machines can be compared by ratio. Prints a table; judges nothing.
 */

interface Timing {
  readonly name: string;
  readonly medianMs: number;
  readonly p95Ms: number;
  readonly aim: string;
}

const DRAGS = 200;
const [otter, wolf, heron] = demoWorkpieces() as [Workpiece, Workpiece, Workpiece];

/** Median and 95th percentile of some runs, ms, after a few to warm up. */
function time(name: string, runs: number, act: (i: number) => unknown, aim = ''): Timing {
  for (let i = 0; i < Math.min(20, runs); i++) act(-1 - i);
  const each = Array.from({ length: runs }, (_, i) => {
    const start = performance.now();
    act(i);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const at = (share: number): number => each[Math.min(runs - 1, Math.floor(share * runs))]!;
  return { name, medianMs: at(0.5), p95Ms: at(0.95), aim };
}

/** The reference: a fixed sum of square roots, about as long as a frame of work. */
function reference(): number {
  let sum = 0;
  for (let i = 0; i < 1_000_000; i++) sum += Math.sqrt(i ^ (i >> 3));
  return sum;
}

/** Fine answers of body and heat to a piece as it is, and a planner that has seen it. */
const desks = new Map(
  [otter, wolf].map((piece) => {
    const plan = createPlanner();
    const body = done(plan(piece).jobs.body);
    const asked = plan(piece, { ...NO_ANSWERS, body }).jobs.heat!;
    return [
      piece.id,
      { plan, answers: { ...NO_ANSWERS, body, heat: done(asked) }, asked },
    ] as const;
  }),
);
const deskOf = (piece: Workpiece) => desks.get(piece.id)!;

/** A whole new plan after a joint was dragged a little further. */
function drag(piece: Workpiece) {
  return (i: number) => {
    const anglesDeg = { ...piece.stance.anglesDeg, 'radius.L': { flexion: (i % 40) / 2 } };
    const dragged = { ...piece, stance: { ...piece.stance, anglesDeg } };
    const { plan, answers } = deskOf(piece);
    return plan(dragged, answers);
  };
}

const pictured = createPlanner();
/** A whole new plan after a landmark was put a little further. */
function place(i: number) {
  const [side, front] = heron.references.pictures as [Picture, Picture];
  const landmarks = {
    ...side.landmarks,
    'skull.start': [[500 + (i % 50), 300] as [number, number]],
  };
  const pictures = [{ ...side, landmarks }, front];
  return pictured({ ...heron, references: { ...heron.references, pictures } });
}

/** A whole new plan after a paw, or the trunk, was dragged a little further. */
function reach(i: number) {
  const { stance } = otter;
  const to: readonly [number, number] = [60 + (i % 20), 4 + (i % 10)];
  const result = dragReach(skeleton, stance, 1 / 3, stance.base.rodMm, 'metacarpus.L', 'side', to);
  return replan(otter, { ...stance, anglesDeg: { ...result.anglesDeg } });
}
function trunk(i: number) {
  const { stance } = otter;
  const { anglesDeg } = dragTrunk(skeleton, stance, 1 / 3, [(i % 16) - 8, -(i % 5), 0]);
  return replan(otter, { ...stance, anglesDeg: { ...anglesDeg } });
}
/** A whole new plan at a moment of a gallop that was not shown before. */
function slide(i: number) {
  return replan(wolf, {
    ...wolf.stance,
    gait: { id: 'gallop', moment: ((i + 1) % 997) / 997, strideMm: null },
  });
}
const replan = (piece: Workpiece, stance: Workpiece['stance']) => {
  const { plan, answers } = deskOf(piece);
  return plan({ ...piece, stance }, answers);
};

/** A whole new wire plan: another margin each time, so that nothing is remembered. */
function wirePlanOf(animalId: string) {
  const piece = inWorkshop(newPiece('bench', 'Bench', animalId), newWorkshop());
  const { stance } = planPiece(piece);
  return (i: number) => {
    const allowancesMm = { ...piece.wire.allowancesMm, margin: 5 + (i % 50) / 10 };
    return planWire({ wire: { ...piece.wire, allowancesMm }, base: piece.stance.base, stance });
  };
}

const skeleton = measuredSkeleton(otter.measure);
const standing = stanceAngles(skeleton, { presetId: '', anglesDeg: {}, lifted: null });
const photograph = otter.references.pictures.find(({ view }) => view === 'photo')!;

const timings = [
  time('reference loop', 50, reference),
  time('re-plan after a joint drag, otter', DRAGS, drag(otter), 'under 16 ms'),
  time('re-plan after a joint drag, wolf', DRAGS, drag(wolf), 'under 16 ms'),
  time('re-plan after a paw reached, otter', DRAGS, reach, 'under 16 ms'),
  time('re-plan after the trunk was moved, otter', 60, trunk, 'under 16 ms'),
  time('re-plan after a gallop was slid, wolf', DRAGS, slide, 'under 16 ms'),
  time('body on its grid, otter', 12, () => bodyGrid(measuredSkeleton(otter.measure)), 'under 2 s'),
  time(
    'body on its grid, otter, coarse',
    24,
    () => bodyGrid(skeleton, COARSE_CELLS),
    'under 150 ms',
  ),
  time('body on its grid, wolf', 12, () => bodyGrid(measuredSkeleton(wolf.measure)), 'under 2 s'),
  time('re-plan after a landmark, heron', DRAGS, place, 'under 16 ms'),
  time('stance from one photograph, otter', 24, () =>
    recoverStance(skeleton, photograph, standing),
  ),
  time('wire plan, raft spider (most wires)', DRAGS, wirePlanOf('raft-spider'), 'under 50 ms'),
  time('wire plan, adder (most bends)', DRAGS, wirePlanOf('adder'), 'under 50 ms'),
  time('six schemes compared, otter', 40, () => compareSchemes(planPiece(otter))),
  time('heat flow of a bake, otter', 12, () => heatRun(deskOf(otter).asked.input)),
];
const unit = timings[0]!.medianMs;
console.log('what                                   median ms   95 % ms   × reference   aim');
for (const { name, medianMs, p95Ms, aim } of timings) {
  console.log(
    `${name.padEnd(38)} ${medianMs.toFixed(2).padStart(9)} ${p95Ms.toFixed(2).padStart(9)} ${(medianMs / unit).toFixed(2).padStart(13)}   ${aim}`,
  );
}

console.log(
  '\nreaching for a point                           median ms   × reference   met within 0.1 mm',
);
for (const { name, medianMs, met } of reachTimes())
  console.log(
    `${name.padEnd(46)} ${medianMs.toFixed(3).padStart(9)} ${(medianMs / unit).toFixed(3).padStart(13)}   ${(100 * met).toFixed(0)} %`,
  );

console.log(
  '\nthe body as a field of true distances          cells         ms    × reference   every part everywhere   memory MB',
);
for (const { animal, cells, fastMs, plainMs, bytes } of fieldTimes())
  console.log(
    `${animal.padEnd(42)} ${String(cells).padStart(9)} ${fastMs.toFixed(0).padStart(10)} ${(fastMs / unit).toFixed(1).padStart(14)} ${`${plainMs.toFixed(0)} ms, ${(plainMs / fastMs).toFixed(1)} times`.padStart(23)} ${(bytes / 1e6).toFixed(1).padStart(11)}`,
  );
console.log('\nthe posed model, its layers and its surface     median ms   × reference   aim');
for (const { name, ms } of [...shapeTimes(), ...surfaceTimes()])
  console.log(
    `${name.padEnd(46)} ${ms.toFixed(0).padStart(9)} ${(ms / unit).toFixed(1).padStart(13)}   ${name.includes('coarse') ? 'under 150 ms' : 'under 2 s'}`,
  );

console.log('\nthe coat of the otter, markings of the wolf       ms    × reference   aim');
for (const { name, ms, aim } of [...(await coatTimes(otter)), ...markingTimes(wolf)])
  console.log(
    `${name.padEnd(46)} ${ms.toFixed(0).padStart(9)} ${(ms / unit).toFixed(1).padStart(13)}   ${aim}`,
  );

console.log('\ncolours of the otter                              ms    × reference   aim');
const others = [...paintTimes(otter), ...daysTimes(otter), ...nestTimes(), ...paletteTimes()];
for (const { name, ms, aim } of others)
  console.log(
    `${name.padEnd(46)} ${ms.toFixed(0).padStart(9)} ${(ms / unit).toFixed(1).padStart(13)}   ${aim}`,
  );

const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
if (!existsSync(`${dist}/.vite/manifest.json`)) {
  execFileSync('npm', ['run', '--silent', 'build'], {
    cwd: fileURLToPath(new URL('..', import.meta.url)),
    stdio: 'inherit',
  });
}
const pictures = await pictureTimes();
console.log('\nin the page, a picture of 24 megapixels        median ms   × reference');
for (const [name, ms] of [
  ['placing a landmark, to the next frame', pictures.placeMs],
  ['zooming, to the next frame', pictures.zoomMs],
] as const)
  console.log(
    `${name.padEnd(46)} ${ms.toFixed(1).padStart(9)} ${(ms / pictures.referenceMs).toFixed(2).padStart(13)}`,
  );
console.log(`pictures decoded meanwhile                     ${pictures.decodes}`);

console.log('\nscript per route, kB as it travels (first page: under 320)');
for (const { route, packedBytes } of routeSizes(dist))
  console.log(`${route.padEnd(38)} ${(packedBytes / 1000).toFixed(1).padStart(9)}`);

const { heapUsed, rss } = process.memoryUsage();
console.log(
  `\nmemory: heap ${(heapUsed / 1e6).toFixed(0)} MB, process ${(rss / 1e6).toFixed(0)} MB, after ${DRAGS * 2} plans and two bodies`,
);
