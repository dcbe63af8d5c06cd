/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// fittingKinds.ts
export const smallCone = 'a cone, rolled and bent while soft';
export const flatNail = 'a flat nail, pressed from a slice';
export const block = 'a block, cut square at its sole';
export const straightCone = 'a straight cone';
export const thinStrip = 'a strip of its own stuff on its wire';
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
export const clayFor = (name: string): string => `${name}, clay for all and spares`;
export const volumeOfOne = 'Volume of one';
export const howMany = 'How many, with spares';
export const solidGeometry = 'solid geometry: cone, block and ball';
export const slender = (name: string): string => `${name}, length over thickness`;
export const slenderSource =
  'longer than four times its thickness it breaks without a wire: common practice';
export const wireInside = 'needs its wire inside: it is long and thin';
export const noWire = 'short and thick: it holds without a wire';
export const strokeOnly = 'too thin for clay: draw it with the tool, or set a bristle';
export const ofSheet = 'not of clay';
export const builtOnArmature = 'grows on the armature, with a wire of its own: nothing is set in';
export const tipTurned = 'The tip has turned by';
export const straightAcross = (name: string): string => `${name}, straight from base to tip`;
export const highOverChord = (name: string): string => `${name}, height of the curve over that`;
export const arcOfCircle = 'arc of a circle as long as the part; how far it turns from memory';
