import type { Setting } from './materialIds.ts';

/** What each kind of trouble carries; lengths in mm, angles in degrees. */
export interface SnagFacts {
  'wire-too-thick': {
    place: string;
    limbMm: number;
    wireMm: number;
    coverMm: number;
    minMm: number;
    maxWireMm: number;
  };
  'angle-beyond-limit': {
    joint: string;
    freedom: string;
    deg: number;
    minDeg: number;
    maxDeg: number;
  };
  'foot-off-base': { foot: string; gapMm: number };
  'too-few-feet': { down: number };
  'mass-outside-feet': {
    outsideMm: number;
    edge: string;
    /** A weight that would bring it inside; 0 where none would. */
    weightG: number;
  };
  'mass-near-edge': { marginMm: number; tipDeg: number; towards: string };
  'hook-below-mass': { aboveMm: number };
  'weight-too-large': { grams: number; ballMm: number; roomMm: number };
  'metal-unknown': { metal: string };
  'wire-too-weak': {
    wire: string;
    place: string;
    percent: number;
    /** Ends that then hang down, in words; empty where none does. */
    ends: string;
    /** Only when the piece is turned over. */
    turned: boolean;
    leastMm: number;
    mostMm: number;
    /** A metal that would hold and fit; empty where there is none. */
    stiffer: string;
    strands: number;
  };
  suspended: { gait: string };
  'body-in-ground': { part: string; mm: number };
  'limbs-meet': { first: string; second: string; mm: number; percent: number; others: number };
  /** What of the piece or of what it stands on goes over the edge of its board. */
  'beyond-board': { what: string; side: string; mm: number };
  'through-perch': { part: string; perch: string; mm: number };
  'foot-off-perch': { foot: string; perch: string; overMm: number };
  'rod-may-turn': { rod: string };
  'coat-takes-all': {
    zone: string;
    region: string;
    bone: string;
    halfMm: number;
    coatMm: number;
    /** The longest hair in life that leaves half of the flesh; 0 where none does. */
    mostHairMm: number;
  };
  'feet-off-board': { foot: string; overMm: number };
  'peg-shows': { foot: string; footMm: number; pegMm: number; mostMm: number };
  'binding-in-oven': { binder: string; holdsToC: number; ovenC: number; why: string };
  'rod-too-weak': { rod: string; how: 'bends' | 'buckles'; percent: number; leastMm: number };
  'bend-too-short': {
    wire: string;
    bend: string;
    haveMm: number;
    needMm: number;
    maxRadiusMm: number;
  };
  'bend-reversal': { wire: string; bend: string; deg: number; limitDeg: number };
  'springback-too-large': {
    wire: string;
    metal: string;
    radiusMm: number;
    /** The widest bend that stays; 0 where none does. */
    widestMm: number;
  };
  'bend-tight-for-metal': { wire: string; insideMm: number; leastMm: number; metal: string };
  'piece-over-oven': {
    lengthMm: number;
    heightMm: number;
    widthMm: number;
    ovenText: string;
    fitRatio: number;
    /** Air left all round, and whether its board goes in. */
    airMm: number;
    onBoard: boolean;
  };
  'shell-over-limb': {
    region: string;
    bone: string;
    thickMm: number;
    shellMm: number;
    maxShellMm: number;
  };
  'body-weight-off': {
    kg: number;
    lowKg: number;
    highKg: number;
    girthPercent: number;
    /** Where it differs most from the library's body; empty where it does not. */
    place: string;
  };
  'clay-too-thick': { region: string; bone: string; mm: number; limitMm: number; coreMm: number };
  'trapped-hollow': { region: string; bone: string; ml: number };
  'clay-over-limit': { clay: string; setC: number; hotC: number; limitC: number };
  'clays-set-unlike': {
    clay: string;
    setting: Setting;
    shellClay: string;
    shellSetting: Setting;
  };
  'bakes-contradict': {
    names: string;
    /** What bears least, and what needs most heat after it; empty where it is the order that contradicts itself. */
    weak: string;
    bearsC: number;
    hot: string;
    needsC: number;
    remedy: 'unpin' | 'set-after' | 'other-clay' | 'moves-up';
  };
  'not-in-oven': { thing: string; bake: string; standsC: number; hotC: number };
  'tile-poor': {
    clay: string;
    bent: 'springs' | 'bends' | 'snaps';
    scratched: 'fine' | 'crumbles' | 'dents';
  };
  'stuff-unknown': { part: string };
  'bake-failed': { bake: string; on: string; verdict: 'short' | 'cool' | 'scorched' };
  'oven-too-cool': { clay: string; hotC: number; lowC: number };
  'bake-too-short': { bake: string; minutes: number; neededMin: number; place: string };
  'bake-never-hot': { place: string; hotC: number; minutes: number };
  'hair-finer-than-tool': {
    zone: string;
    /** What one stroke stands for: a lock of hair, a feather, a scale. */
    what: string;
    strokeMm: number;
    tool: string;
    leastMm: number;
    locks: number;
  };
  'no-tool': { zone: string };
  'scale-too-large': {
    zone: string;
    /** On the model, what the animal's largest would be there, and what it would be in life. */
    mm: number;
    mostMm: number;
    lifeMm: number;
    /** What makes it so large: its own width, or the finest tool. */
    by: 'width' | 'tool' | 'rows';
  };
  'feather-too-narrow': { feathers: string; mm: number; leastMm: number };
  'sheet-too-short': { feathers: string; mm: number };
  'feather-gap': { feathers: string };
  'roller-seam': { roller: string; seamMm: number; fitting: number; diameterMm: number };
  'lie-mark-lost': { mark: string };
  'step-out-of-order': { step: string; needs: string };
  'bone-out-of-range': { bone: string; mm: number; lowMm: number; highMm: number };
  'ticks-without-step': { ids: string; count: number };
  'bake-left-out': { step: string };
  'proportion-odd': {
    line: string;
    share: number;
    more: boolean;
    group: string;
    knownShare: number;
    knownAnimal: string;
  };
  'picture-gives-nothing': { picture: string; why: string };
  'landmarks-on-one-point': { picture: string; first: string; second: string };
  'views-of-different-animals': { first: string; second: string; percent: number; factor: number };
  'views-disagree': {
    landmark: string;
    /** Along which axis, in words: "in height". */
    axis: string;
    mm: number;
    percent: number;
    plusMinusMm: number;
    first: string;
    second: string;
    /** The picture that is likely wrong; empty where nothing tells. */
    outlier: string;
    others: number;
  };
  'reading-doubted': { bone: string; mm: number; meanMm: number };
  'marking-lost': { marking: string };
  'marking-hidden': { marking: string };
  'marking-too-fine': { marking: string; mm: number; leastMm: number };
  'markings-too-regular': { markings: string };
  'edges-too-hard': { hard: number; all: number };
  'too-many-colours': { colours: number; most: number };
  'colour-far-off': { zone: string; difference: number; picture: string; how: string };
  'too-small-to-make': { what: string; mm: number; leastMm: number; maxScale: number };
}

export type SnagCode = keyof SnagFacts;
