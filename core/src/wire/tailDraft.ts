import { posedBone } from '../anatomy/pose.ts';
import { ALLOWANCE, ALONG_THE_WIRE, cutLines, decided, derived, marginLine } from './cutLines.ts';
import { routeThrough, spineRefs } from './routes.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';

/**
 * The tail behind folded wires, which end at the rump or run to the head: a wire of its own from the
 * tail end one bone into the trunk, bound there. None where the animal has no tail.
 */
export function tailDraft(setting: WireSetting): readonly WireDraft[] {
  const { stance, wire } = setting;
  const { spine, tailBones } = stance.posed.skeleton.plan;
  const reached = tailBones.length;
  if (reached === 0) return [];
  const bones = spine.slice(0, reached + 1);
  const route = routeThrough(stance, spineRefs(stance.posed).slice(0, reached + 2), setting)!;
  return [
    {
      key: 'tail',
      kind: 'spine',
      name: 'Tail',
      namedEnd: 'tail end',
      choice: { ...wire.spine, strands: 1 },
      route,
      through: bones.slice(0, -1).map((boneId) => ({ boneId, strands: 1 })),
      along: bones.map((id) => posedBone(stance.posed, id).bone),
      lines: (id, schedule) => {
        const { line } = cutLines(`wire.${id}`, id);
        return [
          line(
            'tail',
            'Along the tail and into the trunk',
            schedule.developedMm,
            ALONG_THE_WIRE,
            [derived('N', 'Bends', schedule.bends.length, 'count')],
            'bones of the posed model, bends rounded',
          ),
          line('tie', 'Tie end in the trunk', wire.allowancesMm.tieEnd, ALLOWANCE, [
            decided('a', 'Tie end', wire.allowancesMm.tieEnd, 'mm'),
          ]),
          marginLine(line, wire, schedule.bends.length),
        ];
      },
    },
  ];
}
