import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { greatest } from '../geometry/extremes.ts';
import type { Setting } from '../piece/materialIds.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import { bakeMinutes } from './bakeTime.ts';
import type { ClayKind, HeatCase } from './heatRequest.ts';
import type { HeatResult } from './heatRun.ts';

export type BakeId = keyof Workpiece['cure']['minutes'];

/** One time in the oven, or one round of setting. */
export interface BakeStage {
  readonly id: BakeId;
  readonly name: string;
  readonly what: string;
  /** The packet's rule for the thickest clay in it: minutes, or hours of setting. */
  readonly rule: Working;
  /** The place whose clay is hot last; null without heat. */
  readonly slowest: HeatCase['id'] | null;
  /** The longer of the rule and the physical time, its range up to the slow corner. */
  readonly needed: Working | null;
  /** Minutes to bake: needed, or as the user set them; null for clays that need no oven. */
  readonly bake: Working | null;
}

/** What a stage is worked out from. */
export interface StageFacts {
  readonly cure: Workpiece['cure'];
  /** Whether any region has a shell over a core. */
  readonly hasShell: boolean;
  readonly setting: Setting;
  readonly packets: readonly { readonly kind: ClayKind; readonly time: Working }[];
  readonly cases: readonly HeatCase[];
  /** Physical times, once they are worked out. */
  readonly heat: readonly { readonly result: HeatResult; readonly working: Working }[];
}

/** The bakes in order: small parts by themselves, the shell, and the finished surface. */
export function bakeStages(facts: StageFacts): readonly BakeStage[] {
  const { cure, setting, hasShell, cases } = facts;
  const verb = setting === 'oven' ? 'baked' : 'set';
  const shellFirst = cure.method === 'shell-first' && hasShell;
  const bodyFirst = cure.method === 'body-first';
  return [
    ...(cure.partsFirst && cases.some(({ kind }) => kind === 'parts')
      ? [
          stageOf(facts, {
            id: 'parts',
            name: say.parts,
            kinds: ['parts'],
            what: say.eyesClawsAndTeeth(verb),
          }),
        ]
      : []),
    ...(shellFirst
      ? [
          stageOf(facts, {
            id: 'shell',
            name: say.shell,
            kinds: ['shell'],
            what: say.thinEvenShellIs(verb),
          }),
        ]
      : []),
    ...(bodyFirst
      ? [
          stageOf(facts, {
            id: 'shell',
            name: say.bareBody,
            kinds: ['shell', 'solid'],
            what: say.bareBodyIs(verb),
          }),
        ]
      : []),
    stageOf(facts, {
      id: 'finish',
      name: say.finish,
      kinds: ['shell', 'solid', ...(cure.partsFirst ? [] : (['parts'] as const))],
      what: say.finishedSurfaceIsWith(verb),
    }),
  ];
}

interface Draft extends Pick<BakeStage, 'id' | 'name' | 'what'> {
  /** What clay is in it. */
  readonly kinds: readonly ClayKind[];
}

function stageOf(facts: StageFacts, { id, name, what, kinds }: Draft): BakeStage {
  const { cure, setting, packets, cases, heat } = facts;
  const inIt = packets.filter(({ kind }) => kinds.includes(kind));
  // Before the body is worked out, a bake goes by all the rules that are known.
  const rule = longest((inIt.length > 0 ? inIt : packets).map(({ time }) => time));
  const kindOf = (caseId: string): ClayKind | undefined =>
    cases.find((heatCase) => heatCase.id === caseId)?.kind;
  const warmed = heat.filter(({ result }) => kinds.includes(kindOf(result.caseId)!));
  const slow = warmed.toSorted((a, b) => b.working.value - a.working.value)[0];
  const needed = slow === undefined ? null : neededWorking(id, name, rule, warmed, cure.holdMin);
  const basis = needed ?? (setting === 'oven' ? rule : null);
  return {
    id,
    name,
    what,
    rule,
    slowest: slow?.result.caseId ?? null,
    needed,
    bake: basis && bakeWorking(id, name, basis, cure.minutes[id]),
  };
}

const longest = (times: readonly Working[]): Working =>
  times.reduce((most, time) => (time.value > most.value ? time : most));

/** The finish keeps the plain names: it is the bake that every piece has. */
const idOf = (what: string, id: BakeId): string =>
  id === 'finish' ? `cure.${what}` : `cure.${what}.${id}`;

function neededWorking(
  id: BakeId,
  name: string,
  rule: Working,
  warmed: StageFacts['heat'],
  holdMin: number,
): Working {
  const heat = longest(warmed.map(({ working }) => working));
  const slowestMin = greatest(warmed.map(({ working }) => working.range?.[1] ?? working.value));
  const value = bakeMinutes(rule.value, heat.value, holdMin);
  return {
    id: idOf('needed', id),
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

function bakeWorking(id: BakeId, name: string, basis: Working, own: number | null): Working {
  return {
    id: idOf('bake', id),
    stage: 'cure',
    label: say.bakeFor(name),
    value: own ?? Math.ceil(basis.value / STEP_MIN) * STEP_MIN,
    unit: 'min',
    provenance: own === null ? 'derived' : 'own',
    ...(own === null
      ? {
          formula: 'q · ⌈t / q⌉',
          inputs: [asInput('t', basis), input('q', say.roundedUpTo, STEP_MIN, 'min', 'memory')],
        }
      : asGiven(say.setByYou, own, 'min', 'own')),
    source: say.countFromMomentPiece,
  };
}
