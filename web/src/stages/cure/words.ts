/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BakeList.vue
export const orderOfBakes = 'Order of bakes';
export const forBulkyBodiesBaked =
  'For bulky bodies: a baked shell carries detail without sagging, and costs one more bake.';
export const forSlenderBodiesQuicker =
  'For slender bodies: quicker, but what is done first can be dented while the rest is made.';
export const eyesAndClawsBaked = 'Eyes and claws baked before';
export const changeWhenPartsAre = 'Change when parts are baked';
export const neededInHotOven = 'Needed in the hot oven';
export const upToWhereClay = (range: string | number): string =>
  `up to ${range} where clay and oven are slow`;
export const bakeFor = 'Bake for';
export const minutesOfYourOwn = 'Minutes of your own';
export const minutesOfBake = (name: string | number): string => `Minutes of the bake: ${name}`;
export const minutes = (name: string | number): string => `${name}, minutes`;
export const letBakeFollow = (name: string | number): string => `Let the ${name} bake follow`;
export const setBake = (name: string | number): string => `Set the ${name} bake`;
export const shellFirst = 'Shell first';
export const allAtOnce = 'All at once';
export const changeOrderOfBakes = 'Change the order of bakes';

// CureStage.vue
export const howClayWarmsAnd = 'How the clay warms, and how long it needs';
export const howClayWarmsIn = 'How the clay warms in an oven at its temperature';
export const heatFlowIsBeing = 'The heat flow is being worked out.';
export const asItDries = 'as it dries';
export const byItself = 'by itself';
export const setsWithoutOvenNever = (name: string | number, which: string | number): string =>
  `${name} sets without an oven ${which}: never bake it hotter than its limit.`;
export const oven = 'The oven';
export const setting = 'Setting';
export const bakesAndParts = 'Bakes and parts';
export const whatPacketSaysOf = 'What the packet says of time';
export const whatClaysOwnLabel = 'What the clay’s own label says';
export const whatLabelOfShells = 'What the label of the shells’ clay says';
export const yourOven = 'Your oven';

// HeatChart.vue
export const chartOfWarming = (spoken: string | number): string => `Chart of warming. ${spoken}.`;
export const min = (names: string | number, minutes: string | number): string =>
  `${names} ${minutes} min`;
export const atkinsonHyperlegibleNextVariable = 'Atkinson Hyperlegible Next Variable, sans-serif';
export const minutesInHotOven = 'minutes in the hot oven';
export const innermostClay = (which: string | number): string => `innermost clay, ${which}`;
export const oven2 = (ovenC: string | number): string => `oven ${ovenC}`;
export const curesFrom = (targetC: string | number): string => `cures from ${targetC}`;
export const hotAfterMinutes = (caseId: string | number, working: string | number): string =>
  `${caseId}: hot after ${working} minutes`;

// OvenChoices.vue
export const setDialYourself = 'Set the dial yourself';
export const letDialFollow = 'Let the dial follow';
export const dial = 'Dial';
export const setDial = 'Set the dial';
export const keptInOnceIt = 'Kept in once it is hot';
export const changeTimeHeld = 'Change the time held';

// TimeTable.vue
export const whereClayIsSlowest = 'Where the clay is slowest';
export const thick = 'Thick';
export const packetsRuleMinimum = 'Packet’s rule, a minimum';
export const innermostClayHotEnough = 'Innermost clay hot enough after';
export const between = 'between';
export const same = 'the same';
export const bothCountFromMoment = (holdMin: string | number): string =>
  `Both count from the moment the piece is in the hot oven. The packet’s rule is a minimum, and no time at temperature; the physical time is how long the innermost clay takes to reach the low end of what it cures at, and ${holdMin} are added to it. The longer of the two is baked. Longer at the right temperature does no harm; hotter does.`;

// BakeList.vue
export const bodyFirst = 'Body first';
export const forSlenderBodiesFirst =
  'For slender bodies of solid clay: the bare body is baked a skin thinner, so that nothing is pressed out of shape while the surface is worked.';

// CureTabs.vue
export const roomsOfCure = 'Rooms of Cure';
export const bakesTab = 'Bakes';
export const fittingsTab = 'Fittings';
