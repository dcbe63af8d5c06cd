import * as say from './words.ts';
import { boneRef, jointRef } from './routeRef.ts';
import { least } from '../geometry/extremes.ts';
import { posedBone, type PosedBone } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { distance, lerp } from '../geometry/vec3.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import { input, type Working } from '../piece/working.ts';
import { ALLOWANCE, ALONG_THE_WIRE, cutLines, decided, derived, marginLine } from './cutLines.ts';
import { boundEnd } from './limbDraft.ts';
import { jointText, lowerFirst } from './routePoints.ts';
import { routeThrough, TIP_REACH } from './routes.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';

/** Thin wire that shops have, mm, thickest first: common practice. */
export const FINE_SIZES_MM = [1, 0.8, 0.6, 0.5, 0.4, 0.3] as const;
/** A part shorter than this is bent from the clay alone, mm: common practice. */
const LEAST_FINE_MM = 12;
/** Clay over a thin wire, where the cover of the large ones would leave no room, mm: common practice. */
const LEAST_COVER_MM = 0.3;
/** Places of each bone at which its flesh is looked at, short of its tip. */
const STATIONS = Array.from({ length: 8 }, (_, i) => 0.2 + ((TIP_REACH - 0.2) * i) / 7);
/** Toes of a foot where the animal's counts do not say: common practice. */
const USUAL_TOES = 4;

/** A chain of bones that no large wire runs through: a digit, an ear, an antenna, a wing finger. */
export interface FinePart {
  /** Key of its first bone, under which the user's choice is kept. */
  readonly key: string;
  readonly name: string;
  /** The same without its side: left and right are one choice. */
  readonly plainName: string;
  readonly bones: readonly PosedBone[];
  /** Along its bones, root joint to tip. */
  readonly length: Working;
  /** Deepest wire axis under the skin at its thinnest place, mm. */
  readonly depthMm: number;
  readonly count: number;
  /** The wire it gets, the user's or the thickest that it hides; null where it gets none. */
  readonly choice: WireChoice | null;
  /** Where its wire ends: in its n-th bone, at a fraction of it. */
  readonly end: FineEnd;
  /** Why its wire ends short of the tip, in words; empty where it does not. */
  readonly stops: string;
  /** Why it has no wire, in words; empty where it has one. */
  readonly why: string;
  /** Whether the user left it out. */
  readonly leftOut: boolean;
}

/** The end of a thin wire: in the n-th bone of its part, counted from 0, at a fraction of it. */
export interface FineEnd {
  readonly bone: number;
  readonly at: number;
}

/** Every thin part of the stance, with its wire or the reason why it has none. */

// eslint-disable-next-line max-lines-per-function -- one part: its size, its reason, its end
export function fineParts(setting: WireSetting, carried: ReadonlySet<string>): readonly FinePart[] {
  const { stance, wire } = setting;
  const { posed } = stance;
  const free = posed.bones.filter(({ bone }) => !carried.has(bone.id) && bone.parent !== null);
  const roots = free.filter(({ bone }) => !free.some((other) => other.bone.id === bone.parent));
  return roots
    .flatMap((root) => chainsFrom(root, free))
    .map((bones): FinePart => {
      const { key } = bones[0]!.bone;
      const lengthMm = bones.reduce((sum, { start, end }) => sum + distance(start, end), 0);
      const depthMm = least(
        bones.flatMap(({ start, end }) =>
          STATIONS.map((t) => -skinDistance(stance.skin, lerp(start, end, t))),
        ),
      );
      const own = wire.fine[key];
      const count = own?.count ?? digitsOf(posed.skeleton, key);
      // The flesh of the bone is that of all its digits, side by side.
      const eachMm = count > 2 ? (2 * depthMm) / count : depthMm;
      const coverMm = Math.min(wire.coverMm, LEAST_COVER_MM);
      const size = FINE_SIZES_MM.find((d) => d <= 2 * (eachMm - coverMm) + 1e-9);
      const needsWire = own === undefined && lengthMm >= LEAST_FINE_MM;
      // Too thin at its tip, it may still hide one further down: a horn, a tail of skin.
      // Feathers, membranes and fins are cut from sheet.
      const flat = stance.blades.some((blade) =>
        bones.some(({ bone }) => bone.id === blade.boneId),
      );
      const partly =
        needsWire && !flat && size === undefined
          ? shortWire(stance, bones, count, coverMm)
          : undefined;
      const chosen = own === undefined ? (size ?? partly?.sizeMm) : undefined;
      const why =
        own === null
          ? say.leftOutByYou
          : own !== undefined
            ? ''
            : lengthMm < LEAST_FINE_MM
              ? say.tooShortToNeed
              : chosen === undefined
                ? say.tooThinToHide
                : '';
      const choice: WireChoice | null =
        why !== ''
          ? null
          : own
            ? { metal: own.metal, size: own.size, strands: 1 }
            : { metal: wire.spine.metal, size: { system: 'mm', value: chosen! }, strands: 1 };
      return {
        key,
        name: bones[0]!.bone.name,
        plainName: bones[0]!.bone.plainName,
        bones,
        length: partLength(bones, lengthMm, posed.sizeFactor),
        depthMm,
        count,
        choice,
        end: partly?.end ?? { bone: bones.length - 1, at: TIP_REACH },
        stops: partly === undefined ? '' : say.endsOfWayUp(Math.round(100 * partly.share)),
        why,
        leftOut: own === null,
      };
    });
}

/** Places of each bone at which its flesh is looked at, root to tip: a wire may end at any of them. */
const ENDS = Array.from({ length: 17 }, (_, i) => (i * TIP_REACH) / 16);
/** A wire that stops short is worth it from this share of the part on: common practice. */
const LEAST_SHARE = 0.4;

interface ShortWire {
  readonly sizeMm: number;
  readonly end: FineEnd;
  /** Of the length of the part. */
  readonly share: number;
}

/** The thickest thin wire that the part hides from its root up to a place, if it goes far enough. */
function shortWire(
  stance: WireSetting['stance'],
  bones: readonly PosedBone[],
  count: number,
  coverMm: number,
): ShortWire | undefined {
  const lengths = bones.map(({ start, end }) => distance(start, end));
  const whole = lengths.reduce((sum, mm) => sum + mm, 0);
  const places = bones.flatMap(({ start, end }, bone) =>
    ENDS.map((at) => ({
      bone,
      at,
      alongMm: lengths.slice(0, bone).reduce((sum, mm) => sum + mm, 0) + at * lengths[bone]!,
      depthMm: -skinDistance(stance.skin, lerp(start, end, at)) * (count > 2 ? 2 / count : 1),
    })),
  );
  for (const sizeMm of FINE_SIZES_MM) {
    const short = places.findIndex(({ depthMm }) => sizeMm > 2 * (depthMm - coverMm) + 1e-9);
    // One place further down, so that the flesh between two places hides it too.
    const last = short === -1 ? places.at(-1) : places[short - 2];
    if (last === undefined || last.alongMm < Math.max(LEAST_FINE_MM, LEAST_SHARE * whole)) continue;
    return { sizeMm, end: { bone: last.bone, at: last.at }, share: last.alongMm / whole };
  }
  return undefined;
}

function partLength(bones: readonly PosedBone[], mm: number, sizeFactor: number): Working {
  const { id } = bones[0]!.bone;
  return {
    id: `wire.fine.${id}.length`,
    stage: 'wire',
    label: say.alongItsBones(bones[0]!.bone.name),
    value: mm,
    unit: 'mm',
    provenance: 'derived',
    formula: 'size · Σ lᵢ',
    inputs: [
      ...bones.map(({ bone }) => input('lᵢ', bone.name, bone.lifeLengthMm, 'mm', bone.provenance)),
      input('size', say.ofLife, sizeFactor, 'ratio', 'derived'),
    ],
    source: say.measuredSkeletonUnderMm(LEAST_FINE_MM),
    target: { kind: 'bone', id },
  };
}

function chainsFrom(
  root: PosedBone,
  free: readonly PosedBone[],
): readonly (readonly PosedBone[])[] {
  const children = free.filter(({ bone }) => bone.parent === root.bone.id);
  const [first, ...rest] = children;
  if (first === undefined) return [[root]];
  const [main = [], ...more] = chainsFrom(first, free);
  return [[root, ...main], ...more, ...rest.flatMap((other) => chainsFrom(other, free))];
}

/** How many digits the one bone of the plan stands for: from the animal's counts, else the usual four. */
function digitsOf({ animal, plan }: Skeleton, key: string): number {
  const { counts = [] } = animal;
  if (!/digits|^toes$|^fingers$/i.test(key)) return 1;
  const foot = /^fore|^fingers/.test(key)
    ? /^(Toes|Fingers|Digits), each (forefoot|hand|foot)$/
    : /^(Toes|Digits), each (hind foot|foot)$/;
  const range = counts.find(({ name }) => foot.test(name))?.range;
  // A toe that has a bone of its own in the plan is not counted twice.
  const apart = plan.bones.some((bone) => bone.key === 'hallux') ? 1 : 0;
  return range === undefined ? USUAL_TOES - apart : Math.max(1, range[0] - apart);
}

/** A thin wire per part: from its root joint, with an end to bind, to short of its tip. */
export function fineDraft(setting: WireSetting, part: FinePart, choice: WireChoice): WireDraft {
  const { stance, wire } = setting;
  const first = part.bones[0]!.bone;
  const run = part.bones.slice(0, part.end.bone + 1);
  const refs = [
    ...run.map(({ bone }) => jointRef(bone.id)),
    boneRef(run.at(-1)!.bone.id, part.end.at),
  ];
  const route = routeThrough(stance, refs, setting)!;
  const each = part.count > 1 ? say.alike(part.count) : '';
  return {
    key: `fine:${first.id}`,
    kind: 'fine',
    name: `${part.name}${each}`,
    namedEnd: say.endAt(lowerFirst(jointText(first))),
    choice,
    count: part.count,
    coverMm: Math.min(wire.coverMm, LEAST_COVER_MM),
    route,
    through: run.map(({ bone }) => ({ boneId: bone.id, strands: part.count })),
    along: run.map(({ bone }) => posedBone(stance.posed, bone.id).bone),
    features: () => boundEnd(wire.allowancesMm.tieEnd),
    lines: (id, schedule) => {
      const { line } = cutLines(`wire.${id}`, id);
      return [
        line(
          'bones',
          say.alongBonesShortOf,
          schedule.developedMm,
          ALONG_THE_WIRE,
          [derived('N', say.bends, schedule.bends.length, 'count')],
          say.bonesOfPosedModel,
        ),
        line('tie', say.besideWireItIs, wire.allowancesMm.tieEnd, ALLOWANCE, [
          decided('a', say.tieEnd, wire.allowancesMm.tieEnd, 'mm'),
        ]),
        marginLine(line, wire, schedule.bends.length),
      ];
    },
  };
}
