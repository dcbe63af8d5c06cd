import * as say from './words.ts';
import type { BodyPart, Fitting, FittingsPlan } from '../fittings/fittingsPlan.ts';
import { clayFigures, type ClayFigures } from '../mass/clayFigures.ts';
import { unreadClay } from '../mass/unreadClay.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { binderById } from '../wire/binders.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { curesBetweenC, ROOM_RANGE_C } from './cureRange.ts';
import type { OrderItem } from './bakeOrder.ts';
import { stuffById, type Stuff } from './stuffs.ts';

/** What a thing of the piece is, for the order of its bakes. */
export type BakeItemKind =
  'wires' | 'binding' | 'core' | 'board' | 'found' | 'part' | 'body-part' | 'shell' | 'surface';

/** A thing of the piece: what cures, or what is only there while other things do. */
export interface BakeItem extends OrderItem {
  readonly name: string;
  readonly kind: BakeItemKind;
  /** The fitting or the bone that it is; empty for the others. */
  readonly of: string;
  /** What of it cures; null where nothing does. */
  readonly clay: ClayFigures | null;
  /** What heat does to it once it is there, °C: it may, and it surely does not stand more. */
  readonly stuff: Pick<Stuff, 'givesWayC'> & { readonly name: string; readonly note: string };
  /** Why it comes when it does. */
  readonly why: string;
}

/** What the things of a piece are told from. */
export interface BakeItemInputs {
  readonly cure: Workpiece['cure'];
  readonly binder: Workpiece['wire']['binder']['kind'];
  readonly figures: ClayFigures;
  readonly shellFigures: ClayFigures | null;
  /** Whether any region has a shell over a core. */
  readonly hasShell: boolean;
  readonly hasFoil: boolean;
  /** Whether any is of clay right through. */
  readonly hasSolid: boolean;
  /** Whether it goes into the oven on its board. */
  readonly onBoard: boolean;
  readonly fittings: FittingsPlan;
  readonly wire: Pick<WirePlan, 'bindings' | 'wires'>;
}

/** Ids of the things that every piece has. */
export const SHELL = 'shell';
export const SURFACE = 'surface';
/** Solid parts of another clay than that of the shells. */
export const SOLID = 'solid';
export const partItem = (fittingId: string): string => `part:${fittingId}`;
export const bodyItem = (boneId: string): string => `body:${boneId}`;

/** Everything that is on the piece at some bake, with what must be before what: common practice, each rule with why. */
export function bakeItems(inputs: BakeItemInputs): readonly BakeItem[] {
  const { cure, fittings } = inputs;
  const items = [
    ...givenItems(inputs),
    ...foundItems(inputs),
    ...fittings.fittings
      .filter(({ made }) => made === 'set')
      .map((fitting) => partOf(fitting, inputs)),
    ...fittings.bodyParts.map((part) => bodyPartOf(part, inputs)),
    ...bodyItems(inputs),
  ];
  return items.map((item): BakeItem => {
    const pin = cure.pins[item.id];
    return pin === undefined || (pin === 'alone' && item.curesC === null) ? item : { ...item, pin };
  });
}

/** Whether something is baked before the surface is laid over it. */
const isFirst = ({ cure, hasShell }: BakeItemInputs): boolean =>
  cure.method === 'body-first' || (cure.method === 'shell-first' && hasShell);

const noCure = { curesC: null, with: [], clay: null, of: '' } as const;

const stuffOf = (id: string, name: string): BakeItem['stuff'] => {
  const { givesWayC, note } = stuffById(id)!;
  return { givesWayC, name, note };
};

/** Wires, what binds them, the core and the board. */
function givenItems({ wire, binder, hasFoil, onBoard }: BakeItemInputs): readonly BakeItem[] {
  const binds = binderById(binder);
  const item = (
    kind: 'wires' | 'binding' | 'core' | 'board',
    name: string,
    of: string,
    why: string,
  ): BakeItem => {
    const stuff = stuffOf(of, stuffById(of)!.name);
    return {
      ...{ ...noCure, id: kind, kind, name, stuff, why },
      ...{ standsC: stuff.givesWayC[0], after: [] },
    };
  };
  return [
    ...(wire.wires.length > 0 ? [item('wires', say.wires, 'soft-metal', say.underAll)] : []),
    ...(wire.bindings.bindings.length > 0
      ? [
          {
            ...item('binding', say.bindingOf(binds.name), BINDER_STUFF[binder], say.underAll),
            standsC: binds.holdsToC,
          },
        ]
      : []),
    ...(hasFoil ? [item('core', say.coreOfFoil, 'foil', say.underAll)] : []),
    ...(onBoard ? [item('board', say.board, 'wood', say.bakedOnBoard)] : []),
  ];
}

const BINDER_STUFF = {
  'tie-wire': 'soft-metal',
  'paper-tape': 'paper-tape',
  thread: 'thread',
  putty: 'putty',
  solder: 'solder',
  'hot-glue': 'hot-glue',
} as const;

/** Found and ready-made things, of a known stuff or of one of the workshop; a stuff that is gone stands nothing. */
const foundItems = ({ cure }: BakeItemInputs): readonly BakeItem[] =>
  cure.things.map(({ id, name, stuff, when }): BakeItem => {
    const own = cure.stuffs.find((of) => of.id === stuff);
    const known = own
      ? { givesWayC: [own.standsC, own.standsC] as const, name: own.name, note: say.byItsLabel }
      : (stuffById(stuff) ?? { givesWayC: [0, 0] as const, name: stuff, note: say.unknownStuff });
    return {
      ...noCure,
      ...{ id: `found:${id}`, name, kind: 'found', stuff: known, standsC: known.givesWayC[0] },
      after: when === 'last' ? [SURFACE] : [],
      why: WHEN[when],
    };
  });

const WHEN = { first: say.fromTheStart, surface: say.beforeSurface, last: say.whenBaked } as const;

/** A part made apart: of clay it cures before the surface comes to it, of something else it is only set. */
function partOf(fitting: Fitting, inputs: BakeItemInputs): BakeItem {
  const { cure, figures } = inputs;
  const { id, name, material, thing } = fitting;
  const common = { id: partItem(id), name, kind: 'part', of: id } as const;
  const stuff = {
    givesWayC: [material.standsC, material.standsC],
    name: material.name,
    note: '',
  } as const;
  if (material.id === 'putty')
    return {
      ...{ ...common, curesC: ROOM_RANGE_C, standsC: material.standsC, clay: PUTTY },
      ...{ after: [SURFACE], with: [], why: say.puttyLast, stuff: stuffOf('putty', material.name) },
    };
  if (!material.isClay)
    return {
      ...{ ...common, ...noCure, of: id, standsC: material.standsC, stuff },
      after: material.standsOven ? [] : [SURFACE],
      why: material.standsOven ? say.standsIt : say.doesNotStand,
    };
  const clay = material.own === null ? figures : ownFigures(material.own);
  const baked = {
    ...common,
    clay,
    curesC: curesBetweenC(clay),
    standsC: material.own?.standsC ?? clay.limit.value,
    stuff: stuffOf('oven-clay', clay.name),
    after: [],
    with: [],
  };
  if (!material.standsOven) return { ...baked, after: [SURFACE], why: say.coolerClay };
  if (cure.partsFirst || material.own !== null)
    return { ...baked, why: thing === 'eye' ? say.eyesHard : say.hardWhenSet };
  return { ...baked, with: [SURFACE], why: say.rawInSurface };
}

const PUTTY = clayFigures({ ...unreadClay('epoxy', 'Two-part epoxy putty') });

/** The figures of a clay by its own label, as a soft oven clay where the label is silent. */
export const ownFigures = (own: NonNullable<Fitting['material']['own']>): ClayFigures =>
  clayFigures({
    ...unreadClay('oven-soft', own.name),
    label: {
      ...{ limitC: own.standsC, packetG: null },
      temperatureC: own.cures?.temperatureC ?? null,
      minutes: own.cures?.minutes ?? null,
      perMm: own.cures?.perMm ?? null,
    },
  });

/** A part of the body that is made apart: over a hard shell it is fitted against it, and it is hard when it is joined. */
function bodyPartOf({ boneId, name }: BodyPart, inputs: BakeItemInputs): BakeItem {
  const { figures } = inputs;
  const first = isFirst(inputs);
  return {
    ...{ id: bodyItem(boneId), name, kind: 'body-part', of: boneId, clay: figures },
    ...{ curesC: curesBetweenC(figures), standsC: figures.limit.value, with: [] },
    after: first ? [SHELL] : [],
    stuff: stuffOf('oven-clay', figures.name),
    why: first ? say.fittedOnShell : say.hardWhenJoined,
  };
}

/** What is baked first, and the surface over it; of two clays at once both are in one bake. */
function bodyItems(inputs: BakeItemInputs): readonly BakeItem[] {
  const { cure, figures, shellFigures, fittings } = inputs;
  const first = isFirst(inputs);
  const under = ['wires', 'binding', 'core', 'board'];
  const found = (...times: readonly string[]): readonly string[] =>
    cure.things.filter(({ when }) => times.includes(when)).map(({ id }) => `found:${id}`);
  const of = (clay: ClayFigures) => ({
    ...{ clay, curesC: curesBetweenC(clay), standsC: clay.limit.value, of: '' },
    stuff: stuffOf(clay.clay.setting === 'oven' ? 'oven-clay' : 'air-clay', clay.name),
  });
  const set = fittings.fittings.filter(({ made }) => made === 'set');
  const isSocketed = ({ thing, material }: Fitting): boolean => thing === 'eye' && material.isClay;
  const shell: BakeItem = {
    ...{ id: SHELL, kind: SHELL, ...of(shellFigures ?? figures) },
    name: cure.method === 'body-first' ? say.bareBody : say.shell,
    after: [
      ...under,
      ...found('first'),
      ...(first && cure.partsFirst ? set.filter(isSocketed).map(({ id }) => partItem(id)) : []),
    ],
    with: first ? [] : [SURFACE],
    why: cure.method === 'body-first' ? say.bodyHard : say.shellHard,
  };
  const isTwo = shellFigures !== null && inputs.hasShell;
  const solid: BakeItem = {
    ...{ id: SOLID, kind: SHELL, ...of(figures), name: say.solidParts, after: [] },
    ...{ with: [SHELL], why: say.builtWithShell },
  };
  return [
    ...(first || isTwo ? [shell] : []),
    ...(first && isTwo && inputs.hasSolid ? [solid] : []),
    {
      ...{ id: SURFACE, kind: SURFACE, name: say.surface, ...of(figures), with: [] },
      after: [
        ...(first ? [SHELL] : [...under, ...found('first')]),
        ...found('surface'),
        ...set
          .filter(
            ({ material }) => material.standsOven && !isWithSurface(material, cure.partsFirst),
          )
          .map(({ id }) => partItem(id)),
        ...fittings.bodyParts.map(({ boneId }) => bodyItem(boneId)),
      ],
      why: say.surfaceLast,
    },
  ];
}

const isWithSurface = ({ isClay, own }: Fitting['material'], partsFirst: boolean): boolean =>
  isClay && own === null && !partsFirst;
