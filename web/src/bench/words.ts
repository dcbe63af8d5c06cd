/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BenchFrame.vue
export const leaveBench = 'Leave bench';

// BendPicture.vue
export const wireBentInPliers = 'The wire bent in the pliers';
export const atEdgeOfJaw = 'at the edge of the jaw';
export const underThumb = 'under the thumb';
export const mark = (number: string | number, which: string | number): string =>
  `mark ${number} ${which}`;

// BendingBench.vue
export const onThisWire = 'on this wire';
export const firstBend = 'first bend';
export const bend = (number: string | number): string => `bend ${number}`;
export const doneBackToWire = 'Done: back to Wire';
export const tapLeftOrRight = 'tap left or right, space, or arrow keys';
export const cutBendOfFrom = (
  metalName: string | number,
  size: string | number,
  cut: string | number,
  number: string | number,
  count: string | number,
  namedEnd: string | number,
): string =>
  `${metalName}, ${size} · cut ${cut} · bend ${number} of ${count}, from the ${namedEnd}`;
export const first = (feature: string | number): string => `First ${feature}`;
export const ofWireFrom = (lengthMm: string | number, atMm: string | number): string =>
  `: ${lengthMm} of wire from ${atMm}`;
export const direction = 'Direction';
export const whichWayItGoes = (namedEnd: string | number): string =>
  `Which way it goes, seen from the ${namedEnd}`;
export const angle = 'Angle';
export const bendTo = 'Bend to';
export const straight = 'straight';
export const relaxesTo = 'relaxes to';
export const byPliersAtIts = 'by pliers, at its start';
export const byHandAtIts = 'by hand, at its middle';
export const thisMetalSpringsBack =
  'This metal springs back wholly at this radius. Use a tighter bend or a softer metal.';
export const wireSoFar = 'The wire so far';
export const wireAfterThisBend = 'The wire after this bend';
export const at = 'At the';
export const allStrandsTogether = ', all strands together';
export const layItOnSheet = '. Lay it on the sheet: it should cover the drawn line up to here.';
export const noSuchBend = 'No such bend';
export const wireHasBendsThere = (
  wireId: string | number,
  count: string | number,
  number: string | number,
): string => `Wire ${wireId} has ${count} bends; there is no bend ${number}.`;
export const backToWire = 'Back to Wire';
export const firstBendAnyWay = 'The first bend: any way round';
export const sameWayAsBend = (number: string | number): string => `the same way as bend ${number}`;
export const oppositeToBend = (number: string | number): string => `opposite to bend ${number}`;
export const ofBend = (side: string | number, number: string | number): string =>
  `${side} of bend ${number}`;
export const changeWhereToolGoes = 'Change where the tool goes';

// RulerStrip.vue
export const straightWireWithMarks = (length: string | number): string =>
  `The straight wire with ${length} marks`;

// StepBench.vue
export const onThisStep = 'on this step';
export const firstStep = 'first step';
export const leaveBench2 = 'leave the bench';
export const tapLeftOrRightSpace = 'tap left or right, space or arrow keys; Enter ticks off';
export const stepOf = (
  name: string | number,
  number: string | number,
  length: string | number,
): string => `${name} · step ${number} of ${length}`;
export const itsNumbersAreStill = '· its numbers are still being worked out';
export const bendOneBendAt = (bendsWire: string | number): string =>
  `Bend ${bendsWire}, one bend at a time`;
export const done = (on: string | number): string => `Done ${on}`;
export const doneNextStep = 'Done, next step';
export const noSuchStep = 'No such step';
export const thisPieceHasNo = (stepId: string | number): string =>
  `This piece has no step “${stepId}”: steps follow from the decisions.`;
export const backToBench = 'Back to Bench';
export const bodyIsBeingWorked = 'The body is being worked out';
export const tick = (title: string | number): string => `Tick “${title}”`;

// TurnDial.vue
export const dialBendAgainstBend = (number: string | number): string =>
  `Dial: bend ${number} against the bend before`;
export const bendWentHere = (number: string | number): string => `bend ${number} went here`;
export const goesHere = 'goes here';

// WireSoFar.vue
export const wireAfterThisBendSeen = 'The wire after this bend, seen square to the bend';

// StepBench.vue
export const startThisBake = 'Put it in and watch it';
export const timerPaused = 'paused';
export const pauseTimer = 'Pause';
export const goOn = 'Go on';
export const learntAt = (piece: string, words: string): string => `Learnt at “${piece}”: ${words}`;

// StepPartButtons.vue
export const tickPart = (part: string, title: string): string => `Tick “${part}” of “${title}”`;

// StepLog.vue
export const logAt = (title: string): string => `Write into the log at “${title}”`;
export const isLogged = 'In the log.';
export const pictureIsKept = 'The picture is being kept …';
export const note = 'Note';
export const picture = 'Picture';
export const pictureOf = (title: string): string => `Picture of “${title}”`;
export const entriesHere = (many: number): string =>
  many === 1 ? '1 entry in the log here' : `${many} entries in the log here`;
export const yourWords = 'in your own words';
export const keepNote = 'Keep it';
/** What is noted most often, one touch each. */
export const PRESETS = [
  { kind: 'note', words: 'Went well' },
  { kind: 'attempt', words: 'Slipped' },
  { kind: 'attempt', words: 'Broke' },
  { kind: 'attempt', words: 'Too hot' },
  { kind: 'attempt', words: 'Ran out' },
] as const;
