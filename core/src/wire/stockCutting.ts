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
  /** True where no other way of cutting leaves less to buy; false where the search was cut short. */
  readonly proven: boolean;
  /** No way of cutting can leave less than this to buy, mm. */
  readonly boundMm: number;
}

/** Search steps after which the best plan so far is taken; twenty pieces need far fewer. */
const MAX_STEPS = 20_000;
/** Lengths are compared with this much play, mm. */
const PLAY_MM = 1e-9;

/**
 * Cuts pieces from sticks so that the least length is left to buy. Each piece after the first of a
 * stick costs one saw loss. Branch and bound: longest piece first, every stick tried, the shorter
 * remainder first; a branch ends where what is left of all sticks could not help any more, and equal
 * pieces are not tried in each other's place. Exact unless it needs more than {@link MAX_STEPS}
 * steps, which the plan tells. mm throughout.
 */
export function cutFromStock(
  pieces: readonly CutPiece[],
  sticks: readonly Stick[],
  sawLossMm: number,
): CuttingPlan {
  const order = [...pieces].sort((a, b) => b.mm - a.mm);
  const left = sticks.map((stick) => stick.mm + sawLossMm);
  const shortest = order.at(-1)?.mm ?? 0;
  /** Length of all pieces from the i-th on, without losses. */
  const rest = order.map((_, i) => order.slice(i).reduce((sum, { mm }) => sum + mm, 0));
  const usable = (): number => left.reduce((sum, mm) => sum + (mm >= shortest ? mm : 0), 0);
  const boundMm = Math.max(0, (rest[0] ?? 0) - usable());
  const taken: number[] = order.map(() => -1);
  let best = { missingMm: Infinity, taken: [...taken] };
  let steps = 0;
  const place = (at: number, missingMm: number): void => {
    if (steps > MAX_STEPS) return;
    if (missingMm + Math.max(0, (rest[at] ?? 0) - usable()) >= best.missingMm - PLAY_MM) return;
    steps += 1;
    const piece = order[at];
    if (piece === undefined) {
      best = { missingMm, taken: [...taken] };
      return;
    }
    const need = piece.mm + sawLossMm;
    // Of equal pieces the first that was left out leaves out the others.
    const leftOut = at > 0 && order[at - 1]!.mm === piece.mm && taken[at - 1] === -1;
    if (!leftOut) {
      const tried = new Set<number>();
      const fits = left.map((mm, i) => ({ mm, i })).filter(({ mm }) => mm >= need - PLAY_MM);
      for (const { mm, i } of fits.sort((a, b) => a.mm - b.mm)) {
        if (tried.has(mm)) continue;
        tried.add(mm);
        left[i]! -= need;
        taken[at] = i;
        place(at + 1, missingMm);
        left[i]! += need;
      }
    }
    taken[at] = -1;
    place(at + 1, missingMm + piece.mm);
  };
  place(0, 0);
  const missing = order.filter((_, i) => best.taken[i] === -1);
  const missingMm = missing.reduce((sum, { mm }) => sum + mm, 0);
  return {
    missing,
    proven: steps <= MAX_STEPS || missingMm <= boundMm + PLAY_MM,
    boundMm,
    sticks: sticks.map((stick, i) => {
      const cut = order.filter((_, at) => best.taken[at] === i);
      const used = cut.reduce((sum, piece) => sum + piece.mm, 0);
      const losses = Math.max(0, cut.length - 1) * sawLossMm;
      const over = stick.mm - used - losses;
      // The last cut costs its loss only where something is left beyond it.
      return { stick, pieces: cut, leftMm: Math.max(0, cut.length > 0 ? over - sawLossMm : over) };
    }),
  };
}

/** Equal sticks to buy. */
export interface SticksToBuy {
  /** How many; undefined where a piece is longer than a stick. */
  readonly sticks: number | undefined;
  /** No fewer can do: the larger of the total over one stick and the pieces longer than half of one. */
  readonly bound: number;
  readonly proven: boolean;
}

/**
 * The fewest sticks of one length that give all pieces, each piece after the first of a stick costing
 * one saw loss: from the bound upwards, until nothing is missing. Proven where the search was not cut
 * short below the answer.
 */
export function fewestSticks(
  pieces: readonly CutPiece[],
  stickMm: number,
  sawLossMm: number,
): SticksToBuy {
  const total = pieces.reduce((sum, { mm }) => sum + mm + sawLossMm, 0);
  const large = pieces.filter(({ mm }) => 2 * mm + sawLossMm > stickMm + PLAY_MM).length;
  const bound = Math.max(large, Math.ceil(total / (stickMm + sawLossMm) - PLAY_MM));
  if (pieces.some(({ mm }) => mm > stickMm + PLAY_MM))
    return { sticks: undefined, bound, proven: true };
  let proven = true;
  for (let sticks = bound; ; sticks++) {
    const plan = cutFromStock(
      pieces,
      Array.from({ length: sticks }, (_, i) => ({ id: String(i), mm: stickMm })),
      sawLossMm,
    );
    if (plan.missing.length === 0) return { sticks, bound, proven: proven || sticks === bound };
    proven &&= plan.proven;
  }
}
