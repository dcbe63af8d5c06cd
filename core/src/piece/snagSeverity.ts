import type { Snag } from './snag.ts';
import type { SnagCode, SnagFacts } from './snagFacts.ts';

type Severities = { readonly [C in SnagCode]: (facts: SnagFacts[C]) => number };

/** Of trouble that is there or not. */
const THERE = 1;

/** How bad each kind of trouble is, by the number that it tells, in its own unit: more is worse. */
const SEVERITIES: Severities = {
  'wire-too-thick': (f) => f.minMm - f.coverMm,
  'angle-beyond-limit': (f) => Math.max(f.minDeg - f.deg, f.deg - f.maxDeg),
  'foot-off-base': (f) => f.gapMm,
  'too-few-feet': (f) => -f.down,
  'mass-outside-feet': (f) => f.outsideMm,
  'mass-near-edge': (f) => -f.tipDeg,
  'hook-below-mass': (f) => f.aboveMm,
  'weight-too-large': (f) => f.ballMm - f.roomMm,
  'metal-unknown': () => THERE,
  'wire-too-weak': (f) => f.percent,
  suspended: () => THERE,
  'body-in-ground': (f) => f.mm,
  'limbs-meet': (f) => f.mm,
  'beyond-board': (f) => f.mm,
  'through-perch': (f) => f.mm,
  'foot-off-perch': (f) => f.overMm,
  'rod-may-turn': () => THERE,
  'coat-takes-all': (f) => f.coatMm - f.halfMm,
  'feet-off-board': (f) => f.overMm,
  'peg-shows': (f) => f.pegMm - f.mostMm,
  'binding-in-oven': (f) => f.ovenC - f.holdsToC,
  'rod-too-weak': (f) => f.percent,
  'bend-too-short': (f) => f.needMm - f.haveMm,
  'bend-reversal': (f) => f.deg - f.limitDeg,
  'springback-too-large': (f) => f.radiusMm - f.widestMm,
  'bend-tight-for-metal': (f) => f.leastMm - f.insideMm,
  'piece-over-oven': (f) => f.fitRatio,
  'shell-over-limb': (f) => f.shellMm - f.maxShellMm,
  'body-weight-off': (f) => Math.abs(f.girthPercent),
  'clay-too-thick': (f) => f.mm,
  'trapped-hollow': (f) => f.ml,
  'clay-over-limit': (f) => f.hotC - f.limitC,
  'clays-set-unlike': () => THERE,
  'bakes-contradict': () => THERE,
  'not-in-oven': (f) => f.hotC - f.standsC,
  'tile-poor': () => THERE,
  'stuff-unknown': () => THERE,
  'bake-failed': () => THERE,
  'oven-too-cool': (f) => f.lowC - f.hotC,
  'bake-too-short': (f) => f.neededMin - f.minutes,
  'bake-never-hot': (f) => f.minutes,
  'hair-finer-than-tool': (f) => f.leastMm - f.strokeMm,
  'no-tool': () => THERE,
  'scale-too-large': (f) => f.mm / f.mostMm,
  'feather-too-narrow': (f) => f.leastMm - f.mm,
  'sheet-too-short': (f) => f.mm,
  'feather-gap': () => THERE,
  'roller-seam': (f) => Math.abs(f.seamMm),
  'lie-mark-lost': () => THERE,
  'step-out-of-order': () => THERE,
  'bone-out-of-range': (f) => Math.max(f.lowMm - f.mm, f.mm - f.highMm),
  'bake-left-out': () => THERE,
  'ticks-without-step': (f) => f.count,
  'proportion-odd': (f) => Math.abs(f.share - f.knownShare),
  'picture-gives-nothing': () => THERE,
  'landmarks-on-one-point': () => THERE,
  'views-of-different-animals': (f) => f.percent,
  'views-disagree': (f) => f.mm,
  'reading-doubted': (f) => Math.abs(f.mm - f.meanMm),
  'too-small-to-make': (f) => f.leastMm - f.mm,
};

/** How bad a snag is, in the unit of the number that it tells: more is worse. */
export const severityOf = (snag: Snag): number =>
  (SEVERITIES[snag.code] as (facts: unknown) => number)(snag.facts);
