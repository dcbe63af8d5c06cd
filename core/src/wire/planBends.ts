import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Bend, BendSchedule } from './bendSchedule.ts';
import { angleToBendTo } from './springback.ts';
import type { Forming } from './formingBend.ts';
import { addsToFeed, type PlannedBend, type WireFeature } from './plannedWire.ts';
import type { Route } from './routes.ts';

const BENDING = say.lengthRotationAngleTables;

/** What the bends of one wire are planned from. */
export interface BendSetting {
  readonly wireId: string;
  readonly route: Route;
  readonly schedule: BendSchedule;
  readonly features: readonly WireFeature[];
  /** How the wire springs back at a finished radius, mm. */
  readonly formingAt: (radiusMm: number) => Forming | undefined;
}

/** The bends of a wire with their workings; marks count from its cut end. */
export function planBends(setting: BendSetting): readonly PlannedBend[] {
  const { schedule, features, route } = setting;
  let usedMm = 0;
  return schedule.bends.map((bend, i) => {
    const draft = workingDraft(setting.wireId, i + 1);
    const feed = feedWorking(
      draft,
      schedule,
      i,
      features.filter((feature) => feature.afterBend === i && addsToFeed(feature)),
    );
    const angle = angleWorking(draft, bend);
    const mark = markWorking(draft, feed, usedMm);
    usedMm = mark.value + bend.arcMm;
    const forming = setting.formingAt(bend.radiusMm);
    return {
      number: i + 1,
      place: route.points[bend.vertex]?.name ?? 'bend',
      routePoint: bend.vertex,
      at: schedule.vertices[i + 1]!,
      feed,
      mark,
      middle: middleWorking(draft, bend, mark),
      turn: turnWorking(draft, bend, i),
      angle,
      bendTo: forming && bendToWorking(draft, bend, angle, forming),
      forming,
    };
  });
}

type Draft = (
  what: string,
  label: string,
) => Pick<Working, 'id' | 'stage' | 'label' | 'provenance' | 'source' | 'target'>;

function workingDraft(wireId: string, number: number): Draft {
  return (what, label) => ({
    id: `wire.${wireId}.bend.${number}.${what}`,
    stage: 'wire',
    label: say.bend(number, label),
    provenance: 'derived',
    source: BENDING,
    target: { kind: 'bend', wireId: wireId, bend: number },
  });
}

function feedWorking(
  draft: Draft,
  schedule: BendSchedule,
  i: number,
  extras: readonly WireFeature[],
): Working {
  const before = schedule.bends[i - 1]?.tangentMm ?? 0;
  const wound = schedule.wound?.feed === i;
  const extraMm = extras.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
  return {
    ...draft('feed', wound ? say.woundBeforeIt : say.straightBeforeIt),
    value: (schedule.feedsMm[i] as number) + extraMm,
    unit: 'mm',
    formula: `feed = ${extras.length > 0 ? 'Σ aᵢ + ' : ''}leg − T₁ − T₂`,
    note: 'The set-back of a bend is R·tan(θ/2).',
    inputs: [
      ...extras.map(({ name, lengthMm }) => input('aᵢ', name, lengthMm, 'mm' as const, 'derived')),
      input(
        'leg',
        wound ? say.turnsRoundSpine : say.straightLineFromJoint,
        schedule.legsMm[i] as number,
        'mm',
        'derived',
      ),
      input('T₁', say.setBackOfBend, before, 'mm', 'derived'),
      input('T₂', say.setBackOfThis, schedule.bends[i]!.tangentMm, 'mm', 'derived'),
    ],
  };
}

function markWorking(draft: Draft, feed: Working, usedMm: number): Working {
  return {
    ...draft('mark', 'mark'),
    value: usedMm + feed.value,
    unit: 'mm',
    formula: 'mark = before + feed',
    note: say.arcBeginsAtMark,
    inputs: [
      input('before', say.wireUsedBeforeFrom, usedMm, 'mm', 'derived'),
      asInput('feed', feed),
    ],
  };
}

function middleWorking(draft: Draft, bend: Bend, mark: Working): Working {
  return {
    ...draft('middle', say.itsMiddle),
    value: mark.value + bend.arcMm / 2,
    unit: 'mm',
    formula: 'middle = mark + R · θ / 2',
    note: say.bendByHandAt,
    inputs: [
      asInput('mark', mark),
      input('R', say.bendRadiusOfFinished, bend.radiusMm, 'mm', 'own'),
      input('θ', say.angle, bend.bendDeg, 'deg', 'derived'),
    ],
  };
}

function turnWorking(draft: Draft, bend: Bend, i: number): Working {
  return {
    ...draft('turn', 'turn'),
    value: bend.turnDeg,
    unit: 'deg',
    ...(i === 0
      ? { formula: '0', note: say.firstBendSetsPlane }
      : {
          reading: {
            method: say.fromPlaneOfBend,
            resolution: say.exactStraightLinesFromJoint,
            checkedBy: 'core/src/wire/bends.test.ts',
          },
        }),
    inputs: [],
  };
}

function angleWorking(draft: Draft, bend: Bend): Working {
  return {
    ...draft('angle', 'angle'),
    value: bend.bendDeg,
    unit: 'deg',
    reading: {
      method: say.changeOfDirectionOf,
      resolution: say.exactStraightLinesFromJoint,
      checkedBy: 'core/src/wire/bends.test.ts',
    },
    inputs: [input('R', say.bendRadiusOfFinished, bend.radiusMm, 'mm', 'own')],
  };
}

function bendToWorking(draft: Draft, bend: Bend, angle: Working, forming: Forming): Working {
  return {
    ...draft('bend-to', say.bendTo),
    value: angleToBendTo(bend.bendDeg, forming.finishedMm, forming.formingMm),
    unit: 'deg',
    provenance: 'derived',
    formula: 'θ · R / r',
    note: say.radiusToFormIs,
    inputs: [
      asInput('θ', angle),
      input('R', say.finishedBendRadius, forming.finishedMm, 'mm', 'own'),
      input('r', say.radiusToFormUnder, forming.formingMm, 'mm', 'derived'),
      input('Y', say.flowStressAtThis, forming.flowStressMPa, say.mpa, forming.provenance),
      ...(forming.sheetOverBend === undefined
        ? []
        : [
            input(
              'sheet',
              say.bendToByPublished,
              bend.bendDeg * forming.sheetOverBend,
              'deg',
              'published',
            ),
          ]),
    ],
    source: say.kalpakjianSchmidChAnd(forming.source),
  };
}
