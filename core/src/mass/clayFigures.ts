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
    packet: figure('packet', 'Packet', 'g', label.packetG, clay.packetG),
    temperature:
      clay.cureC === null
        ? null
        : figure('temperature', 'Cures at', 'degC', label.temperatureC, clay.cureC[2], [
            clay.cureC[0],
            clay.cureC[1],
          ]),
    limit: figure('limit', 'Never above', 'degC', label.limitC, clay.limitC),
    time: figure(
      'time',
      clay.setting === 'oven' ? 'Time on the packet' : 'Time to set',
      clay.time.unit,
      clay.setting === 'oven' ? label.minutes : null,
      clay.time.range[2],
      [clay.time.range[0], clay.time.range[1]],
    ),
    perMm: figure('per', 'for each thickness of', 'mm', label.perMm, clay.time.perMm),
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
    label: use === 'clay' ? label : `${label} (shells)`,
    value: read ?? usual,
    unit,
    provenance: read === null ? 'memory' : 'own',
    ...asGiven(
      read === null ? `Typical of the class “${clay.name}”` : 'On the packet’s label',
      read ?? usual,
      unit,
      read === null ? 'memory' : 'own',
    ),
    source:
      read === null
        ? 'from memory: enter the figure of your own label, which wins'
        : `label of ${choice.name}; it wins over the class`,
    ...(range === undefined ? {} : { range }),
  });

/** Mass over volume of the user's own block, or the class's typical density. g/ml. */
function densityWorking(choice: ClayChoice, clay: ClayClass, use: ClayUse): Working {
  const common = {
    id: `${use}.density`,
    stage: 'mass',
    label: use === 'clay' ? 'Density of the clay' : 'Density of the shells’ clay',
    unit: 'g/ml',
    range: [clay.densityGPerMl[0], clay.densityGPerMl[1]],
  } as const;
  const block = choice.weighed;
  if (block === null) {
    return {
      ...common,
      value: clay.densityGPerMl[2],
      provenance: 'memory',
      ...asGiven(`Typical of the class “${clay.name}”`, clay.densityGPerMl[2], 'g/ml', 'memory'),
      source: 'from memory; weigh a block of your own clay to replace it',
    };
  }
  const ml = (block.lengthMm * block.widthMm * block.heightMm) / 1000;
  return {
    ...common,
    value: block.grams / ml,
    provenance: 'measured',
    formula: 'ρ = m / (a · b · c)',
    inputs: [
      input('m', 'Block on the scale', block.grams, 'g', 'measured'),
      input('a', 'Block, length', block.lengthMm, 'mm', 'measured'),
      input('b', 'Block, width', block.widthMm, 'mm', 'measured'),
      input('c', 'Block, height', block.heightMm, 'mm', 'measured'),
    ],
    source: 'your own weighing; definition of density',
  };
}
