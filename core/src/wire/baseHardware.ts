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
      input('k', 'For each rod', each, 'count', 'memory'),
      input('rods', 'Threaded rods', of, 'count', 'derived'),
    ],
    source: why,
    target: { kind: 'piece', id: 'base' },
  });
  if (threaded === 0 || thread === null) return [];
  return [
    count(
      'nuts',
      `Nuts ${thread}`,
      2,
      threaded,
      'one above and one below the board: common practice',
    ),
    count('washers', `Washers ${thread}`, 2, threaded, 'one under each nut: common practice'),
    count(
      'springs',
      `Spring washers ${thread}`,
      1,
      threaded,
      'below, so that it does not work loose',
    ),
  ];
}
