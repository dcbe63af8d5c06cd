import { STAGES } from './working.ts';
import type { Snag } from './snag.ts';
import { severityOf } from './snagSeverity.ts';

/** What the maker knows and lives with: how bad each snag was when it was accepted, by {@link snagKey}. */
export type AcceptedSnags = Readonly<Record<string, number>>;

/** A snag by what it is and where: the same trouble at the same place has the same. */
export const snagKey = ({ code, target }: Pick<Snag, 'code' | 'target'>): string => {
  if (target === undefined) return code;
  const where = 'id' in target ? target.id : 'wireId' in target ? target.wireId : '';
  return `${code} ${where}`;
};

/** Rounding is no change for the worse. */
const ROUNDING = 1e-6;

/** Whether a snag was accepted and is no worse than it was then. */
export function isAccepted(snag: Snag, accepted: AcceptedSnags): boolean {
  const key = snagKey(snag);
  if (!Object.hasOwn(accepted, key)) return false;
  const then = accepted[key]!;
  return severityOf(snag) <= then + ROUNDING * Math.max(1, Math.abs(then));
}

/** What accepting a snag writes down, with all those that are one sentence with it. */
export const acceptanceOf = (snag: Snag): AcceptedSnags =>
  Object.fromEntries(
    everySnag([snag]).map((one): [string, number] => [snagKey(one), severityOf(one)]),
  );

/** Snags one by one, those of one sentence apart. */
export const everySnag = (snags: readonly Snag[]): readonly Snag[] =>
  snags.flatMap(({ alike = [], ...snag }) => [snag as Snag, ...alike]);

/** Trouble of one kind that has many places and one remedy. */
const ALIKE: ReadonlySet<Snag['code']> = new Set([
  'wire-too-weak',
  'wire-too-thick',
  'peg-shows',
  'clay-too-thick',
  'shell-over-limb',
  'hair-finer-than-tool',
  'no-tool',
  'scale-too-large',
  'too-small-to-make',
  'foot-off-base',
  'angle-beyond-limit',
  'feet-off-board',
  'beyond-board',
  'foot-off-perch',
  'coat-takes-all',
  'bend-too-short',
  'body-in-ground',
  'bend-tight-for-metal',
  'springback-too-large',
]);

/** Snags of one kind, grade and stage as one: the worst of them, with the others as those alike. In their order. */
export function grouped(snags: readonly Snag[]): readonly Snag[] {
  const groups = new Map<string, Snag[]>();
  snags.forEach((snag, i) => {
    const { code, grade, stage } = snag;
    const key = ALIKE.has(code) ? `${code} ${grade} ${stage}` : `${i}`;
    groups.set(key, [...(groups.get(key) ?? []), snag]);
  });
  return [...groups.values()].map((group) => {
    const worst = group.reduce((a, b) => (severityOf(b) > severityOf(a) ? b : a));
    const alike = group.filter((snag) => snag !== worst);
    return alike.length === 0 ? worst : { ...worst, alike };
  });
}

/** Snags with those that must be fixed first; otherwise in the order of the work, the cheapest first. */
export const worstFirst = (snags: readonly Snag[]): readonly Snag[] =>
  snags.toSorted(
    (a, b) =>
      Number(a.grade === 'watch') - Number(b.grade === 'watch') ||
      STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage),
  );
