/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// planOven.ts
export const lowEnd = 'Low end of what its clays cure at';
export const limitOfAll = 'Most that all in it bears';
export const atTemperature = 'As hot as the clay asks';
export const longestSpell = 'At a stretch';
export const peakOfAir = 'Hottest';
export const aboveLimit = 'Above what all in it bears';
export const slowestHot = (place: string): string =>
  `Slowest clay hot after: ${place.toLowerCase()}`;
export const slowestHeld = (place: string): string => `It stayed hot: ${place.toLowerCase()}`;
export const settledLessDial = 'Where it settled, less the dial';
export const dialThen = 'Dial';
export const warmsBy = 'It warms by';
export const straightBetweenReadings = 'straight lines between the readings of the air';
export const heatInMeasuredAir =
  'heat flow through the slowest clay in the air as it was measured, by the middle figures of the clay';
export const readings = (count: number): string => `${count} readings`;
export const traceOfProbe = (on: string): string => `the probe, ${on}`;
export const typedOn = (on: string): string => `a thermometer, typed, ${on}`;

const ADVICE = {
  enough: (name: string, isFinish: boolean): readonly string[] => [
    `The bake of the ${name} was enough: the slowest clay stayed hot for as long as it should.`,
    isFinish
      ? 'Let it cool inside with the door ajar, then bend a thin place lightly: it springs back.'
      : 'Let it cool inside with the door ajar, and go on.',
  ],
  short: (name: string): readonly string[] => [
    `The bake of the ${name} was too short: the slowest clay was not hot for long enough, so its middle is weak and will crack later.`,
    'Bake it again for the whole time; that does no harm. What is still in the oven can simply stay in.',
  ],
  cool: (name: string): readonly string[] => [
    `The bake of the ${name} was too cool: the slowest clay never came to what it cures at, and would crumble.`,
    'Take the offset over, so that the dial is set higher, and bake it again for the whole time.',
  ],
  hot: (name: string): readonly string[] => [
    `The bake of the ${name} went a little over what everything in it bears, for moments only.`,
    'Look for browning on thin and light parts. Take the offset over, so that the dial is set lower.',
  ],
  scorched: (name: string): readonly string[] => [
    `The bake of the ${name} was too hot: over what the clay bears, it browns, blisters and gives off fumes that irritate.`,
    'Switch off, open the windows, leave the room until the air is clear, and take it out cold. Then take the offset over and mend what browned.',
  ],
} as const;
export const adviceFor = (
  verdict: keyof typeof ADVICE,
  name: string,
  isFinish: boolean,
): readonly string[] => ADVICE[verdict](name, isFinish);

// mending.ts
export const crack = 'Crack';
export const crackTells =
  'Clay too thick or too unlike in thickness, an armature that moves, air under it, or cooled in a draught. It often opens as it cools.';
export const crackHow =
  'Open the crack to a groove with a blade, brush it with liquid clay, press fresh clay in beyond its ends, and carry the surface over it. A long one over a joint: bridge it with a wire laid across.';
export const bubble = 'Bubble';
export const bubbleTells =
  'Air shut in against the core or between layers swells in the heat: it needs a hole, or clay pressed on from one side to the other.';
export const bubbleHow =
  'Cut the bubble open at its edge, press it down or cut it out, make a small hole down to the core where it cannot be seen, brush with liquid clay and fill.';
export const broken = 'Broken tip';
export const brokenTells =
  'Too thin without a wire, baked too short, or knocked. What snaps clean was baked well; what crumbles was not.';
export const brokenHow =
  'Drill both faces for a pin of thin wire a third as thick as the place, set it with liquid clay (or with super glue when no bake comes any more), and close the join with a fillet.';
export const underBaked = 'Under-baked';
export const underBakedTells =
  'It crumbles under a needle or snaps when bent: the oven was cooler than its dial, or the time was counted from a cold oven.';
export const scorched = 'Scorched';
export const scorchedTells =
  'The oven overshot, or a part stood near a heating rod. Light browning is only colour; blisters and black are weak.';
export const scorchedHow =
  'Sand light browning wet and cover it with primer. Cut blisters and black out down to sound clay, fill with fresh clay, and shield thin parts with foil in the next bake.';
export const drooped = 'Drooped';
export const droopedTells =
  'Warm clay is soft before it is hard: nothing held the part up, or its wire was too thin.';
export const droopedHow =
  'Warm it in the oven until it gives, some ten minutes at the bake’s own heat, bend it back with oven gloves, and hold or prop it until it is cold. What does not come back: cut it, pin it, and close the cut with clay.';
export const mend = (name: string, where: string): string => `Mend: ${name.toLowerCase()}${where}`;
export const bakeAgain = (name: string, where: string): string =>
  `Bake again: ${name.toLowerCase()}${where}`;
export const bakeWholeAgain = 'Bake it once more, the whole time: ';
export const bakeFilling = 'Bake what was filled, the piece with it: ';
export const onDialFor = ' on the dial for ';
export const harmless =
  ', counted from when it is in the hot oven. What is hard already bears it; let it cool inside.';
export const painted =
  ' It is painted already: acrylic paint usually bears the bake it was under before and no more; varnish does not. Else fill with two-part putty instead.';

// learntFilm.ts
export const filmOfAir = 'Film of this oven’s air on clay';
export const filmMethod =
  'the film at which a ball of this clay warms as its probe showed, by least squares over the heat flow in the ball';
export const acrossBall = 'Across the ball';
export const filmRange = 'its range is that of conductivity and heat held of the clay';
