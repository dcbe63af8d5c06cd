// bladePlan.ts
export const thickAtScale = (name: string): string => `${name}, thick at scale`;
export const thickInLife = 'Thick in life';
export const definitionOfScale = 'definition of scale';
export const thickMade = (name: string): string => `${name}, made`;
export const leastOfWay = {
  pressed: 'Least that clay on the piece bears',
  clay: 'Least that clay over a wire bears',
  sheet: 'A sheet of film or paper',
} as const;
export const setByYou = 'Set by you';
export const decidedByYou = 'decided by you';
export const compromise =
  'a compromise: as thin as it can be made, not as thin as life; least from memory of common practice';
export const areaOf = (name: string): string => `${name}, one side`;
export const outlineLaidFlat = 'its outline laid flat, spread';
export const areaByLoop = 'cross products along the outline';
export const edgeOf = (name: string): string => `${name}, its wire`;
export const alongEdge = 'Along the leading edge';
export const intoBody = 'Into the body';
export const intoBodyByPractice =
  'the way along the edge; how far it reaches into the body is common practice';
export const lapOf = (name: string): string => `${name}, lap over the wire`;
export const wireThick = 'Wire, thick';
export const halfRound = 'half round the wire, and the thickness twice to press it shut';
export const attachedOf = (name: string): string => `${name}, where it is held`;
export const alongBone = 'Along a bone';
export const boneByBone = 'bone by bone, laid flat';
export const slackOf = (name: string): string => `${name}, in folds in this stance`;
export const shownNow = 'What of it is spread in this stance';
export const foldsByArea = 'what is not spread hangs in folds, between the lines where it is held';
export const propOf = (name: string): string => `${name}, from prop to prop while soft`;
export const softStiffness = 'Stiffness of soft clay as it warms';
export const sagUnseen = 'Sag that is not seen';
export const clayDensity = 'Density of the clay';
export const gravity = 'Gravity';
export const stripOnTwo =
  'a strip on two supports (Euler and Bernoulli); stiffness and density from memory: clays differ, a test strip tells';
export const foldsOf = (name: string): string => `${name}, folds to press in`;
export const acrossBlade = 'Across it, laid flat';
export const foldHigh = 'A fold stands up by so many thicknesses';
export const eachTakesTwice = 'each fold takes up twice its height; how high is common practice';
export const howMany = 'How many';
export const minutesOf = (name: string): string => `${name}, hand work`;
export const minutesByArea = 'area by the usual pace of its way, from memory; left and right';
export const aMinute = 'A minute';
export const paceOfWay = 'Done in a minute';
export const markOf = (name: string, n: number): string => `${name}, mark of bend ${n}`;
export const turnOf = (name: string, n: number): string => `${name}, turn of bend ${n}`;
export const alongWire = 'from the root along the wire, on the template';
export const straightPart = 'A straight part';
export const turnByDirections = 'angle between the straight parts before and after it';
export const withinEdge = 'the wire keeps to the edge within 0.8 % of its length';
