import * as say from './words.ts';
import type { BakeItem } from '../bakes/bakeItems.ts';
import type { CurePlan, Join, TestFit } from '../cure/curePlan.ts';
import type { BodyPart, Fitting, FittingsPlan } from '../fittings/fittingsPlan.ts';
import { bodyPartHard, isBakedLate, partHard, partHardBefore } from './bakeSteps.ts';
import { listSentence, UNTOLD, type Sentence, type Step } from '../piece/step.ts';

/** What the steps of parts made apart are told from. */
export interface FittingWork {
  readonly fittings: FittingsPlan;
  readonly cure: CurePlan;
  /** Whether the wires inside parts are cut before. */
  readonly hasShafts: boolean;
}

/** Parts that are made and set by steps of their own: eyes have theirs; what grows or is drawn is not set. */
const setIn = ({ fittings }: FittingsPlan): readonly Fitting[] =>
  fittings.filter(({ made, thing }) => made === 'set' && thing !== 'eye');

const makeId = ({ id }: Fitting): string => `parts.make.${id}`;
const setId = ({ id }: Fitting): string => `parts.set.${id}`;
const bodyId = ({ boneId }: BodyPart): string => `parts.body.${boneId}`;
const fitId = ({ boneId }: BodyPart): string => `parts.fit.${boneId}`;

/** By which steps a thing is there to be baked: made, or set on the finished surface; a part of the body when it was tried. */
export function madeBy(
  plan: FittingsPlan,
  cure: CurePlan,
  { kind, of }: BakeItem,
): readonly string[] {
  const part = plan.bodyParts.find(({ boneId }) => boneId === of);
  if (kind === 'body-part' && part !== undefined) return [fitId(part)];
  const fitting = plan.fittings.find(({ id }) => id === of);
  if (fitting === undefined) return [];
  if (fitting.thing === 'eye') return ['parts.eyes'];
  const { isClay, standsOven } = fitting.material;
  const isLate = isClay && !standsOven && isBakedLate(cure, fitting.id);
  return [isLate ? setId(fitting) : makeId(fitting)];
}

/** One step to make each kind of part, of clay or of its own stuff. */
export const makeFittings = ({ fittings: plan, hasShafts }: FittingWork): readonly Step[] =>
  setIn(plan).map((fitting): Step => {
    const { name, grams, material, wired } = fitting;
    const { isClay } = material;
    const isWired = wired && hasShafts;
    const wire = wired ? say.onTheirWires : isClay ? say.withoutWire : '';
    return {
      id: makeId(fitting),
      stage: 'cure',
      title: say.makeFitting(name.toLowerCase()),
      sentence: [
        ...countOf(fitting),
        ...sizeOf(fitting),
        say.ofStuff(material.name.toLowerCase(), fitting.kind.how),
        ...(grams === null || !isClay ? [] : [say.takesInAll, grams, '. ']),
        wire,
        say.holdAgainstTemplate,
      ],
      cautions: [
        'small-parts',
        'sharp',
        ...(material.id === 'putty' || material.id === 'resin' ? (['epoxy'] as const) : []),
      ],
      needs: [...(isClay ? ['mass.condition'] : []), ...(isWired ? ['wire.shafts'] : [])],
      work: 'model',
      ...UNTOLD,
    };
  });

const countOf = ({ toMake, spare }: Fitting): Sentence => [
  say.makeWord,
  toMake,
  spare === 0 ? say.eachWord : say.ofThemSpare(spare),
];

/** How long and thick the largest is, and how short the smallest, where they differ. */
function sizeOf({ length, shortest, thick, sizes }: Fitting): Sentence {
  const long: Sentence = thick === null ? [length, say.acrossEach] : [length, say.longWord];
  const thickness: Sentence = thick === null ? [] : [say.andWord, thick, say.thickWord];
  return [
    ...long,
    ...thickness,
    ...(shortest === null ? [] : [say.downTo, shortest, say.inSizes(sizes.length)]),
    ': ',
  ];
}

/**
 * One step to set each kind of part: what stands the oven when its own bake and that of the shell are done (or while the
 * body is soft), what does not when the last bake is done.
 */
export const setFittings = (
  { fittings: plan, cure }: FittingWork,
  { ready, lastBake }: { readonly ready: readonly string[]; readonly lastBake: string },
): readonly Step[] =>
  setIn(plan).map((fitting): Step => {
    const { id, name, material, count } = fitting;
    const join = cure.joins.find(({ fittingId }) => fittingId === id)!;
    // What cures with the surface is set raw; what cures on it is set before that bake.
    const isLate = material.isClay && isBakedLate(cure, id);
    const before = [...new Set([...partHardBefore(cure, id), ...ready])];
    // Paint mats fibre: it comes when the varnish is dry.
    const isFibre = material.id === 'fibre';
    const after = isFibre ? ['colour.sheen'] : [lastBake, ...(isLate ? [] : partHard(cure, id))];
    return {
      id: setId(fitting),
      stage: 'mass',
      title: say.setFitting(name.toLowerCase()),
      sentence: [
        material.standsOven
          ? say.setBeforeLast(count)
          : isFibre
            ? say.setAfterPaint(count)
            : say.setOthersLast(count),
        ...joinSentence(join),
      ],
      cautions: ['sharp', ...(join.drill === null ? [] : (['drill'] as const))],
      needs: [makeId(fitting), ...(material.standsOven ? before : after)],
      work: 'model',
      ...UNTOLD,
    };
  });

/** Parts set when the last bake is done, before paint, and those set when the varnish is dry, by their steps. */
export const setLast = (
  plan: FittingsPlan,
): { readonly unpainted: readonly string[]; readonly painted: readonly string[] } => {
  const late = setIn(plan).filter(({ material }) => !material.standsOven);
  const ids = (isFibre: boolean): readonly string[] =>
    late.filter(({ material }) => (material.id === 'fibre') === isFibre).map(setId);
  return { unpainted: ids(false), painted: ids(true) };
};

/** How it is joined: with what, on which pin in which hole, how deep, kept from turning, smoothed. */
const joinSentence = ({ how, seat, pin, drill, keyed, fillet }: Join): Sentence => [
  say.joinedWith(how),
  ...(pin === null || drill === null ? [] : [say.pinWord, pin, say.inHole, drill]),
  ...(seat === null ? [] : [pin === null ? say.pressedIn : say.soDeep, seat, say.deepWord]),
  ...(pin === null && seat === null ? [] : ['. ']),
  ...(keyed ? [say.keyIt] : []),
  ...(fillet === null ? [] : [say.smoothWith, fillet, say.atRoot]),
  say.lookAlike,
];

/** What is too fine to be made: drawn into the clay by the tool, told so that it is not forgotten; none where nothing is. */
export function drawnStep({ fittings }: FittingsPlan, needs: readonly string[]): readonly Step[] {
  const drawn = fittings.filter(({ made }) => made === 'drawn');
  if (drawn.length === 0) return [];
  return [
    {
      id: 'parts.drawn',
      stage: 'mass',
      title: say.drawFineParts,
      sentence: [
        say.tooFine,
        ...listSentence(
          drawn.map(({ name, count, length }): Sentence => [
            `${count} ${name.toLowerCase()}, `,
            length,
          ]),
        ),
        say.drawThem,
      ],
      cautions: ['sharp'],
      needs,
      work: 'texture',
      ...UNTOLD,
    },
  ];
}

/** What grows on the armature is brought to its length on its own wire before the surface comes; none where nothing does. */
export function grownStep({ fittings }: FittingsPlan, needs: readonly string[]): readonly Step[] {
  const grown = fittings.filter(({ made }) => made === 'grown');
  if (grown.length === 0) return [];
  return [
    {
      id: 'parts.grown',
      stage: 'mass',
      title: say.shapeGrown,
      sentence: [
        say.onItsOwnWire,
        ...listSentence(
          grown.map(({ name, length }): Sentence => [`${name.toLowerCase()} `, length]),
        ),
        say.bothHalves,
      ],
      cautions: ['sharp'],
      needs,
      work: 'model',
      ...UNTOLD,
    },
  ];
}

/** Parts of the body made apart: built over their wire, tried on it while they are soft. */
export const makeBodyParts = (
  { fittings, cure }: FittingWork,
  first: string | null,
): readonly Step[] =>
  fittings.bodyParts.flatMap((part): readonly Step[] => {
    const { boneId, name, count, length } = part;
    const fit = fitOf(cure.fits, boneId);
    const grams = cure.partGrams.find(({ id }) => id === `cure.part.${boneId}.grams`);
    return [
      {
        id: bodyId(part),
        stage: 'mass',
        title: say.makeApart(name.toLowerCase()),
        sentence: [
          say.buildApart(count),
          length,
          say.overWireOf,
          fit.inner,
          ...(grams === undefined ? [] : [say.allTogether, grams]),
          say.markEach,
        ],
        cautions: ['sharp'],
        needs: ['wire.mount', 'mass.condition'],
        work: 'model',
        ...UNTOLD,
      },
      {
        id: fitId(part),
        stage: 'cure',
        title: say.tryApart(name.toLowerCase()),
        sentence: [
          fit.how,
          say.boreIs,
          fit.bore,
          '.',
          ...(fit.stop === null ? [] : [say.opensTo, fit.stop, '.']),
        ],
        cautions: [],
        // It is fitted against the hard body where there is one.
        needs: [bodyId(part), ...(first === null ? [] : [first])],
        work: 'model',
        ...UNTOLD,
      },
    ];
  });

/** Parts of the body joined after the first bakes, before the surface goes over the joins. */
export const joinBodyParts = (
  { fittings, cure }: FittingWork,
  ready: readonly string[],
): readonly Step[] =>
  fittings.bodyParts.map((part): Step => ({
    id: `parts.join.${part.boneId}`,
    stage: 'mass',
    title: say.joinApart(part.name.toLowerCase()),
    sentence: [say.slideOn(part.count)],
    cautions: ['sharp'],
    needs: [fitId(part), ...bodyPartHard(cure, part.boneId), ...ready],
    work: 'model',
    ...UNTOLD,
  }));

const fitOf = (fits: readonly TestFit[], boneId: string): TestFit =>
  fits.find(({ id }) => id === boneId)!;
