import {
  inWorkshop,
  newWorkshop,
  done,
  measuredSkeleton,
  newPiece,
  planPiece,
} from '../core/src/index.ts';
import { bodyBlends } from '../core/src/body/bodyBlends.ts';
import { fleshField, gridOver } from '../core/src/body/fleshField.ts';
import { cellCentre } from '../core/src/body/cellGrid.ts';
import { fleshParts } from '../core/src/body/fleshParts.ts';
import { partDistance } from '../core/src/body/skin.ts';
import { restPose } from '../core/src/anatomy/pose.ts';
import { formSurface } from '../core/src/surface/formSurface.ts';
import { relief } from '../core/src/surface/relief.ts';
import { skinSurface, SURFACE_CELLS } from '../core/src/surface/skinSurface.ts';

/** The body's field on a grid of some size, beside the plain way. */
export interface FieldTime {
  readonly animal: string;
  readonly cells: number;
  readonly fastMs: number;
  /** Every part in every cell, measured on some of the cells. */
  readonly plainMs: number;
  readonly bytes: number;
}

const SIZES = [30_000, 120_000, 480_000, 1_500_000] as const;
/** The plain way is measured on this many cells and multiplied up. */
const PLAIN_SAMPLE = 4000;

function median(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
}

/** Milliseconds of an act, the middle of some runs. */
function timed(runs: number, act: () => unknown): number {
  act();
  return median(
    Array.from({ length: runs }, () => {
      const start = performance.now();
      act();
      return performance.now() - start;
    }),
  );
}

/** Time and memory of the field against the size of the grid, beside the plain evaluation. */
export function fieldTimes(): readonly FieldTime[] {
  return ['grey-wolf', 'grey-heron'].flatMap((animal) => {
    const piece = inWorkshop(newPiece('bench', 'Bench', animal), newWorkshop());
    const skeleton = measuredSkeleton(piece.measure);
    const parts = fleshParts(restPose(skeleton));
    const blends = bodyBlends(skeleton, parts);
    return SIZES.map((total): FieldTime => {
      const grid = gridOver(parts, total, true);
      const cells = grid.cells[0] * grid.cells[1] * grid.cells[2];
      const fastMs = timed(5, () => fleshField(parts, grid, blends));
      const every = Math.max(1, Math.floor(cells / PLAIN_SAMPLE));
      const plainMs =
        every *
        timed(3, () => {
          let sum = 0;
          for (let at = 0; at < cells; at += every) {
            const p = cellCentre(grid, at);
            let least = Infinity;
            for (const part of parts) least = Math.min(least, partDistance(part, p));
            sum += least;
          }
          return sum;
        });
      // Two distances, two owners, the transform's value and seed, feet and their places.
      const bytes = cells * (4 + 4 + 2 + 2 + 8 + 4 + 4 + 4);
      return { animal, cells, fastMs, plainMs, bytes };
    });
  });
}

/** The coarse and the fine answer of a whole posed model, ms. */
export function shapeTimes(): readonly { readonly name: string; readonly ms: number }[] {
  return ['eurasian-otter', 'grey-heron', 'adder'].flatMap((animal) => {
    const { shape } = planPiece(inWorkshop(newPiece('bench', 'Bench', animal), newWorkshop())).jobs;
    return [
      { name: `${animal}, coarse answer`, ms: timed(7, () => done(shape, false)) },
      { name: `${animal}, fine answer with meshes`, ms: timed(3, () => done(shape)) },
    ];
  });
}

/** The surface of the finished form, coarse and fine, and its relief from three sides, ms. */
export function surfaceTimes(): readonly { readonly name: string; readonly ms: number }[] {
  return ['grey-wolf', 'grey-heron', 'adder'].flatMap((animal) => {
    const plan = planPiece(inWorkshop(newPiece('bench', 'Bench', animal), newWorkshop()));
    const { posed } = plan.stance;
    const coarse = skinSurface(posed, SURFACE_CELLS.coarse);
    return [
      {
        name: `${animal}, skin, coarse`,
        ms: timed(7, () => skinSurface(posed, SURFACE_CELLS.coarse)),
      },
      {
        name: `${animal}, reliefs of three sides, coarse`,
        ms: timed(7, () => SIDES.map((view) => relief(coarse, [], view))),
      },
      {
        name: `${animal}, skin and five reliefs, fine`,
        ms: timed(3, () => formSurface(posed, true)),
      },
    ];
  });
}

const SIDES = ['side', 'front', 'top'] as const;
