import * as say from './words.ts';
import { SHELL } from '../bakes/bakeItems.ts';
import { curesFromC } from '../bakes/cureRange.ts';
import type { PlannedBake } from '../bakes/planOrder.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { greatest } from '../geometry/extremes.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import { bakeMinutes } from './bakeTime.ts';
import { preheatMinutes, type OvenNumbers } from './bakeOvens.ts';
import { gunMinutes } from './heatGun.ts';
import { coolingMinutes } from './cooling.ts';
import type { HeatCase } from './heatCases.ts';
import type { HeatResult } from './heatRun.ts';

/** The packet's rule for one kind of clay in one bake. */
export interface PacketRule {
  readonly caseId: string;
  readonly thickness: Working;
  readonly time: Working;
}

/** One time in the oven, or one round of setting. */
export interface BakeStage extends PlannedBake, OvenNumbers {
  readonly name: string;
  readonly what: string;
  readonly cases: readonly HeatCase[];
  /** The packet's rule for the thickest clay in it: minutes, or hours of setting. */
  readonly rule: Working;
  /** The place whose clay is hot last; null without heat. */
  readonly slowest: string | null;
  /** The longer of the rule and the physical time, its range up to the slow corner. */
  readonly needed: Working | null;
  /** Minutes to bake: needed, or as the user set them; null for what needs no oven. */
  readonly bake: Working | null;
  /** How long the oven takes to get there; null for what needs no oven. */
  readonly preheat: Working | null;
  /** How long it cools until it may be handled; null for what needs no oven. */
  readonly cooling: Working | null;
  /** How long a heat gun takes for it, where all in it is small enough; null where it is not. */
  readonly gun: Working | null;
  /** Whether the user does it with the heat gun. */
  readonly byGun: boolean;
}

/** What a stage is worked out from. */
export interface StageFacts {
  readonly cure: Workpiece['cure'];
  readonly cases: readonly HeatCase[];
  readonly packets: readonly PacketRule[];
  /** Physical times, once they are worked out. */
  readonly heat: readonly { readonly result: HeatResult; readonly working: Working }[];
}

/** A planned bake with its name, its times and its oven. */
export function bakeStage(bake: PlannedBake, ovens: OvenNumbers, facts: StageFacts): BakeStage {
  const { cure, heat } = facts;
  const name = nameOf(bake);
  const cases = facts.cases.filter((heatCase) => heatCase.bake === bake.id);
  const ids = new Set(cases.map(({ id }) => id));
  const rule = longest(
    facts.packets.filter(({ caseId }) => ids.has(caseId)).map(({ time }) => time),
  );
  const warmed = heat.filter(({ result }) => ids.has(result.caseId));
  const slow = warmed.toSorted((a, b) => b.working.value - a.working.value)[0];
  const needed = slow === undefined ? null : neededWorking(bake, name, rule, warmed, cure.holdMin);
  const basis = needed ?? (bake.inOven ? rule : null);
  const gun = bake.inOven ? gunMinutes(bake, name, cases, ovens.oven?.value ?? 0) : null;
  return {
    ...bake,
    ...ovens,
    ...{ name, cases, rule, needed, gun, preheat: preheatMinutes(bake, ovens.oven, cure) },
    cooling: coolingMinutes(
      bake,
      name,
      ovens.oven,
      slow === undefined ? null : warmedBy(slow, cases),
    ),
    what: whatOf(bake),
    slowest: slow?.result.caseId ?? null,
    bake: basis && bakeWorking(bake, name, basis, cure.minutes[bake.id]),
    byGun: gun !== null && cure.gun.includes(bake.id),
  };
}

/** When its slowest clay was warm, and from where on that cures. */
const warmedBy = (
  { result, working }: StageFacts['heat'][number],
  cases: readonly HeatCase[],
): { readonly time: Working; readonly lowC: number } => ({
  time: working,
  lowC: curesFromC(cases.find(({ id }) => id === result.caseId)!.figures),
});

const longest = (times: readonly Working[]): Working =>
  times.reduce((most, time) => (time.value > most.value ? time : most));

/** Its name; a second one of a kind is told by its number. */
function nameOf({ kind, id, items }: PlannedBake): string {
  const isBody = items.some((item) => item.id === SHELL && item.name === say.bareBodyItem);
  const names = {
    parts: say.parts,
    shell: isBody ? say.bareBody : say.shell,
    apart: say.apartBake,
    finish: say.finish,
    late: say.lateBake,
    setting: say.settingRound,
  };
  const nth = /-(\d+)$/.exec(id)?.[1];
  return nth === undefined ? names[kind] : `${names[kind]} ${nth}`;
}

function whatOf({ kind, items, inOven }: PlannedBake): string {
  const verb = inOven ? say.bakedVerb : say.setVerb;
  const isBody = items.some((item) => item.id === SHELL && item.name === say.bareBodyItem);
  const more = items.some((item) => item.kind === 'part') ? say.smallPartsWithIt : '';
  const words = {
    parts: say.smallPartsAre(verb),
    shell: `${isBody ? say.bareBodyIs(verb) : say.thinEvenShellIs(verb)}${more}`,
    apart: say.apartIs(verb),
    finish: say.finishedSurfaceIsWith(verb),
    late: say.lateIs(verb),
    setting: say.settingIs,
  };
  return words[kind];
}

/** The finish keeps the plain names: it is the bake that every piece has. */
export const bakeNumberId = (what: string, { id }: Pick<PlannedBake, 'id'>): string =>
  id === 'finish' ? `cure.${what}` : `cure.${what}.${id}`;

function neededWorking(
  bake: PlannedBake,
  name: string,
  rule: Working,
  warmed: StageFacts['heat'],
  holdMin: number,
): Working {
  const heat = longest(warmed.map(({ working }) => working));
  const slowestMin = greatest(warmed.map(({ working }) => working.range?.[1] ?? working.value));
  const value = bakeMinutes(rule.value, heat.value, holdMin);
  return {
    id: bakeNumberId('needed', bake),
    stage: 'cure',
    label: say.neededInHotOven(name),
    value,
    unit: 'min',
    provenance: 'derived',
    formula: 't = max(packet, heat + hold)',
    inputs: [
      asInput('packet', rule),
      asInput('heat', heat),
      input('hold', say.keptInAfterThat, holdMin, 'min', 'own'),
    ],
    source: say.longerOfPacketsRule,
    range: [value, bakeMinutes(rule.value, slowestMin, holdMin)],
  };
}

/** Bakes are told in full steps of so many minutes: common practice. */
const STEP_MIN = 5;

function bakeWorking(
  bake: PlannedBake,
  name: string,
  basis: Working,
  own: number | undefined,
): Working {
  return {
    id: bakeNumberId('bake', bake),
    stage: 'cure',
    label: say.bakeFor(name),
    value: own ?? Math.ceil(basis.value / STEP_MIN) * STEP_MIN,
    unit: 'min',
    provenance: own === undefined ? 'derived' : 'own',
    ...(own === undefined
      ? {
          formula: 'q · ⌈t / q⌉',
          inputs: [asInput('t', basis), input('q', say.roundedUpTo, STEP_MIN, 'min', 'memory')],
        }
      : asGiven(say.setByYou, own, 'min', 'own')),
    source: say.countFromMomentPiece,
  };
}
