import type { Setting } from '../piece/materialIds.ts';
import type { Piece } from '../piece/pieceSchema.ts';

/** One time in the oven, or one round of setting. */
export interface BakeStage {
  readonly id: 'parts' | 'shell' | 'finish';
  readonly name: string;
  readonly what: string;
}

/** The bakes in order: small parts by themselves, the shell, and the finished surface. */
export function bakeStages(cure: Piece['cure'], setting: Setting): readonly BakeStage[] {
  const verb = setting === 'oven' ? 'baked' : 'set';
  return [
    ...(cure.partsFirst
      ? [
          {
            id: 'parts' as const,
            name: 'Parts',
            what: `Eyes, claws and teeth are ${verb} by themselves, so that they can be pressed in without losing their shape.`,
          },
        ]
      : []),
    ...(cure.method === 'shell-first'
      ? [
          {
            id: 'shell' as const,
            name: 'Shell',
            what: `A thin even shell is ${verb} first: it carries the detail that is worked over it.`,
          },
        ]
      : []),
    {
      id: 'finish',
      name: 'Finish',
      what: `The finished surface is ${verb} with everything that belongs in it.`,
    },
  ];
}
