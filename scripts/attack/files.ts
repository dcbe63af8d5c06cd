import fc from 'fast-check';
import {
  bvhText,
  landmarksCsv,
  landmarksOf,
  landmarksTps,
  planPiece,
  problemSentence,
  readBvh,
  readLandmarks,
  readPictureHeader,
  type Parsed,
} from '../../core/src/index.ts';
import { foreignWords } from '../../core/src/testing/attack/foreignWords.ts';
import { struckText, textBlow } from '../../core/src/testing/attack/mutation.ts';
import { demoWorkpieces } from '../../core/src/start/demoPieces.ts';
import { strToU8, zipSync } from 'fflate';
import { ArchiveRefusal, openArchive } from '../../web/src/files/archive.ts';
import { pngBytes } from './png.ts';
import { attempt, type Part } from './part.ts';

const CASES = 150;
const piece = demoWorkpieces().find(({ references }) => references.pictures.length > 0)!;
const plan = planPiece(piece);
const { skeleton } = plan.measure;
const landmarks = landmarksOf(skeleton);
const picture = piece.references.pictures[0]!;

/** Text files that are read, each with a sound one. */
const TEXTS: readonly (readonly [
  name: string,
  sound: string,
  read: (text: string) => Parsed<unknown>,
])[] = [
  [
    'landmarks.tps',
    landmarksTps(picture, landmarks, skeleton),
    (text) => readLandmarks('landmarks.tps', text, picture, landmarks),
  ],
  [
    'landmarks.csv',
    landmarksCsv([picture], landmarks),
    (text) => readLandmarks('landmarks.csv', text, picture, landmarks),
  ],
  ['stance.bvh', bvhText(skeleton, [piece.stance.anglesDeg]), readBvh],
];

const told = (read: Parsed<unknown>): string | undefined =>
  read.ok ? undefined : foreignWords(problemSentence(read.problem));

/** Bytes with some of them changed, cut off or doubled. */
const bytesBlow = fc.record({
  at: fc.noBias(fc.nat(999_999)),
  to: fc.nat(255),
  kind: fc.constantFrom('put', 'cut', 'double'),
});

function struckBytes(
  bytes: Uint8Array,
  all: readonly { readonly at: number; readonly to: number; readonly kind: string }[],
): Uint8Array<ArrayBuffer> {
  return all.reduce<Uint8Array<ArrayBuffer>>((from, { at, to, kind }) => {
    const place = Math.floor((at / 1e6) * from.length);
    if (kind === 'cut') return from.slice(0, place);
    if (kind === 'double') return new Uint8Array([...from.slice(0, place), ...from]);
    const next = from.slice();
    next[place] = to;
    return next;
  }, bytes.slice() as Uint8Array<ArrayBuffer>);
}

/** Landmarks, movements, picture headers and archives, struck in their text or their bytes. */
export const files: Part = {
  name: 'other files',
  round: async (seed) => {
    const failures: string[] = [];
    const note = (what: string, fault: string | undefined, blow: unknown): void => {
      if (fault !== undefined)
        failures.push(`${what}: ${fault}\n    ${JSON.stringify(blow).slice(0, 300)}`);
    };
    for (const [name, sound, read] of TEXTS)
      for (const blow of fc.sample(textBlow, { seed, numRuns: CASES }))
        note(
          name,
          attempt(name, () => told(read(struckText(sound, blow)))),
          blow,
        );
    const hits = fc.array(bytesBlow, { minLength: 1, maxLength: 4 });
    const png = pngBytes(40, 30);
    const zip = zipSync({ 'piece.json': strToU8('{"format": 1}'), 'pictures/side': png });
    for (const blow of fc.sample(hits, { seed, numRuns: CASES })) {
      note(
        'picture',
        attempt('picture', () => told(readPictureHeader('a.png', struckBytes(png, blow)))),
        blow,
      );
      note('archive', await archiveFault(struckBytes(zip, blow)), blow);
    }
    return { tried: (TEXTS.length + 2) * CASES, failures };
  },
};

async function archiveFault(bytes: Uint8Array<ArrayBuffer>): Promise<string | undefined> {
  try {
    await openArchive(new Blob([bytes]), 1e9, () => undefined);
    return undefined;
  } catch (error) {
    return error instanceof ArchiveRefusal ? foreignWords(error.message) : String(error);
  }
}
