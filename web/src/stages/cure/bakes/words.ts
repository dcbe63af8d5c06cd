/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BakeStrip.vue
export const bakesInOrder = 'Bakes in their order';
export const doneMark = 'done';
export const verdicts = {
  enough: 'Enough',
  short: 'Too short',
  cool: 'Too cool',
  hot: 'A little too hot',
  scorched: 'Scorched',
} as const;

// BakeNumbers.vue
export const neededInHotOven = 'Needed in the hot oven';
export const bakeFor = 'Bake for';
export const coolsFor = 'Cools for';
export const upToWhereClay = (most: string): string =>
  `up to ${most}, where clay and oven are at their slowest`;
export const minutesOfYourOwn = 'Minutes of your own';
export const minutesOfBake = (name: string): string => `Minutes of the bake: ${name}`;
export const minutes = (name: string): string => `${name}, minutes`;
export const letBakeFollow = (name: string): string => `Let the ${name} bake follow`;
export const setBake = (name: string): string => `Set the ${name} bake`;
export const allowed = (low: string, high: string): string =>
  `Everything in it cures and bears ${low} to ${high}.`;
export const byHeatGun = 'With a heat gun';
export const changeGun = (name: string): string => `Change how the ${name} bake is done`;
export const roundInRoom =
  'It sets in the room: hours by thickness, warm and dry. Thick places go in layers, each set before the next; over a stiff core it shrinks and cracks, so begin thin and fill the gaps later. Work mixed putty within its pot life.';
export const outOfOven = (names: string): string => `Out of the oven still: ${names}.`;
export const hardAlready = (names: string): string =>
  `Hard already, and hot once more: ${names}. That does no harm at this heat; light clay may darken a little each time.`;
export const coolSlowly =
  'When the time is up switch off, and let it cool inside with the door ajar: a draught cracks warm clay.';

// BakeOrder.vue
export const orderOfBakes = 'Order of bakes';
export const shellFirst = 'Shell first';
export const bodyFirst = 'Body first';
export const allAtOnce = 'All at once';
export const forBulkyBodiesBaked =
  'For bulky bodies: a thin even shell is baked, then worked over with muscle and coat.';
export const forSlenderBodiesFirst =
  'For slender bodies of solid clay: the bare body is baked a skin thinner, so that nothing is pressed out of shape while the surface is worked.';
export const forSlenderBodiesQuicker =
  'For slender bodies: quicker, but nothing hard carries the surface while it is worked.';
export const changeOrderOfBakes = 'Change the order of bakes';
export const smallPartsBaked = 'Small parts baked before they are set';
export const changeWhenPartsAre = 'Change when small parts are baked';
export const follows = 'Follows';
export const inBake = (number: number): string => `In bake ${number}`;
export const onFromBake = (number: number): string => `On it from bake ${number}`;
export const byItself = 'In a bake of its own';
export const putIntoBake = (name: string): string => `Put ${name} into a bake`;
export const thingInBake = (name: string, number: number): string => `${name}: bake ${number}`;
export const letFollow = 'let it follow';
export const whereGoes = (name: string): string => `Where ${name} goes`;

// OvenWatch.vue
export const putInWithProbe = 'Put it in, with the probe';
export const putInAndType = 'Put it in, and type a thermometer';
export const setsInRoom = 'This round needs no oven.';
export const ovenIsTaken = 'Another piece is in the oven. Take it out there first.';
export const inOvenNow = (name: string): string => `In the oven: ${name}`;
export const bakeGone = 'In the oven: a bake that the plan no longer has';
export const minutesIn = (now: string, toGo: string): string => `${now} min, ${toGo} to go`;
export const pageWasClosed =
  'The page was closed while it baked: what was read until then is kept. Type what you read since, then take it out.';
export const atMinute = 'At minute';
export const nowWord = (minute: string): string => `now, ${minute}`;
export const thermometerShows = 'Thermometer shows';
export const readingsSoFar = (count: number): string =>
  count === 1 ? '1 reading so far.' : `${count} readings so far.`;
export const takeOut = 'Take it out, and judge it';
export const throwAway = 'Throw these readings away';
export const keepBake = 'Keep a bake';

// ProbeChoices.vue
export const probeIsSimulated =
  'The probe is a simulated stand-in: one tip in the air beside the piece, one in a ball of the same clay.';
export const simulatedOven = 'Simulated oven';
export const ovens = {
  steady: 'Steady',
  overshoots: 'Overshoots',
  cool: 'Cooler than its dial',
  hot: 'Hotter than its dial',
  slow: 'Slow to warm',
} as const;
export const runs = 'Its clock runs';
export const timesFaster = (speed: number): string =>
  speed === 1 ? 'as ours' : `${speed} times faster`;
export const ballAcross = 'Ball of clay, across';

// BakeRecords.vue
export const noTraceYet = 'Nothing is known yet of what the oven really did in this bake.';
export const whenBy = (on: string, by: 'probe' | 'typed'): string =>
  by === 'probe' ? `${on}, probe` : `${on}, typed`;
export const noteOnBake = (on: string): string => `Note on the bake of ${on}`;
export const note = 'Note';
export const noteBake = 'Note on a bake';
export const takeOverForOven = 'Take over for the oven';
export const takeOverLearnt = 'Take over what was learnt of the oven';
export const putMendingIntoWork = 'Put its mending into the work';
export const putMendingIn = 'Put mending into the work';
export const throwTraceAway = 'Throw the trace away';
export const tracesOfOthers = (count: number): string =>
  count === 1
    ? 'One trace is of a bake that the plan no longer has; it is kept.'
    : `${count} traces are of bakes that the plan no longer has; they are kept.`;

// DefectList.vue
export const whatWentWrong = 'What went wrong';
export const whereIsIt = 'Where';
export const forExampleEar = 'left ear';
export const takeMendingOut = 'Take it out of the work';

// FoundThings.vue
export const noFoundThing =
  'A stone, a bottle, a twig, a bead that stays on the piece: enter it, and it is told whether it may go in.';
export const foundThing = 'Found thing';
export const foundName = 'Found thing, name';
export const foundStuff = (name: string): string => `${name}, of what`;
export const foundWhen = (name: string): string => `${name}, from when`;
export const times = {
  first: 'there from the start',
  surface: 'set before the surface',
  last: 'when all is baked',
} as const;
export const changeFound = 'Change a found thing';
export const removeFound = 'Remove a found thing';
export const addFound = 'Add a found thing';
export const removeWord = 'remove';

// ClayTile.vue
export const clayIsOld = 'Gone crumbly with age';
export const changeOld = 'Change the age of the clay';
export const noTile =
  'No tile of this packet yet: a strip 3 mm thick, baked, bent, scratched and looked at, is a step before the first bake.';
export const bentWord = 'Bent cold, it';
export const bends = { springs: 'springs back', bends: 'stays bent', snaps: 'snaps' } as const;
export const scratchedWord = 'Under a needle it';
export const scratches = {
  fine: 'takes a fine scratch',
  crumbles: 'crumbles',
  dents: 'dents',
} as const;
export const rawColour = 'Colour, raw';
export const bakedColour = 'Colour, baked';
export const noteOnTile = (on: string): string => `Note on the tile of ${on}`;
export const enterTile = 'Enter a test tile';
export const newPacket = 'A new packet: try again';
