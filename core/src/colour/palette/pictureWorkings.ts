import * as say from './words.ts';
import type { Triple } from '../../geometry/matrix3.ts';
import { input, type Working } from '../../piece/working.ts';
import type { PictureAnswer } from './areaColour.ts';

/** What a picture told, each as a number with its working. */
export interface PictureWorkings {
  /** In the order of the palette. */
  readonly shares: readonly Working[];
  /** Evenness of the area, its shade and its light; none where nothing is left to look at. */
  readonly area: readonly Working[];
  /** What the card took out; none without a card. */
  readonly cast: readonly Working[];
  /** Null where nothing is burnt out. */
  readonly burnt: Working | null;
}

/** The numbers of a picture's answer; `light` is what each channel was multiplied by. */
export function pictureWorkings(answer: PictureAnswer, light: Triple): PictureWorkings {
  const { palette, pixels, burntPixels } = answer;
  const counted = pixels - burntPixels;
  const hasCast = light.some((v) => v !== light[1]);
  return {
    shares: palette.map(({ hex, pixels: its }, i) =>
      percent(`share.${i + 1}`, say.shareOf(hex), say.byMeans, 's = n / N', [
        ['n', say.pixelsOfIt, its],
        ['N', say.pixelsThatCount, counted],
      ]),
    ),
    area: areaWorkings(answer, counted),
    cast: hasCast
      ? [
          castWorking('red', say.redAgainst, light[0], light[1]),
          castWorking('blue', say.blueAgainst, light[2], light[1]),
        ]
      : [],
    burnt:
      burntPixels === 0
        ? null
        : percent('burnt', say.burntOut, say.byteFrom, 'b = n / N', [
            ['n', say.burntPixels, burntPixels],
            ['N', say.pixelsLookedAt, pixels],
          ]),
  };
}

type Given = readonly [symbol: string, label: string, value: number];

const common = (id: string, label: string, source: string) =>
  ({
    ...{ id: `colour.picture.${id}`, label, source },
    ...({ stage: 'colour', provenance: 'photo' } as const),
  }) as const;

function percent(
  id: string,
  label: string,
  source: string,
  formula: string,
  given: readonly [over: Given, under: Given],
  unit: 'count' | 'ratio' = 'count',
): Working {
  const [over, under] = given;
  return {
    ...{ ...common(id, label, source), unit: 'percent', digits: 0, formula },
    value: (100 * over[2]) / under[2],
    inputs: given.map(([symbol, name, value]) => input(symbol, name, value, unit, 'photo')),
  };
}

function areaWorkings({ area }: PictureAnswer, counted: number): readonly Working[] {
  if (area === null) return [];
  const against = (id: 'shade' | 'light', label: string, l: number): Working =>
    percent(
      id,
      label,
      say.fifths,
      'k = l / b',
      [
        ['l', say.lightnessThere, l],
        ['b', say.lightnessOfBase, area.baseL],
      ],
      'ratio',
    );
  return [
    {
      ...{ ...common('spread', say.spreadOfArea, say.spreadMethod), unit: 'ratio', digits: 1 },
      ...{ value: area.spread, inputs: [] },
      reading: {
        ...{ method: say.spreadMethod, resolution: say.spreadOver(counted) },
        checkedBy: 'core/src/colour/palette/palette.test.ts',
      },
    },
    against('shade', say.shadeAgainst, area.shadeL),
    against('light', say.lightAgainst, area.lightL),
  ];
}

const castWorking = (
  channel: 'red' | 'blue',
  label: string,
  value: number,
  green: number,
): Working => ({
  ...{
    ...common(channel, label, say.cardOverShown),
    unit: 'ratio',
    digits: 2,
    formula: 'c = k / g',
  },
  value: value / green,
  inputs: [
    input('k', say.timesOf(channel), value, 'ratio', 'photo'),
    input('g', say.timesOf('green'), green, 'ratio', 'photo'),
  ],
});
