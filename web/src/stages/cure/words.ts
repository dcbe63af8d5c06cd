/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// CureStage.vue
export const howClayWarmsAnd = 'How the clay warms, and how long it needs';
export const heatFlowIsBeing = 'The heat flow is being worked out.';
export const setsWithoutOven = (time: string, name: string): string =>
  `This round needs no oven: let it set for ${time} (${name}), and never bake it hotter than it bears.`;
export const bakeOf = (number: number, of: number, name: string): string =>
  `Bake ${number} of ${of}: ${name.toLowerCase()}`;
export const whatGoesWhere = 'What goes into which bake';
export const foundThings = 'Found and ready-made things';
export const asItWas = 'What the oven did';
export const ovenAtWork = 'The oven at work';
export const whenWrong = 'When it went wrong';
export const testTile = 'Test tile, and old clay';
export const testTileOfShells = 'Test tile of the shells’ clay';
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

export const airAsMeasured = 'Air, as measured';
export const ballAsMeasured = 'Ball of clay, as measured';
export const slowestInThatAir = 'Slowest clay in that air';

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

// CureTabs.vue
export const roomsOfCure = 'Rooms of Cure';
export const bakesTab = 'Bakes';
export const fittingsTab = 'Fittings';
export const materialsTab = 'Materials';
