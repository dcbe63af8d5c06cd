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

const stuff = (
  id: string,
  name: string,
  givesWayC: readonly [number, number],
  how: GivesWay,
  note: string,
  more: Partial<Pick<Stuff, 'setsH' | 'workMin'>> = {},
): Stuff => ({ id, name, givesWayC, how, setsH: null, note, ...more });

/** Stuffs by id; ranges from memory, checked for being plausible against core/checks/data/materials.json. */
export const STUFFS: readonly Stuff[] = Object.freeze([
  // Metals and what ties them.
  stuff('soft-metal', say.softMetal, [400, 600], 'softens', say.metalNote),
  stuff('steel', say.steel, [500, 700], 'softens', say.metalNote),
  stuff('solder', say.solder, [183, 230], 'melts', say.solderNote),
  stuff('foil', say.foil, [400, 600], 'softens', say.foilNote),
  stuff('paper', say.paper, [150, 180], 'scorches', say.paperNote),
  stuff('paper-tape', say.paperTape, [150, 170], 'scorches', say.paperTapeNote),
  stuff('thread', say.thread, [150, 180], 'scorches', say.threadNote),
  stuff('synthetic', say.synthetic, [70, 160], 'melts', say.syntheticNote),
  // Grown and fired things.
  stuff('wood', say.wood, [150, 180], 'cracks', say.woodNote),
  stuff('hair', say.hair, [120, 150], 'scorches', say.hairNote),
  stuff('glass', say.glass, [300, 500], 'cracks', say.glassNote),
  stuff('ceramic', say.ceramic, [400, 900], 'cracks', say.ceramicNote),
  stuff('stone', say.stone, [150, 300], 'cracks', say.stoneNote),
  stuff('plaster', say.plaster, [60, 110], 'cracks', say.plasterNote),
  // Plastics.
  stuff('foam', say.foam, [80, 105], 'melts', say.foamNote),
  stuff('polystyrene', say.polystyrene, [90, 105], 'softens', say.attackedNote),
  stuff('abs', say.abs, [90, 108], 'softens', say.attackedNote),
  stuff('pvc', say.pvc, [70, 85], 'softens', say.attackedNote),
  stuff('acrylic-glass', say.acrylicGlass, [85, 110], 'softens', say.plasticNote),
  stuff('pet', say.pet, [67, 81], 'softens', say.plasticNote),
  stuff('petg', say.petg, [70, 80], 'softens', say.plasticNote),
  stuff('pla', say.pla, [55, 62], 'softens', say.plasticNote),
  stuff('ldpe', say.ldpe, [105, 115], 'melts', say.keepingNote),
  stuff('hdpe', say.hdpe, [125, 135], 'melts', say.keepingNote),
  stuff('polypropylene', say.polypropylene, [140, 168], 'softens', say.keepingNote),
  stuff('polycarbonate', say.polycarbonate, [140, 150], 'softens', say.plasticNote),
  stuff('nylon', say.nylon, [215, 225], 'melts', say.plasticNote),
  stuff('cast-resin', say.castResin, [60, 100], 'softens', say.castResinNote),
  stuff('silicone', say.silicone, [180, 250], 'scorches', say.siliconeNote),
  // Glues, waxes, putty.
  stuff('hot-glue', say.hotGlue, [65, 95], 'lets-go', say.hotGlueNote),
  stuff('super-glue', say.superGlue, [70, 90], 'lets-go', say.superGlueNote, { setsH: [8, 24] }),
  stuff('white-glue', say.whiteGlue, [50, 90], 'lets-go', say.whiteGlueNote, { setsH: [12, 24] }),
  stuff('putty', say.putty, [80, 150], 'softens', say.puttyNote, {
    setsH: [12, 24],
    workMin: [60, 180],
  }),
  stuff('paraffin', say.paraffin, [46, 68], 'melts', say.waxNote),
  stuff('modelling-wax', say.modellingWax, [60, 93], 'melts', say.waxNote),
  stuff('beeswax', say.beeswax, [62, 64], 'melts', say.waxNote),
  stuff('latex', say.latex, [60, 100], 'sticks', say.latexNote, { setsH: [12, 48] }),
  // Clays and coats.
  stuff('oven-clay', say.ovenClay, [150, 175], 'scorches', say.ovenClayNote),
  stuff('air-clay', say.airClay, [60, 100], 'cracks', say.airClayNote, { setsH: [12, 48] }),
  stuff('acrylic-paint', say.acrylicPaint, [130, 150], 'scorches', say.acrylicPaintNote, {
    setsH: [0.2, 1],
  }),
  stuff('acrylic-varnish', say.acrylicVarnish, [100, 130], 'sticks', say.acrylicVarnishNote, {
    setsH: [1, 3],
  }),
  stuff('spray-varnish', say.sprayVarnish, [40, 100], 'sticks', say.sprayVarnishNote, {
    setsH: [1, 24],
  }),
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
