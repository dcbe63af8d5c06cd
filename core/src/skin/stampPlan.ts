import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { StampChoice } from '../piece/skinSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { nearestWhole } from './planting.ts';
import type { ZonePlan } from './zonePlan.ts';

/** A stamp or a roller for a zone: its face, how often it is pressed, and how a roller's pattern closes. */
export interface StampPlan {
  readonly choice: StampChoice;
  readonly zone: ZonePlan;
  /** A scale on its face. */
  readonly scaleWide: Working;
  readonly scaleLong: Working;
  /** The face, across and along. */
  readonly wide: Working;
  readonly long: Working;
  /** Presses for the zone; null while its area is not known. */
  readonly presses: Working | null;
  readonly minutes: Working | null;
  /** Of a roller: how long its pattern is once round, and what that is off its circumference. */
  readonly round: Working | null;
  readonly seam: Working | null;
}

/** Presses lie on each other by so much of the face, so that no edge shows. Common practice. */
const LAPPED = 0.1;

type Common = Pick<Working, 'id' | 'stage' | 'provenance' | 'target'>;

const common = (choice: StampChoice, what: string): Common => ({
  id: `skin.stamp.${choice.id}.${what}`,
  stage: 'skin',
  provenance: 'derived',
  target: { kind: 'zone', id: choice.zone },
});

/** A stamp of the piece; null where its zone has no scales. */
export function stampPlan(
  choice: StampChoice,
  zones: readonly ZonePlan[],
  skin: Workpiece['skin'],
): StampPlan | null {
  const zone = zones.find((entry) => entry.zone.id === choice.zone);
  const width = zone?.width ?? null;
  if (zone === undefined || width === null) return null;
  const wide = faceWide(choice, width);
  const long = faceLong(choice, zone.length);
  const round = choice.kind === 'roller' ? roundWorking(choice) : null;
  const presses = zone.area && pressesWorking(choice, zone.area, wide, round ?? long);
  return {
    ...{ choice, zone, wide, long, round, presses },
    scaleWide: width,
    scaleLong: zone.length,
    seam: round && seamWorking(choice, round, long),
    minutes: presses && {
      ...common(choice, 'minutes'),
      label: say.minutesOf(choice.name),
      value: (presses.value * skin.pace.pressS) / 60,
      unit: 'min',
      formula: 't = P · q',
      inputs: [asInput('P', presses), input('q', say.secondsAPress, skin.pace.pressS, 's', 'own')],
      source: say.paceOfYours,
    },
  };
}

const faceWide = (choice: StampChoice, width: Working): Working => ({
  ...common(choice, 'wide'),
  label: say.faceWide(choice.name),
  value: choice.across * width.value,
  unit: 'mm',
  formula: 'b = k · w',
  inputs: [input('k', say.scalesAcross, choice.across, 'count', 'own'), asInput('w', width)],
  source: say.faceOfScales,
});

const faceLong = (choice: StampChoice, length: Working): Working => ({
  ...common(choice, 'long'),
  label: choice.kind === 'roller' ? say.patternOnce(choice.name) : say.faceLong(choice.name),
  value: choice.along * length.value,
  unit: 'mm',
  formula: 'c = m · l',
  inputs: [input('m', say.scalesAlong, choice.along, 'count', 'own'), asInput('l', length)],
  source: say.faceOfScales,
});

const roundWorking = (choice: StampChoice): Working => ({
  ...common(choice, 'round'),
  label: say.circumferenceOf(choice.name),
  value: Math.PI * choice.diameterMm,
  unit: 'mm',
  formula: 'u = π · d',
  inputs: [input('d', say.diameter, choice.diameterMm, 'mm', 'own')],
  source: say.circle,
});

const seamWorking = (choice: StampChoice, round: Working, long: Working): Working => ({
  ...common(choice, 'seam'),
  label: say.seamOf(choice.name),
  value: round.value - long.value,
  unit: 'mm',
  digits: 2,
  formula: 's = u − c',
  inputs: [asInput('u', round), asInput('c', long)],
  source: say.patternCloses,
});

const pressesWorking = (
  choice: StampChoice,
  area: Working,
  wide: Working,
  long: Working,
): Working => ({
  ...common(choice, 'presses'),
  label: choice.kind === 'roller' ? say.turnsOf(choice.name) : say.pressesOf(choice.name),
  value: nearestWhole((100 * area.value) / (wide.value * long.value * (1 - LAPPED))),
  unit: 'count',
  formula: 'P = max(1, ⌊a / (b · c · (1 − o))⌉)',
  inputs: [
    asInput('a', area),
    asInput('b', wide),
    asInput('c', long),
    input('o', say.pressesLap, LAPPED, 'ratio', 'memory'),
  ],
  source: say.eachCoversItsOwn,
});
