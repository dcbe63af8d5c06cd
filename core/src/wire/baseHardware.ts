import * as say from './words.ts';
import { input, type Working } from '../piece/working.ts';
import type { WireSetting } from './wireSetting.ts';

/** Nuts and washers for what goes through the base, counted. */
export function baseHardware(
  { wire }: Pick<WireSetting, 'wire'>,
  threaded: number,
): readonly Working[] {
  const thread = wire.rod.thread;
  const count = (id: string, label: string, each: number, of: number, why: string): Working => ({
    id: `base.hardware.${id}`,
    stage: 'wire',
    label,
    value: each * of,
    unit: 'count',
    provenance: 'derived',
    formula: 'k · rods',
    inputs: [
      input('k', say.forEachRod, each, 'count', 'memory'),
      input('rods', say.threadedRods, of, 'count', 'derived'),
    ],
    source: why,
    target: { kind: 'piece', id: 'base' },
  });
  if (threaded === 0 || thread === null) return [];
  return [
    count('nuts', say.nuts(thread), 2, threaded, say.oneAboveAndOne),
    count('washers', say.washers(thread), 2, threaded, say.oneUnderEachNut),
    count('springs', say.springWashers(thread), 1, threaded, say.belowSoThatIt),
  ];
}
