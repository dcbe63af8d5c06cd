import * as say from './words.ts';
import { listSentence, UNTOLD, type Sentence, type Step } from '../piece/step.ts';
import type { FeatherPlan } from '../skin/feathers/featherPlan.ts';
import type { FeatherRowPlan } from '../skin/feathers/featherRow.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { byMinutes } from './byMinutes.ts';

/** From the tail forwards, in a wing from its tip towards the body. Common practice. */
const ORDER: readonly FeatherRowPlan['row']['id'][] = ['tail', 'primaries', 'secondaries'];

const rowsOf = ({ rows }: FeatherPlan): readonly FeatherRowPlan[] =>
  rows.toSorted((a, b) => ORDER.indexOf(a.row.id) - ORDER.indexOf(b.row.id));

const stepId = ({ row }: FeatherRowPlan): string => `skin.feathers.${row.id}`;
/** When feathers that are cut from sheet are cut, and when they are set. */
const [CUT, MOUNT] = ['skin.feathers.cut', 'skin.feathers.mount'] as const;

/** Feathers that are pressed into the clay or laid on it as leaves, row by row; each lies on the one before. */
export function clayFeatherSteps(
  { feathers }: SkinPlan,
  needs: readonly string[],
): readonly Step[] {
  if (feathers === null) return [];
  return rowsOf(feathers)
    .filter(({ way }) => way !== 'cut')
    .map((of, i, all): Step => {
      const [id, name] = [stepId(of), of.row.name.toLowerCase()];
      const title = of.way === 'pressed' ? say.pressFeathers(name) : say.layFeathers(name);
      return {
        ...{ id, title, stage: 'skin', work: of.way === 'pressed' ? 'texture' : 'model' },
        sentence: [
          of.many,
          say.feathersLongest,
          longestOn(of),
          ...(of.way === 'pressed' && feathers.step !== null
            ? [say.edgesAsSteps, feathers.step]
            : []),
          of.way === 'pressed' ? say.shaftsStayFree : say.leavesBedded,
        ],
        cautions: ['sharp'],
        needs: [...needs, ...all.slice(0, i).map(stepId)],
        ...byMinutes(id, title, [of.minutes]),
      };
    });
}

/** The rows in the clay that a zone's own strokes run over. */
export const featherNeeds = ({ feathers }: SkinPlan, zone: string): readonly string[] =>
  feathers === null
    ? []
    : feathers.rows.filter(({ way, row }) => way !== 'cut' && row.zone === zone).map(stepId);

/** The longest of a row on the model. */
const longestOn = ({ feathers }: FeatherRowPlan) =>
  feathers.reduce((most, of) => (of.long.value > most.long.value ? of : most)).long;

/** Cutting feathers from sheet at any time, and setting them over the dry varnish; none where none is cut. */
export function cutFeatherSteps({ feathers }: SkinPlan): readonly Step[] {
  const cut = feathers === null ? [] : rowsOf(feathers).filter(({ way }) => way === 'cut');
  if (feathers === null || cut.length === 0) return [];
  return [
    {
      ...{ id: CUT, stage: 'skin', title: say.cutFeathers, work: 'cut' },
      sentence: [
        say.printAndCut,
        ...listSentence(
          cut.map((of): Sentence => [
            `${of.row.name.toLowerCase()}, `,
            of.many,
            say.eachSideUpTo,
            longestOn(of),
          ]),
        ),
        ...(feathers.sheet === null ? [] : [say.outOf, feathers.sheet]),
        ...(feathers.shaftWire === null ? [] : [say.glueShafts, feathers.shaftWire]),
        say.mirrorThem,
      ],
      cautions: ['sharp', 'solvent'],
      needs: [],
      ...byMinutes(
        CUT,
        say.cutFeathers,
        cut.map(({ minutes }) => minutes),
      ),
    },
    {
      ...{ id: MOUNT, stage: 'skin', title: say.mountFeathers, work: 'set' },
      sentence: [say.mountInOrder],
      cautions: ['solvent'],
      needs: [CUT, 'colour.sheen'],
      ...UNTOLD,
    },
  ];
}

/** What is set of feathers when everything else is done. */
export const feathersLast = (skin: SkinPlan): readonly string[] =>
  cutFeatherSteps(skin).length === 0 ? [] : [MOUNT];

/** In which step the shafts' wire is used. */
export const shaftStep = (feathers: FeatherPlan): string => {
  const leaf = feathers.rows.find(({ way }) => way === 'leaves');
  return leaf === undefined || feathers.rows.some(({ way }) => way === 'cut') ? CUT : stepId(leaf);
};
