/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// disagreements.ts
export const thirdView = 'third-view';
export const leftAndRight = 'left-and-right';
export const lessPrecise = 'less-precise';

// foundLengths.ts
export const tapeOrCaliper = (bone: string): string => `tape or caliper${bone}`;
export const pictures = (bone: string): string => `pictures${bone}`;

// pictureFaults.ts
export const itHasNoScale = 'it has no scale yet: mark two points and type the length between them';
export const twoPointsOfIts =
  'the two points of its scale are one, or the length between them is nought: mark them apart and type a length above 0 mm';
export const boneThatItsScale =
  'the bone that its scale is taken from has not both its ends on this picture: place them, or mark two points of a known length';
export const bothEndsOfIts =
  'both ends of its level line are one point: draw the line along something level';
export const lensWouldStandInside =
  'the lens would stand inside the animal: the camera must be farther away than the animal is near';

// planReferences.ts
export const scale = (name: string): string => `${name}, scale`;
export const knownLength = 'Known length';
export const itsLengthOnPicture = 'Its length on the picture';
export const definitionOfScaleSpread = 'definition of a scale; spread of your own repeated clicks';
export const definitionOfScaleCareful =
  'definition of a scale; a careful click lies within 1.5 pixels, common practice';
export const toSide = 'To the side';
export const onPictures = (name: string): string => `${name}, on the pictures`;
export const lengthAsSeenLeast =
  'length as seen: the least that it can be, since no view shows the missing way';
export const spreadOfClick = 'the spread of a click';
export const seenIn = (pictureId: string): string => `Seen in ${pictureId}`;
export const takenToLieIn = '; taken to lie in the plane of symmetry';
export const twoViewsOfOne = (which: string): string =>
  `two views of one body (descriptive geometry); variances added up after JCGM 100:2008${which}`;
export const found = (name: string): string => `${name}, found`;
export const meanOfWhatWas = 'mean of what was found, weighed by how sure each is';
export const rangeToldBesideIt = 'the range told beside it';
export const inPlanNow = 'In the plan now';
export const measuredFrom = (measured: string): string => `measured from ${measured}`;
export const alongBody = 'along the body';
export const inHeight = 'in height';
export const acrossBody = 'across the body';

// tracedShape.ts
export const onlyPicturesFromSide = 'Only pictures from the side or from above give sections.';
export const outlineHasPointsAt = (length: number, LEASTPOINTS: number): string =>
  `The outline has ${length} points; at least ${LEASTPOINTS} are needed round the animal.`;
export const pictureHasNoScale =
  'The picture has no scale yet: mark two points of known length on it first.';
export const noBoneLiesIn =
  'No bone lies in the outline with both its ends placed: place the landmarks of the spine and the limbs first.';

// planReferences.ts
export const forward = 'Forward';
