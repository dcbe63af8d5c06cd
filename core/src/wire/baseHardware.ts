import * as say from './words.ts';
import { input, type Working } from '../piece/working.ts';
import { KEY_PIN_MM } from './rodKeys.ts';
import type { WireSetting } from './wireSetting.ts';

/** Rods that go into the base: bolted, glued, and all of them. */
export interface RodCounts {
  readonly threaded: number;
  readonly stiff: number;
  readonly glued: number;
}

/** Nuts and washers for what goes through the base, counted. */
export function baseHardware(
  { wire, rodKey }: Pick<WireSetting, 'wire' | 'rodKey'>,
  { threaded, stiff, glued }: RodCounts,
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
  const { diameter, length } = KEY_PIN_MM;
  const pins =
    rodKey === 'pin' && stiff > 0
      ? [count('pins', say.keyPins(diameter, length), 1, stiff, say.oneBesideEachRod)]
      : [];
  const glue = glued > 0 ? [count('epoxy', say.epoxyForRods, 1, glued, say.oneDabForEach)] : [];
  if (threaded === 0 || thread === null) return [...pins, ...glue];
  return [
    ...pins,
    ...glue,
    count('nuts', say.nuts(thread), 2, threaded, say.oneAboveAndOne),
    count('washers', say.washers(thread), 2, threaded, say.oneUnderEachNut),
    count('springs', say.springWashers(thread), 1, threaded, say.belowSoThatIt),
  ];
}
