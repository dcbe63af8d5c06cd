/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// SkeletonSpace.vue
export const stanceInSpaceDrag = 'The stance in space; drag to turn it';

// SpaceBox.vue
export const turnLeft = 'Turn left';
export const turnRight = 'Turn right';
export const thisBrowserCannotDraw = (message: string | number): string =>
  `This browser cannot draw in space (${message}). The elevations show the same.`;

// SheetBoard.vue
export const fitSheet = 'Whole sheet';
