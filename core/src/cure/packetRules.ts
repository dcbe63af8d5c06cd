import * as say from './words.ts';
import type { MassPlan } from '../mass/planMass.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { PacketRule } from './bakeStages.ts';
import { packetRuleMin } from './bakeTime.ts';
import type { ClayKind, HeatCase } from './heatCases.ts';

const LABELS: Readonly<Record<ClayKind, readonly [thick: string, time: string]>> = {
  solid: [say.thickestSolidPart, say.solidParts],
  shell: [say.thickestShell, say.shell],
  parts: [say.thickestPartMadeApart, say.partsMadeApart],
  apart: [say.thickestOfBodyPart, say.bodyPartsMadeApart],
};

/** The packet's rule for each place: so long for each so many millimetres, as a minimum. A shell has one for both of its cores. */
export const packetRules = (
  cases: readonly HeatCase[],
  mass: MassPlan | null,
): readonly PacketRule[] =>
  cases
    .filter(({ isOnCore }) => !isOnCore)
    .map((heatCase) => {
      const thickness = thicknessOf(heatCase, mass);
      return { caseId: heatCase.id, thickness, time: timeOf(heatCase, thickness) };
    });

/** What stands behind the kind in the ids of its numbers: nothing for the finish. */
const suffixOf = ({ bake }: HeatCase): string => (bake === 'finish' ? '' : `.${bake}`);

function thicknessOf(heatCase: HeatCase, mass: MassPlan | null): Working {
  const { kind, place, thicknessMm, bake } = heatCase;
  const measured = mass?.thickness.every((region) => region.measured) ?? false;
  return {
    id: `cure.thickness.${kind}${suffixOf(heatCase)}`,
    stage: 'cure',
    label: LABELS[kind][0],
    value: thicknessMm,
    unit: 'mm',
    provenance: 'derived',
    formula: 'd',
    inputs: [input('d', place, thicknessMm, 'mm', 'derived')],
    note:
      kind === 'parts'
        ? say.diameterOfEye
        : bake === 'shell'
          ? say.thickestClayLessSkin
          : say.thickestClayThereAs,
    source:
      kind === 'parts'
        ? say.clawsAndTeethAre
        : measured
          ? say.largestBallOfClay
          : say.depthOfFleshAt,
  };
}

function timeOf(heatCase: HeatCase, thickness: Working): Working {
  const { kind, figures } = heatCase;
  const { setting } = figures.clay;
  const [low, high] = figures.time.range ?? [figures.time.value, figures.time.value];
  const chemical = setting === 'chemical';
  const inOven = setting === 'oven';
  const rule = (time: number): number =>
    chemical ? time : packetRuleMin(time, figures.perMm.value, thickness.value);
  return {
    id: `cure.packet.${kind}${suffixOf(heatCase)}`,
    stage: 'cure',
    label: `${LABELS[kind][1]}, ${inOven ? say.byPacketsRuleAt : say.setOrDryIn}`,
    value: rule(figures.time.value),
    unit: figures.time.unit,
    provenance: 'derived',
    formula: chemical ? 't = T' : 't = T · max(1, d / p)',
    inputs: [asInput('T', figures.time), asInput('d', thickness), asInput('p', figures.perMm)],
    source: inOven ? say.ruleOfPacketCounted : say.commonPracticeWarmDry,
    range: [rule(low), rule(high)],
  };
}
