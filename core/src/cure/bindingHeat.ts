import type { BinderId } from '../piece/wireSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { binderById } from '../wire/binders.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import type { CurePlan } from './curePlan.ts';

/** Whether what binds the wires stands the oven. Nothing to say of clays that need none. */
export function bindingHeatSnags(
  kind: BinderId,
  { bindings }: WirePlan,
  { oven }: Pick<CurePlan, 'oven'>,
): readonly Snag[] {
  const { id, name, holdsToC, why } = binderById(kind);
  if (oven === null || holdsToC >= oven.value || bindings.bindings.length === 0) return [];
  return [
    {
      code: 'binding-in-oven',
      // Kinds of putty differ by 70 °C: only their packet can tell.
      grade: id === 'hot-glue' ? 'fix' : 'watch',
      stage: 'wire',
      facts: { binder: name, holdsToC, ovenC: oven.value, why },
    },
  ];
}
