/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// basePlan.ts
export const front = 'front';
export const baseFromAboveHoles = 'Base from above: holes by number and drill, mm';

// bendingCards.ts
export const bendsFrom = (id: string, name: string, namedEnd: string): string =>
  `${id} ${name}, bends from the ${namedEnd}`;
export const wire = (id: string): string => `wire ${id}`;
export const bendOf = (id: string, number: number, length: number): string =>
  `${id}   bend ${number} of ${length}`;
export const first = (before: string): string => `first ${before}`;
export const pliersAtThisMark = (value: string): string =>
  `pliers at this mark, by hand at ${value}`;
export const onlyLeaveIt = (value: string): string => `only ${value}°: leave it`;
export const relaxesTo = (value: string): string => `relaxes to ${value}°`;
export const afterThisBend = 'after this bend';
export const springsBack = 'springs back';
export const anyWayRound = 'any way round';
export const asBend = (number: number): string => `as bend ${number}`;
export const oppositeToBend = (number: number): string => `opposite to bend ${number}`;
export const ofBend = (deg: number, which: string, number: number): string =>
  `${deg}° ${which} of bend ${number}`;

// formItems.ts
export const formFromSide = 'Finished form, from its left';
export const formFromFront = 'From the front';
export const formFromAbove = 'Finished form, from above';
export const formFromBehind = 'From behind';
export const proportions = 'Proportions, from its left';
export const highestPlace = 'Highest place';
export const levelAt = (name: string, mm: string): string => `${name} ${mm} mm`;
export const inHeadLengths = (long: string, tall: string, headMm: string): string =>
  `${long} skull lengths long, ${tall} tall; one is ${headMm} mm`;
export const headFromSide = (times: number): string => `Head, from its left, × ${times}`;
export const headFromFront = (times: number): string => `Head, from the front, × ${times}`;
export const headThreeQuarter = (times: number): string => `Head, from its left front, × ${times}`;
export const headFromAbove = (times: number): string => `Head, from above, × ${times}`;
export const formThreeQuarter = 'Finished form, from its left front';

// footDrawings.ts
export const fromItsLeft = 'from its left';
export const fromTheFront = 'from the front';
export const seenFromAbove = 'from above';
export const partSeenTimes = (part: string, from: string, times: number): string =>
  `${part.charAt(0).toUpperCase()}${part.slice(1)}, ${from}, × ${times}`;

// bladeDrawings.ts
export const laidFlat = (blade: string): string => `${blade}, laid flat`;
export const laidFlatTwice = (blade: string): string =>
  `${blade}, laid flat: one like this, one mirrored`;

// bladeItems.ts
export const areaMm2 = (mm2: string): string => `${mm2} mm²`;
export const bentBy = (mm: string): string => `bent by up to ${mm} mm on the animal`;

// coreItems.ts
export const solid = 'solid';

// cutListSheet.ts
export const noWirePieceIs = 'No wire: the piece is clay alone.';
export const cutList = 'cut list';
export const cutListTickEach = 'Cut list: tick each length when it is cut';
export const cutTo = 'cut to';
export const wire2 = (letter: string): string => `wire ${letter}`;

// elevation.ts
export const sideElevation = 'Side elevation';
export const frontElevation = 'Front elevation';
export const fromAbove = 'From above';
export const withWires = ' with the wires';
export const withCore = ' with the core';
export const muscles = ', muscles';
export const whereSectionsAreCut = ', where sections are cut';
export const baseColours = ', base colours';
export const lieOfCoat = ', lie of the coat';

// footfallDrawing.ts
export const footfallsOfBarsAre = (name: string): string =>
  `Footfalls of the ${name}: bars are feet on the ground`;

// lineup.ts
export const atOneScaleStanding = 'At one scale, standing';

// measuredDrawing.ts
export const fromSideAsPictures = 'From the side, as the pictures have it';
export const fromFront = 'From the front';
export const mmApart = (mm: string): string => `${mm} mm apart`;

// muscleSheet.ts
export const musclesInOrderOf = 'Muscles in the order of laying';
export const depthPegs = 'Depth pegs';
export const boneUnderSkin = 'bone under the skin';
export const onto = (onto: string): string => `onto the ${onto}`;
export const musclesAndPegs = 'Muscles and pegs';
export const overIt = 'over it';
export const flatLast = 'flat, last';

// referencePlates.ts
export const otterFromLeft = 'Otter, from the left';
export const otterFromFront = 'Otter, from the front';
export const heronFromLeft = 'Heron, from the left';
export const heronFromFront = 'Heron, from the front';
export const otterOnBankOne = 'Otter on the bank, one photograph';

// sectionCards.ts
export const sectionCardsOf = (i: number, length: number): string =>
  `Section cards, ${i} of ${length}`;
export const sectionCards = 'Section cards';
export const section = (number: number): string => `section ${number}`;
export const girth = (value: string): string => `girth ${value}`;
export const clay = (value: string): string => `clay ${value}`;
export const wideDeep = (value: string, value2: string): string => `${value} wide, ${value2} deep`;

// sectionDrawing.ts
export const section2 = (number: number, name: string): string => `Section ${number}, ${name}`;

// shoppingSheet.ts
export const toHaveAtHand = 'To have at hand, or to buy';

// stanceDrawing.ts
export const recoveredFromSide = 'Recovered, from the side';
export const fromFront2 = 'from the front';
export const fromAbove2 = 'from above';

// stepsSheet.ts
export const workInOrder = 'The work in order';
export const cautionsAsAtStep = (at: string): string => `Cautions as at step ${at}.`;
export const step = (number: number): string => `step ${number}`;

// strokeCard.ts
export const strokesOfEachZone = 'Strokes of each zone, true to size';
export const coat = (id: string): string => `coat ${id}`;
export const noToolSoFine = 'no tool so fine';

// tipRoseDrawing.ts
export const tipsAt = 'Tips at';

// wireStrips.ts
export const strandsTwisted = (strands: number): string => `, ${strands} strands twisted`;
export const fromWord = (namedEnd: string): string => `from the ${namedEnd}`;
export const cutMm = (
  id: string,
  name: string,
  metalName: string,
  sizeText: string,
  strands: string,
  value: string,
  which: string,
): string => `${id} ${name}: ${metalName} ${sizeText}${strands}, cut ${value} mm, ${which}`;
export const bendsFrom2 = (namedEnd: string): string => `, bends from the ${namedEnd}`;
export const laidStraight = (id: string, name: string, which: string): string =>
  `${id} ${name} laid straight${which}`;
export const wiresLaidStraightMarks =
  'Wires laid straight, marks from the named end: start (middle)';

// lineup.ts
export const aThumb = 'a thumb, 65 mm';

// lineup.ts
export const aHand = 'a hand, 190 mm';

// lineup.ts
export const aPerson = 'a person, 1.70 m';

// stepsSheet.ts
export const takesBetween = ' Takes ';

export const eye = 'Eye';
export const nostril = 'Nostril';
export const rootOf = (name: string): string => `Root of the ${name}`;
export const tipOf = (name: string): string => `Tip of the ${name}`;

// basePlan.ts, on a wall
export const plateFromFront =
  'Plate from the front, its top to the left: holes by number and drill, mm';
export const top = 'top';

// basePlan.ts, perches
export const perchFromAbove = (name: string): string =>
  `${name.charAt(0).toUpperCase()}${name.slice(1)} from above: holes by number and drill, mm`;

// stepCards.ts, diarySheet.ts, weekSheet.ts, careSheet.ts
export const stepCardsPage = (n: number): string => `Step cards, page ${n}`;
export const doneBox = 'Done';
export const haveReady = (things: string): string => `Have ready: ${things}.`;
export const rightWhen = (words: string): string => `Right when: ${words}`;
export const watchFor = (words: string): string => `Watch: ${words}`;
export const learntAt = (piece: string, words: string): string => `Learnt at “${piece}”: ${words}`;
export const diaryOf = (piece: string): string => `Diary of “${piece}”`;
export const minutesShort = (minutes: number): string => `${minutes} min`;
export const plannedAndCame = 'Planned / came out as';
export const planOfWeek = 'Plan of the days';
export const careOf = (piece: string): string => `“${piece}”: how it is kept and carried`;
export const howItIsKept = 'How it is kept and cleaned';
export const weakPlaces = 'Where it breaks first';
export const howItIsPacked = 'How it is packed and carried';
export const whatItIsMadeOf = 'What it is made of';
