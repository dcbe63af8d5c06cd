import type { ExpressionSpec, FreedomName } from '../../bodyPlan.ts';

/*
 * Expressions to start from, by body plan, from general knowledge of animals (memory): ears go forward when a mammal
 * listens and back when it threatens, and its tail rises; a bird that threatens holds its wings off its body and
 * lifts its tail; a reptile gapes; a beetle opens its mandibles. Degrees from rest by key, both sides alike. Toes
 * that stand are laid on the ground by the stance, and only those that do not are part of an expression.
 */

type Angles = Readonly<Record<string, Partial<Record<FreedomName, number>>>>;
const four = (
  calm: Angles,
  alert: Angles,
  threatening: Angles,
  feeding: Angles,
): readonly ExpressionSpec[] =>
  Object.freeze<ExpressionSpec[]>([
    { id: 'calm', lids: 0.78, angles: calm },
    { id: 'alert', lids: 1.12, angles: alert },
    { id: 'threatening', lids: 0.9, angles: threatening },
    { id: 'feeding', lids: 0.85, angles: feeding },
  ]);

const jaw = (flexion: number): Angles => ({ jaw: { flexion } });
const ear = (flexion: number, abduction: number): Angles => ({ ear: { flexion, abduction } });
const tail = (first: number, second = 0): Angles => ({
  tail1: { flexion: first },
  tail2: { flexion: second },
});

export const MAMMAL_EXPRESSIONS = four(
  { ...jaw(0), ...ear(0, -12), ...tail(0) },
  { ...jaw(0), ...ear(-14, 8), ...tail(16, 4) },
  { ...jaw(26), ...ear(38, -14), ...tail(26, 8) },
  { ...jaw(13), ...ear(8, -10), ...tail(4) },
);

/** How far the folded wings are swung out from the body. */
const wing = (flexion: number): Angles => ({ humerus: { flexion } });
export const BIRD_EXPRESSIONS = four(
  { ...jaw(0), ...wing(0), tail: { flexion: 0 } },
  { ...jaw(0), ...wing(0), tail: { flexion: 6 } },
  { ...jaw(22), ...wing(14), tail: { flexion: 16 } },
  { ...jaw(12), ...wing(0), tail: { flexion: 4 } },
);

const fingers = (flexion: number): Angles => ({ foreDigits: { flexion } });
export const THEROPOD_EXPRESSIONS = four(
  { ...jaw(0), ...fingers(12), ...tail(0) },
  { ...jaw(2), ...fingers(0), ...tail(4) },
  { ...jaw(38), ...fingers(-34), ...tail(12, 6) },
  { ...jaw(22), ...fingers(26), ...tail(2) },
);

export const PTEROSAUR_EXPRESSIONS = four(
  { ...jaw(0), fingers: { flexion: 0 }, ...tail(0) },
  { ...jaw(0), fingers: { flexion: 10 }, ...tail(8) },
  { ...jaw(32), fingers: { flexion: 24 }, ...tail(16, 6) },
  { ...jaw(18), fingers: { flexion: -10 }, ...tail(4) },
);

const curl = (abduction: number): Angles => ({
  tail1: { abduction },
  tail2: { abduction: 1.2 * abduction },
});
export const SPRAWLER_EXPRESSIONS = four(
  { ...jaw(0), ...curl(0) },
  { ...jaw(4), ...curl(8) },
  { ...jaw(40), ...curl(22) },
  { ...jaw(24), ...curl(4) },
);

/** Of a serpent: jaws alone; its body is its stance. */
export const SERPENT_EXPRESSIONS = four(jaw(0), jaw(0), jaw(58), jaw(46));

const fins = (abduction: number): Angles => ({
  pectoralFin: { abduction },
  pelvicFin: { abduction },
});
export const SWIMMER_EXPRESSIONS = four(
  { ...jaw(0), ...fins(0) },
  { ...jaw(2), ...fins(12) },
  { ...jaw(30), ...fins(26) },
  { ...jaw(20), ...fins(8) },
);

const feelers = (mandible: number, antenna: number): Angles => ({
  mandible: { flexion: mandible },
  antenna: { flexion: antenna },
});
export const INSECT_EXPRESSIONS = four(
  feelers(0, 0),
  feelers(-8, 14),
  feelers(-24, 20),
  feelers(6, -12),
);

const jaws = (chelicera: number, fang: number, palp: number): Angles => ({
  chelicera: { flexion: chelicera },
  fang: { flexion: fang },
  palpFemur: { abduction: palp },
});
export const SPIDER_EXPRESSIONS = four(
  jaws(0, 0, 0),
  jaws(4, 0, 12),
  jaws(26, 40, 26),
  jaws(10, -20, -8),
);
