/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// fittingKinds.ts
export const smallCone = 'a cone, rolled and bent while soft';
export const flatNail = 'a flat nail, pressed from a slice';
export const block = 'a block, cut square at its sole';
export const straightCone = 'a straight cone';
export const thinStrip = 'a strip of its own stuff on its wire';
export const hornCone = 'a long cone, bent over its former while soft';
export const flatLeaf = 'a leaf cut from a rolled sheet, thinner to its edge';
export const cuppedLeaf = 'a leaf, cupped over the finger';
export const armourPlate = 'a plate rolled thin and bent over the body, with foil between';
export const riderApart = 'a figure of its own, built by itself down to its seat';
export const pressedDome = 'a ball pressed flat on its seat';
export const bristle = 'a bristle cut to its length, its tip drawn to a point';
export const bareWire = 'a wire of its own, filed to a tip';
export const lockOfFibre = 'a lock of fibre, tied at its root';
export const ballOf = 'a ball';

// planFittings.ts
export const eyes = 'Eyes';
export const inLife = (name: string): string => `${name}, in life`;
export const long = (name: string): string => `${name}, length`;
export const across = (name: string): string => `${name}, across`;
export const thickAtBase = (name: string): string => `${name}, thick at the base`;
export const sizeInLibrary = 'size of the part in the library of animals';
export const definitionOfScale = 'definition of scale';
export const shareOfLength = 'Thickness as a share of the length';
export const shapesCommonPractice = 'shares of such parts from memory; look at the animal';
export const sold = 'As sold, in halves of a millimetre';
export const soldSource =
  'beads and balls of glass are sold in halves of a millimetre: common practice';
export const larger = 'Half a millimetre more makes it look larger by';
export const areaOfDisc = 'area of the disc that is seen';
export const slender = (name: string): string => `${name}, length over thickness`;
export const slenderSource =
  'longer than four times its thickness it breaks without a wire: common practice';
export const itsOwnStuff = 'Of a stuff that holds by itself: no wire inside.';
export const sheetOnWire = 'Cut from sheet and glued on its wire.';
export const tooShortForWire = 'Long and thin, but too short for a wire: handle it last.';
export const wireInside = 'Needs its wire inside: it is long and thin.';
export const noWire = 'Short and thick: it holds without a wire.';
export const strokeOnly = 'Too thin for clay: draw it with the tool, or set a bristle.';
export const ofSheet = 'Cut from sheet: stiff enough by itself at this length.';
export const builtOnArmature = 'Grows on the armature, with a wire of its own: nothing is set in.';
export const tipTurned = 'The tip has turned by';
export const straightAcross = (name: string): string => `${name}, straight from base to tip`;
export const highOverChord = (name: string): string => `${name}, height of the curve over that`;
export const arcOfCircle = 'arc of a circle as long as the part; how far it turns from memory';

// fittingWorkings.ts
export const alongItsAxis = 'measured along the axis of the part as it is drawn';
export const stepsOfAxis = 'sums over the samples of its axis';
export const curveInLibrary = 'the part as the animal’s form has it';
export const partFrom = (part: string, bone: string): string => `${part}, from ${bone}`;
export const shortestOf = (name: string): string => `${name}, the shortest`;
export const toMake = (name: string): string => `${name}, to make`;
export const onTheAnimal = 'On the animal';
export const spares = 'Spare ones';
export const sparesSource =
  'one spare to six, two for eyes: common practice; small parts break and roll away';
export const stuffFor = (name: string, stuff: string): string =>
  `${name}, ${stuff} for all and spares`;
export const volumeOfAll = 'Volume of all, with spares';
export const densityOf = (name: string): string => `Density: ${name.toLowerCase()}`;
export const sectionsAlongAxis = 'sections along the axis of each piece, summed';
export const seatOf = (name: string): string => `${name}, set in so deep`;
export const shareOfLengthIn = 'Share of the length that is set in';
export const atLeast = 'At least';
export const atMost = 'At most';
export const seatSource = 'a quarter of the length holds: common practice';

// eyePlan.ts
export const openingOfLids = 'Opening of the lids, in diameters of the ball';
export const seenOfBall = 'Eye, seen between the lids';
export const openingInLibrary = 'opening of the lids as the animal’s form has it';
export const deepInSocket = 'Eye, so deep in its socket';
export const capOfBall = 'cap of a ball: what stands out is as wide as what is seen';
export const socketWide = 'Socket, across';
export const play = 'Play';
export const playCommonPractice = 'a ball slides into a hole a little wider: common practice';
export const placesOnSkin = 'places of both eyes on the skin in this stance';
export const exactPlaces = 'exact on the sections of the head';
export const placeOfEye = 'place of the eye on the head';
export const betweenEyes = 'From eye to eye';
export const eyeFromTip = 'From the tip of the head back to the eye';
export const pairApart = (pair: number): string => `Pair ${pair} of eyes, from eye to eye`;
export const pairBack = (pair: number): string => `Pair ${pair} of eyes, back from the tip`;
export const upperLidStrip = 'Upper lid, strip so wide';
export const lowerLidStrip = 'Lower lid, strip so wide';
export const shareOfBall = 'Share of the ball';
export const stripsCommonPractice = 'strips of thin clay, trimmed after pressing: common practice';
export const pupilOf = {
  dark: 'Pupil',
  round: 'Round pupil, across',
  upright: 'Slit of the pupil, wide',
  level: 'Bar of the pupil, long',
} as const;
export const shareOfWhatShows = 'Share of what shows';
export const catchLight = 'Catch light, across';
export const lookAtAnimal = 'from memory; look at the animal and its light';

// fittingMaterials.ts
export const ownClay = 'Clay of the piece';
export const wireStuff = 'Wire';
export const glass = 'Glass';
export const bead = 'Glass bead';
export const resin = 'Cast resin';
export const putty = 'Epoxy putty';
export const sheet = 'Sheet or stiff paper';
export const wood = 'Wood';
export const fibre = 'Fibre or bristle';
export const joinClay = 'with liquid clay in a scratched seat';
export const joinWire = 'its end bent into a hook and pressed into the soft clay';
export const joinGlass = 'pressed into its socket, held by its lids';
export const joinGlue = 'with epoxy glue on its pin';
export const joinPutty = 'with its own putty on its pin';
export const joinSheet = 'with glue along its edge or shaft';
export const joinFibre = 'with a drop of glue in a hole pricked for it';
