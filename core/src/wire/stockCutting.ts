/** A piece to cut. */
export interface CutPiece {
  readonly id: string;
  readonly mm: number;
}

/** A stick or coil that is on hand. */
export interface Stick {
  readonly id: string;
  readonly mm: number;
}

/** Which pieces come off which stick, and what has to be bought. */
export interface CuttingPlan {
  readonly sticks: readonly {
    readonly stick: Stick;
    readonly pieces: readonly CutPiece[];
    readonly leftMm: number;
  }[];
  readonly missing: readonly CutPiece[];
}

/** Search steps after which the best plan so far is taken; twelve pieces need far fewer. */
const MAX_STEPS = 200_000;

/**
 * Cuts pieces from sticks so that the least length is left to buy. Each piece after the first of a
 * stick costs one saw loss. Longest piece first, every stick tried, with the shorter remainder
 * preferred; the search is exact unless it needs more than {@link MAX_STEPS} steps. mm throughout.
 */
export function cutFromStock(
  pieces: readonly CutPiece[],
  sticks: readonly Stick[],
  sawLossMm: number,
): CuttingPlan {
  const order = [...pieces].sort((a, b) => b.mm - a.mm);
  const left = sticks.map((stick) => stick.mm + sawLossMm);
  const taken: number[] = order.map(() => -1);
  let best = { missingMm: Infinity, taken: [...taken] };
  let steps = 0;
  const place = (at: number, missingMm: number): void => {
    if (missingMm >= best.missingMm || steps++ > MAX_STEPS) return;
    const piece = order[at];
    if (piece === undefined) {
      best = { missingMm, taken: [...taken] };
      return;
    }
    const need = piece.mm + sawLossMm;
    const tried = new Set<number>();
    const fits = left.map((mm, i) => ({ mm, i })).filter(({ mm }) => mm >= need - 1e-9);
    for (const { mm, i } of fits.sort((a, b) => a.mm - b.mm)) {
      if (tried.has(mm)) continue;
      tried.add(mm);
      left[i]! -= need;
      taken[at] = i;
      place(at + 1, missingMm);
      left[i]! += need;
    }
    taken[at] = -1;
    place(at + 1, missingMm + piece.mm);
  };
  place(0, 0);
  return {
    missing: order.filter((_, i) => best.taken[i] === -1),
    sticks: sticks.map((stick, i) => {
      const cut = order.filter((_, at) => best.taken[at] === i);
      const used = cut.reduce((sum, piece) => sum + piece.mm, 0);
      const losses = Math.max(0, cut.length - 1) * sawLossMm;
      const rest = stick.mm - used - losses;
      // The last cut costs its loss only where something is left beyond it.
      return { stick, pieces: cut, leftMm: Math.max(0, cut.length > 0 ? rest - sawLossMm : rest) };
    }),
  };
}
