import * as say from './words.ts';
import type { ClayChoice } from '../piece/pieceSchema.ts';
import { asGiven, input, type Working } from '../piece/working.ts';
import { clayById, type ClayClass } from './clays.ts';

/** The figures that hold for the user's clay: the label where it was read, else the class. */
export interface ClayFigures {
  readonly clay: ClayClass;
  /** What the user calls it. */
  readonly name: string;
  readonly density: Working;
  readonly packet: Working;
  /** Null for clays that need no oven. */
  readonly temperature: Working | null;
  readonly limit: Working;
  /** Minutes or hours for each `perMm`. */
  readonly time: Working;
  readonly perMm: Working;
}

/** Which clay of the piece: the one of the whole, or another one for the shells. */
export type ClayUse = 'clay' | 'shell-clay';

/** Works out which figure of a clay holds, and says where it comes from. */
export function clayFigures(choice: ClayChoice, use: ClayUse = 'clay'): ClayFigures {
  const clay = clayById(choice.classId);
  const { label } = choice;
  const figure = figureOf(choice, clay, use);
  return {
    clay,
    name: choice.name,
    density: densityWorking(choice, clay, use),
    packet: figure('packet', say.packet, 'g', label.packetG, clay.packetG),
    temperature:
      clay.cureC === null
        ? null
        : figure('temperature', say.curesAt, 'degC', label.temperatureC, clay.cureC[2], [
            clay.cureC[0],
            clay.cureC[1],
          ]),
    limit: figure('limit', say.neverAbove, 'degC', label.limitC, clay.limitC),
    time: figure(
      'time',
      clay.setting === 'oven' ? say.timeOnPacket : say.timeToSet,
      clay.time.unit,
      clay.setting === 'oven' ? label.minutes : null,
      clay.time.range[2],
      [clay.time.range[0], clay.time.range[1]],
    ),
    perMm: figure('per', say.forEachThicknessOf, 'mm', label.perMm, clay.time.perMm),
  };
}

type Figure = (
  id: string,
  label: string,
  unit: Working['unit'],
  read: number | null,
  usual: number,
  range?: readonly [number, number],
) => Working;

const figureOf =
  (choice: ClayChoice, clay: ClayClass, use: ClayUse): Figure =>
  (id, label, unit, read, usual, range) => ({
    id: `${use}.${id}`,
    stage: 'cure',
    label: use === 'clay' ? label : say.shells(label),
    value: read ?? usual,
    unit,
    provenance: read === null ? 'memory' : 'own',
    ...asGiven(
      read === null ? say.typicalOfClass(clay.name) : say.onPacketsLabel,
      read ?? usual,
      unit,
      read === null ? 'memory' : 'own',
    ),
    source: read === null ? say.fromMemoryEnterFigure : say.labelOfItWins(choice.name),
    ...(range === undefined ? {} : { range }),
  });

/** Mass over volume of the user's own block, or the class's typical density. g/ml. */
function densityWorking(choice: ClayChoice, clay: ClayClass, use: ClayUse): Working {
  const common = {
    id: `${use}.density`,
    stage: 'mass',
    label: use === 'clay' ? say.densityOfClay : say.densityOfShellsClay,
    unit: 'g/ml',
    range: [clay.densityGPerMl[0], clay.densityGPerMl[1]],
  } as const;
  const block = choice.weighed;
  if (block === null) {
    return {
      ...common,
      value: clay.densityGPerMl[2],
      provenance: 'memory',
      ...asGiven(say.typicalOfClass(clay.name), clay.densityGPerMl[2], 'g/ml', 'memory'),
      source: say.fromMemoryWeighBlock,
    };
  }
  const ml = (block.lengthMm * block.widthMm * block.heightMm) / 1000;
  return {
    ...common,
    value: block.grams / ml,
    provenance: 'measured',
    formula: 'ρ = m / (a · b · c)',
    inputs: [
      input('m', say.blockOnScale, block.grams, 'g', 'measured'),
      input('a', say.blockLength, block.lengthMm, 'mm', 'measured'),
      input('b', say.blockWidth, block.widthMm, 'mm', 'measured'),
      input('c', say.blockHeight, block.heightMm, 'mm', 'measured'),
    ],
    source: say.yourOwnWeighingDefinition,
  };
}
