/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BenchStage.vue
export const workInOrder = 'The work in order';
export const stepsOfThisPiece = 'Steps of this piece';
export const next = 'Next';
export const workAtBench = 'Work at the bench';
export const everythingIsTickedOff = 'Everything is ticked off.';
export const toBuy = 'To buy';
export const everythingPieceTakesLess = 'Everything the piece takes, less what is on hand in the';
export const workshop = 'workshop';

// StepCard.vue
export const done = (title: string | number): string => `Done: ${title}`;
export const next2 = 'next';
export const mayBeDoneNow = 'may be done now';
export const done2 = (on: string | number): string => `Done ${on}`;
export const minutesFor = (title: string | number): string => `Minutes for ${title}`;
export const minutes = 'minutes';
export const minutes2 = 'Minutes';
export const noteOn = (title: string | number): string => `Note on ${title}`;
export const noteForNextTime = 'a note for next time';
export const untick = (title: string | number): string => `Untick “${title}”`;
export const tick = (title: string | number): string => `Tick “${title}”`;
export const log = (title: string | number): string => `Log “${title}”`;

// StepCard.vue
export const startThisBake = 'Put it in and watch it';

// BenchTabs.vue
export const roomsOfBench = 'Rooms of Bench';
export const stepsTab = 'Steps';
export const daysTab = 'Days';
export const nowTab = 'Now';
export const stockTab = 'Stock and cost';
export const logTab = 'Log';
export const finishedTab = 'Finished';

// BenchStage.vue, OwnSteps.vue, OwnStepFields.vue
export const orderOfSteps = 'Order, and steps of your own';
export const dragHint =
  'Drag a step by its grip, or move it with the arrow keys, within what the order allows.';
export const addOwnStep = 'Add a step';
export const addStep = 'Add a step of your own';
export const newStep = 'Step of your own';
export const changeOwnStep = 'Change a step of your own';
export const removeOwnStep = 'Remove a step of your own';
export const planOrder = 'Back to the order of the plan';
export const changeIt = 'Change';
export const stepName = 'Name';
export const whatToDo = 'What to do';
export const kindOfWork = 'Kind of work';
export const takesAbout = 'Takes about';
export const notBeforeStep = 'Not before';
export const anyTime = 'at any time';
export const removeStep = 'Remove this step';
export const WORK_NAMES = {
  ...{ print: 'Printing', cut: 'Cutting', bend: 'Bending', bind: 'Binding', drill: 'Drilling' },
  ...{ model: 'Modelling', bake: 'Baking', set: 'Setting', texture: 'Texture' },
  ...{ clean: 'Cleaning', paint: 'Painting', look: 'Looking' },
} as const;

// StepList.vue
export const moveStep = (title: string): string => `Move “${title}”`;
export const dragIt = 'Drag, or use the arrow keys';
export const heldByNeeds = (title: string): string =>
  `“${title}” stands as near as the order allows: it needs what is before it, or is needed by what comes after.`;

// StepParts.vue, StepGuide.vue, StepLeft.vue
export const tickPart = (title: string, part: string): string => `Tick “${part}” of “${title}”`;
export const partOf = (title: string, part: string): string => `${title}: ${part}`;
export const learntAt = (piece: string): string => `Learnt at “${piece}”:`;
export const moreAboutIt = 'How it should look';
export const lessAboutIt = 'Less';
export const onTable = 'On the table';
export const rightWhen = 'Right when';
export const watchFor = 'Watch for';
export const leaveOut = (title: string): string => `Leave out “${title}”`;
export const takeUp = (title: string): string => `Take up “${title}” again`;
export const leaveItOut = 'Leave it out';
export const isLeftOut = 'Left out:';
export const whyLeftOut = (title: string): string => `Why “${title}” is left out`;
export const why = 'why';
export const takeItUp = 'Take it up again';
