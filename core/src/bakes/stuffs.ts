import * as say from './words.ts';

/** What heat does to a stuff first. */
export type GivesWay = 'softens' | 'melts' | 'scorches' | 'lets-go' | 'cracks' | 'sticks';

/** A stuff that gets into a piece or near it, and what heat does to it. All figures from memory: labels win. */
export interface Stuff {
  readonly id: string;
  readonly name: string;
  /** From what it may give way, and from what it surely does, °C. */
  readonly givesWayC: readonly [low: number, high: number];
  readonly how: GivesWay;
  /** How long it sets, in hours, warm and at its slowest; null where nothing sets. */
  readonly setsH: readonly [number, number] | null;
  /** How long it can be worked, minutes. */
  readonly workMin?: readonly [number, number];
  /** What it bonds with, what it stays sticky under, what harms it. */
  readonly note: string;
}

const plain = { setsH: null } as const;

/** Stuffs by id; ranges from memory, checked for being plausible against core/checks/data/materials.json. */
export const STUFFS: readonly Stuff[] = Object.freeze<Stuff[]>([
  // Metals and what ties them.
  {
    ...plain,
    id: 'soft-metal',
    name: say.softMetal,
    givesWayC: [400, 600],
    how: 'softens',
    note: say.metalNote,
  },
  {
    ...plain,
    id: 'steel',
    name: say.steel,
    givesWayC: [500, 700],
    how: 'softens',
    note: say.metalNote,
  },
  {
    ...plain,
    id: 'solder',
    name: say.solder,
    givesWayC: [183, 230],
    how: 'melts',
    note: say.solderNote,
  },
  {
    ...plain,
    id: 'foil',
    name: say.foil,
    givesWayC: [400, 600],
    how: 'softens',
    note: say.foilNote,
  },
  {
    ...plain,
    id: 'paper',
    name: say.paper,
    givesWayC: [150, 180],
    how: 'scorches',
    note: say.paperNote,
  },
  {
    ...plain,
    id: 'paper-tape',
    name: say.paperTape,
    givesWayC: [150, 170],
    how: 'scorches',
    note: say.paperTapeNote,
  },
  {
    ...plain,
    id: 'thread',
    name: say.thread,
    givesWayC: [150, 180],
    how: 'scorches',
    note: say.threadNote,
  },
  {
    ...plain,
    id: 'synthetic',
    name: say.synthetic,
    givesWayC: [70, 160],
    how: 'melts',
    note: say.syntheticNote,
  },
  // Grown and fired things.
  {
    ...plain,
    id: 'wood',
    name: say.wood,
    givesWayC: [150, 180],
    how: 'cracks',
    note: say.woodNote,
  },
  {
    ...plain,
    id: 'hair',
    name: say.hair,
    givesWayC: [120, 150],
    how: 'scorches',
    note: say.hairNote,
  },
  {
    ...plain,
    id: 'glass',
    name: say.glass,
    givesWayC: [300, 500],
    how: 'cracks',
    note: say.glassNote,
  },
  {
    ...plain,
    id: 'ceramic',
    name: say.ceramic,
    givesWayC: [400, 900],
    how: 'cracks',
    note: say.ceramicNote,
  },
  {
    ...plain,
    id: 'stone',
    name: say.stone,
    givesWayC: [150, 300],
    how: 'cracks',
    note: say.stoneNote,
  },
  {
    ...plain,
    id: 'plaster',
    name: say.plaster,
    givesWayC: [60, 110],
    how: 'cracks',
    note: say.plasterNote,
  },
  // Plastics.
  { ...plain, id: 'foam', name: say.foam, givesWayC: [80, 105], how: 'melts', note: say.foamNote },
  {
    ...plain,
    id: 'polystyrene',
    name: say.polystyrene,
    givesWayC: [90, 105],
    how: 'softens',
    note: say.attackedNote,
  },
  {
    ...plain,
    id: 'abs',
    name: say.abs,
    givesWayC: [90, 108],
    how: 'softens',
    note: say.attackedNote,
  },
  {
    ...plain,
    id: 'pvc',
    name: say.pvc,
    givesWayC: [70, 85],
    how: 'softens',
    note: say.attackedNote,
  },
  {
    ...plain,
    id: 'acrylic-glass',
    name: say.acrylicGlass,
    givesWayC: [85, 110],
    how: 'softens',
    note: say.plasticNote,
  },
  {
    ...plain,
    id: 'pet',
    name: say.pet,
    givesWayC: [67, 81],
    how: 'softens',
    note: say.plasticNote,
  },
  {
    ...plain,
    id: 'petg',
    name: say.petg,
    givesWayC: [70, 80],
    how: 'softens',
    note: say.plasticNote,
  },
  {
    ...plain,
    id: 'pla',
    name: say.pla,
    givesWayC: [55, 62],
    how: 'softens',
    note: say.plasticNote,
  },
  {
    ...plain,
    id: 'ldpe',
    name: say.ldpe,
    givesWayC: [105, 115],
    how: 'melts',
    note: say.keepingNote,
  },
  {
    ...plain,
    id: 'hdpe',
    name: say.hdpe,
    givesWayC: [125, 135],
    how: 'melts',
    note: say.keepingNote,
  },
  {
    ...plain,
    id: 'polypropylene',
    name: say.polypropylene,
    givesWayC: [140, 168],
    how: 'softens',
    note: say.keepingNote,
  },
  {
    ...plain,
    id: 'polycarbonate',
    name: say.polycarbonate,
    givesWayC: [140, 150],
    how: 'softens',
    note: say.plasticNote,
  },
  {
    ...plain,
    id: 'nylon',
    name: say.nylon,
    givesWayC: [215, 225],
    how: 'melts',
    note: say.plasticNote,
  },
  {
    ...plain,
    id: 'cast-resin',
    name: say.castResin,
    givesWayC: [60, 100],
    how: 'softens',
    note: say.castResinNote,
  },
  {
    ...plain,
    id: 'silicone',
    name: say.silicone,
    givesWayC: [180, 250],
    how: 'scorches',
    note: say.siliconeNote,
  },
  // Glues, waxes, putty.
  {
    ...plain,
    id: 'hot-glue',
    name: say.hotGlue,
    givesWayC: [65, 95],
    how: 'lets-go',
    note: say.hotGlueNote,
  },
  {
    id: 'super-glue',
    name: say.superGlue,
    givesWayC: [70, 90],
    how: 'lets-go',
    setsH: [8, 24],
    note: say.superGlueNote,
  },
  {
    id: 'white-glue',
    name: say.whiteGlue,
    givesWayC: [50, 90],
    how: 'lets-go',
    setsH: [12, 24],
    note: say.whiteGlueNote,
  },
  {
    id: 'putty',
    name: say.putty,
    givesWayC: [80, 150],
    how: 'softens',
    setsH: [12, 24],
    workMin: [60, 180],
    note: say.puttyNote,
  },
  {
    ...plain,
    id: 'paraffin',
    name: say.paraffin,
    givesWayC: [46, 68],
    how: 'melts',
    note: say.waxNote,
  },
  {
    ...plain,
    id: 'modelling-wax',
    name: say.modellingWax,
    givesWayC: [60, 93],
    how: 'melts',
    note: say.waxNote,
  },
  {
    ...plain,
    id: 'beeswax',
    name: say.beeswax,
    givesWayC: [62, 64],
    how: 'melts',
    note: say.waxNote,
  },
  {
    id: 'latex',
    name: say.latex,
    givesWayC: [60, 100],
    how: 'sticks',
    setsH: [12, 48],
    note: say.latexNote,
  },
  // Clays and coats.
  {
    ...plain,
    id: 'oven-clay',
    name: say.ovenClay,
    givesWayC: [150, 175],
    how: 'scorches',
    note: say.ovenClayNote,
  },
  {
    id: 'air-clay',
    name: say.airClay,
    givesWayC: [60, 100],
    how: 'cracks',
    setsH: [12, 48],
    note: say.airClayNote,
  },
  {
    id: 'acrylic-paint',
    name: say.acrylicPaint,
    givesWayC: [130, 150],
    how: 'scorches',
    setsH: [0.2, 1],
    note: say.acrylicPaintNote,
  },
  {
    id: 'acrylic-varnish',
    name: say.acrylicVarnish,
    givesWayC: [100, 130],
    how: 'sticks',
    setsH: [1, 3],
    note: say.acrylicVarnishNote,
  },
  {
    id: 'spray-varnish',
    name: say.sprayVarnish,
    givesWayC: [40, 100],
    how: 'sticks',
    setsH: [1, 24],
    note: say.sprayVarnishNote,
  },
]);

/** A stuff by its id; undefined for none of ours. */
export const stuffById = (id: string): Stuff | undefined => STUFFS.find((stuff) => stuff.id === id);

/** What a temperature does to a stuff: it stands it, it surely does not, or its label must tell. */
export type Standing = 'stands' | 'label' | 'never';

/** Whether a stuff stands a temperature, °C. */
export const standing = (
  { givesWayC: [low, high] }: Pick<Stuff, 'givesWayC'>,
  celsius: number,
): Standing => (celsius <= low ? 'stands' : celsius >= high ? 'never' : 'label');
