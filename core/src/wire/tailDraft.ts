import * as say from './words.ts';
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
      namedEnd: say.tailEnd,
      choice: { ...wire.spine, strands: 1 },
      route,
      through: bones.slice(0, -1).map((boneId) => ({ boneId, strands: 1 })),
      along: bones.map((id) => posedBone(stance.posed, id).bone),
      lines: (id, schedule) => {
        const { line } = cutLines(`wire.${id}`, id);
        return [
          line(
            'tail',
            say.alongTailAndInto,
            schedule.developedMm,
            ALONG_THE_WIRE,
            [derived('N', say.bends, schedule.bends.length, 'count')],
            say.bonesOfPosedModel,
          ),
          line('tie', say.tieEndInTrunk, wire.allowancesMm.tieEnd, ALLOWANCE, [
            decided('a', say.tieEnd, wire.allowancesMm.tieEnd, 'mm'),
          ]),
          marginLine(line, wire, schedule.bends.length),
        ];
      },
    },
  ];
}
