import { creatureText, newCreature } from '../../anatomy/creature.ts';
import { readCreatureText } from '../../anatomy/readCreature.ts';
import { pieceText } from '../../formats/pieceFile.ts';
import { readPieceText } from '../../formats/readPiece.ts';
import { demoWorkpieces, demoWorkshop } from '../../start/demoPieces.ts';
import { problemSentence, type Parsed } from '../../units/problem.ts';
import { newWorkshop } from '../../workshop/newWorkshop.ts';
import { readWorkshopText, workshopText } from '../../workshop/readWorkshop.ts';
import { inWorkshop } from '../../workshop/workpiece.ts';
import { foreignWords } from './foreignWords.ts';
import type { Json } from './mutation.ts';

/** A reader of documents, the sound ones that it is attacked with, and how its answer is written. */
export interface ReaderUnderAttack {
  readonly name: string;
  readonly sound: readonly Json[];
  readonly read: (text: string) => Parsed<unknown>;
  readonly write: (value: never) => string;
}

const parsed = (text: string): Json => JSON.parse(text) as Json;

/** Every reader of a JSON document. */
export const READERS: readonly ReaderUnderAttack[] = [
  {
    name: 'pieces',
    sound: demoWorkpieces().map((piece) => parsed(pieceText(piece))),
    read: readPieceText,
    write: ({ piece, workshop }: { piece: never; workshop: never }) =>
      pieceText(inWorkshop(piece, workshop ?? newWorkshop())),
  },
  {
    name: 'own animals',
    sound: [
      parsed(creatureText(newCreature('mine', 'Mine', 'grey-wolf'))),
      parsed(
        creatureText({
          ...newCreature('griffin', 'Griffin', 'grey-wolf'),
          without: [],
          grafts: [
            {
              ...{ id: 'wings', name: 'Wings', from: 'grey-heron', part: 'wings' },
              ...{ onBone: 'thoracic', at: 0.3, size: 1.5 },
            },
          ],
          massKg: [20, 40],
        }),
      ),
    ],
    read: readCreatureText,
    write: creatureText,
  },
  {
    name: 'workshops',
    sound: [parsed(workshopText(newWorkshop())), parsed(workshopText(demoWorkshop()))],
    read: readWorkshopText,
    write: workshopText,
  },
];

/** What is wrong with how a reader bore one text; undefined where nothing is. */
export function readingFault({ read, write }: ReaderUnderAttack, text: string): string | undefined {
  const answer = read(text);
  if (!answer.ok) return foreignWords(problemSentence(answer.problem));
  const again = read(write(answer.value as never));
  if (!again.ok) return `what it read it refuses: ${problemSentence(again.problem)}`;
  const [before, after] = [answer.value, again.value].map((value) => JSON.stringify(value));
  // A piece without a workshop is written with a new one.
  const bare = JSON.stringify({ ...(again.value as object), workshop: null });
  return after === before || bare === before ? undefined : 'what it read comes back otherwise';
}
