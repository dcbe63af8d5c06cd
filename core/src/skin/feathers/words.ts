// featherRow.ts
export const manyOf = (row: string): string => `${row}, each side`;
export const inLibraryOfFeathers = 'Usual for this animal';
export const ofLibrary = 'library of animals, from memory';
export const setByYou = 'Set by you';
export const decidedByYou = 'decided by you';
export const longestOf = (row: string): string => `${row}, the longest in life`;
export const featherLong = (id: string): string => `${id}, along its shaft`;
export const featherWide = (id: string): string => `${id}, across its vanes`;
export const shareOfLongest = 'Share of the longest';
export const byWingFormula = 'lengths by the wing formula, feather by feather; definition of scale';
export const wideAsShare = 'Width as a share of the length';
export const apartFromNext = 'From the next shaft, where both are full';
export const leastOverlap = 'Least overlap';
export const coversNext =
  'as wide as in life, and wide enough to lie over the next one; the wing spread wide';
export const featherShaft = (id: string): string => `${id}, its wire`;
export const turnsRoundWing = 'Turns round the wire of the wing';
export const wingWireThick = 'Wire of the wing, thick';
export const shaftWireThick = 'Wire of the shaft, thick';
export const wireReaches = 'It reaches to this share of it';
export const routeOfShaft =
  'turns π · (D + d) each, then along the shaft; how far it reaches is common practice';
export const inTheClay = 'In the clay';
export const rootInClay =
  'no wire in this wing: its root lies in the clay; how far it reaches is common practice';
export const shaftsInAll = 'Wire for the shafts, in all';
export const bothOfEach = 'left and right of every feather that is carried by a wire';
export const sheetForFeathers = 'Sheet for the feathers, without waste';
export const rectangleOf = (id: string): string => `${id}, its rectangle, both sides`;
export const rectanglesByGap = 'each with its gap; how they lie on the sheets tells the waste';
export const minutesFor = (row: string): string => `${row}, hand work`;
export const feathersMade = 'Feathers to make';
export const minutesEach = 'Minutes for each';
export const madeByHand =
  'usual minutes of the way they are made, from memory; barbs by your pace of strokes';
export const barbsApart = (row: string): string => `${row}, from barb to barb`;
export const barbsInLife = 'Barbs in life';
export const leastBarb = 'Least in clay';
export const barbsByPractice =
  'barbs at scale are never seen: as close as strokes stay apart in clay; common practice';
export const barbsDrawn = 'Barbs drawn, both vanes';
export const strokesInMinute = 'Strokes in a minute';
export const oneMinute = 'One minute';
export const glueStrip = 'Glue along each shaft, wide';
export const halfShaft = 'Thickest wire of a shaft';
export const glueBeside = 'Beside the wire, each side';
export const glueByPractice = 'half round the wire and a little beside it; common practice';
export const bevelWide = 'Edges cut at a slant, wide';
export const sheetThick = 'Sheet, thick';
export const slant = 'Slant of the blade';
export const bevelByPractice =
  'an edge cut at a slant shows no side; a third of a right angle is common practice';
export const fillOfSheets = 'What of the sheets is feathers';
export const feathersOnThem = 'Feathers on them';
export const sheetsInUse = 'Sheets in use';
export const byOutlines = 'areas of the outlines over those of the sheets in use';
export const stepDeep = 'Each step deep';
export const thicknessInLife = 'A feather in life, thick';
export const leastPressed = 'Least that shows';
export const deepAsScale =
  'thickness at scale is never seen: what a tool presses and paint does not fill; common practice';
