import * as say from './words.ts';

/** Keys that do one thing, any of them. */
export interface KeyUse {
  readonly keys: readonly string[];
  readonly does: string;
}

/** Every key of the application, by where it is heard. Keys of single controls are the usual ones. */
export const KEYS: readonly { readonly where: string; readonly keys: readonly KeyUse[] }[] = [
  {
    where: say.everywhere,
    keys: [
      { keys: ['?'], does: say.keysThisPage },
      { keys: ['Ctrl Z'], does: say.keysUndo },
      { keys: ['Ctrl Shift Z', 'Ctrl Y'], does: say.keysRedo },
      { keys: ['Tab', 'Shift Tab'], does: say.keysFromControl },
      { keys: ['Esc'], does: say.keysPutBack },
    ],
  },
  {
    where: say.inPiece,
    keys: [
      { keys: ['.'], does: say.keysNextSnag },
      { keys: ['P'], does: say.sheetsAndFiles },
    ],
  },
  {
    where: say.onSheet,
    keys: [
      { keys: ['+', '-'], does: say.keysZoom },
      { keys: ['0'], does: say.keysWholeSheet },
      { keys: ['arrows'], does: say.keysHandle },
    ],
  },
  {
    where: say.onPictures,
    keys: [
      { keys: ['arrows'], does: say.keysNudge },
      { keys: ['Shift arrows'], does: say.keysNudgeFar },
      { keys: ['Enter'], does: say.keysPlace },
      { keys: ['Delete'], does: say.keysTakeAway },
      { keys: ['N'], does: say.keysNextLandmark },
      { keys: ['+', '-', '0'], does: say.keysPictureZoom },
    ],
  },
  {
    where: say.atTape,
    keys: [{ keys: ['Enter'], does: say.keysReading }],
  },
  {
    where: say.atBench,
    keys: [
      { keys: ['Space', '→'], does: say.keysNextPage },
      { keys: ['←'], does: say.keysPageBack },
      { keys: ['Enter'], does: say.keysTick },
      { keys: ['Esc'], does: say.keysLeaveBench },
    ],
  },
];
