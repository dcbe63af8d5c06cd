import * as say from './words.ts';
import {
  boneEnds,
  landmarksOf,
  meanPoint,
  type Landmark,
  type Picture,
  type PicturePoint,
  type Side,
} from '@keen-sinew/core';
import { computed, ref, watch, type Ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import type { Mark, Stroke } from './PictureBoard.ts';
import { clicked, nudged, withPicture, without } from './pictureChanges.ts';

/** What the next click on the picture does. */
export type Tool = 'landmark' | 'scale' | 'level' | 'crop' | 'outline';

/** Which sides are asked for, one after the other. */
export type SideWanted = 'both' | 'left' | 'right';

/** Work on one picture: which landmark is next, which tool is in hand, and what clicks do. */
// eslint-disable-next-line max-lines-per-function -- one desk: its parts share the picture that is open
export function usePictureDesk(pictureId: Readonly<Ref<string | undefined>>) {
  const { piece, plan, change } = usePiecePlan();
  const pictures = computed(() => piece.value.references.pictures);
  const picture = computed<Picture | null>(
    () =>
      pictures.value.find((picture) => picture.id === pictureId.value) ?? pictures.value[0] ?? null,
  );
  const skeleton = computed(() => plan.value.measure.skeleton);
  const tool = ref<Tool>('landmark');
  /** The first of two points, while the second is awaited. */
  const firstPoint = ref<PicturePoint | null>(null);
  const again = ref(false);
  const sides = ref<SideWanted>('both');
  const currentId = ref<string | null>(null);
  const skipped = ref<readonly string[]>([]);

  const all = computed(() => landmarksOf(skeleton.value));
  const wanted = computed(() =>
    all.value.filter(
      ({ side }) => sides.value === 'both' || side === 'mid' || side === sides.value,
    ),
  );
  const isPlaced = (id: string): boolean => picture.value?.landmarks[id] !== undefined;
  const current = computed<Landmark | undefined>(() =>
    all.value.find(({ id }) => id === currentId.value),
  );

  /** Goes to the next landmark that is not placed and was not skipped. */
  function goNext(after: string | null = currentId.value): void {
    const from = wanted.value.findIndex(({ id }) => id === after) + 1;
    const order = [...wanted.value.slice(from), ...wanted.value.slice(0, from)];
    const open = order.find(({ id }) => !isPlaced(id) && !skipped.value.includes(id));
    currentId.value = open?.id ?? null;
  }

  function skip(): void {
    if (currentId.value === null) return;
    skipped.value = [...skipped.value, currentId.value];
    goNext();
  }

  watch(
    [() => picture.value?.id, sides],
    () => {
      firstPoint.value = null;
      tool.value = 'landmark';
      skipped.value = [];
      goNext(null);
    },
    { immediate: true },
  );

  const put = (label: string, part: (of: Picture) => Partial<Picture>): void => {
    const id = picture.value?.id;
    if (id === undefined) return;
    change(label, (p) => {
      const now = p.references.pictures.find((picture) => picture.id === id);
      return now === undefined ? p : withPicture(p, id, part(now));
    });
  };

  function take(next: Tool): void {
    tool.value = tool.value === next ? 'landmark' : next;
    firstPoint.value = null;
  }

  /** A click: the current landmark, or one of the two points of a scale, a level or a crop. */
  function point(at: PicturePoint): void {
    if (tool.value === 'landmark') {
      const mark = current.value;
      if (mark === undefined) return;
      const repeat = again.value && isPlaced(mark.id);
      put(say.place(mark.name), (of) => clicked(of, mark.id, at, again.value));
      if (!repeat && !again.value) goNext(mark.id);
      return;
    }
    if (tool.value === 'outline') {
      put(say.traceOutline, ({ outline }) => ({
        outline: [...outline, [Math.round(at[0] * 10) / 10, Math.round(at[1] * 10) / 10]],
      }));
      return;
    }
    if (firstPoint.value === null) {
      firstPoint.value = at;
      return;
    }
    const [from, to] = [[...firstPoint.value], [...at]] as [[number, number], [number, number]];
    firstPoint.value = null;
    twoPoints(tool.value, from, to);
    tool.value = 'landmark';
  }

  function twoPoints(which: Tool, from: [number, number], to: [number, number]): void {
    if (which === 'scale')
      put(say.markScale, ({ scale }) => ({
        scale: {
          by: 'length',
          from,
          to,
          mm: scale?.by === 'length' ? scale.mm : USUAL_BAR_MM,
          plusMinusMm: scale?.by === 'length' ? scale.plusMinusMm : 0,
        },
      }));
    else if (which === 'level') put(say.drawLevelLine2, () => ({ level: { from, to } }));
    else if (which === 'crop') put(say.cropPicture, (of) => ({ crop: cropOf(of, from, to) }));
  }

  const move = (id: string, at: PicturePoint): void =>
    put(say.moveLandmark, (of) => clicked(of, id, at, false));
  const nudge = (by: PicturePoint): void => {
    const id = currentId.value;
    if (id !== null && isPlaced(id)) put(say.nudgeLandmark, (of) => nudged(of, id, by));
  };
  const erase = (): void => {
    const id = currentId.value;
    if (id !== null && isPlaced(id)) put(say.takeLandmarkAway, (of) => without(of, id));
  };

  const sideOf = (id: string): Side =>
    all.value.find((landmark) => landmark.id === id)?.side ?? 'mid';
  const marks = computed<readonly Mark[]>(() => {
    const placed = picture.value?.landmarks ?? {};
    return all.value
      .filter(({ id }) => placed[id] !== undefined)
      .map(({ id, name, side }) => ({
        id,
        name,
        side,
        at: meanPoint(placed[id]!),
        current: id === currentId.value,
      }))
      .toSorted((a, b) => ORDER[a.side] - ORDER[b.side]);
  });
  const boneStrokes = computed<readonly Stroke[]>(() => {
    const placed = new Map(marks.value.map((mark) => [mark.id, mark.at]));
    return [...boneEnds(skeleton.value)]
      .flatMap(([id, { start, end }]): (Stroke & { side: Side })[] => {
        const [from, to] = [placed.get(start ?? ''), placed.get(end ?? '')];
        if (from === undefined || to === undefined) return [];
        const side = sideOf(start ?? '') === 'mid' ? sideOf(end ?? '') : sideOf(start ?? '');
        const ink = side === 'left' ? 'near' : side === 'right' ? 'far' : 'mid';
        return [{ id, from, to, ink, side }];
      })
      .toSorted((a, b) => ORDER[a.side] - ORDER[b.side]);
  });
  const strokes = computed<readonly Stroke[]>(() => {
    const { scale, level } = picture.value ?? { scale: null, level: null };
    const lines: Stroke[] = [...boneStrokes.value];
    if (scale?.by === 'length')
      lines.push({ id: 'scale', from: scale.from, to: scale.to, ink: 'ink', ends: true });
    if (level !== null)
      lines.push({ id: 'level', from: level.from, to: level.to, ink: 'alarm', ends: true });
    const outline = picture.value?.outline ?? [];
    outline.forEach((from, i) =>
      lines.push({
        id: `outline-${i}`,
        from,
        to: outline[(i + 1) % outline.length]!,
        ink: 'alarm',
      }),
    );
    if (firstPoint.value !== null)
      lines.push({
        id: 'first',
        from: firstPoint.value,
        to: firstPoint.value,
        ink: 'ink',
        ends: true,
      });
    return lines;
  });

  /** A click places: a tool is in hand, or the landmark asked for is not there yet. */
  const placing = computed(
    () =>
      tool.value !== 'landmark' ||
      again.value ||
      (currentId.value !== null && !isPlaced(currentId.value)),
  );

  return {
    placing,
    picture,
    pictures,
    tool,
    firstPoint,
    again,
    sides,
    current,
    currentId,
    wanted,
    isPlaced,
    marks,
    strokes,
    put,
    take,
    point,
    move,
    nudge,
    erase,
    skip,
    goNext,
    setSides: (which: SideWanted) => (sides.value = which),
    setAgain: (on: boolean) => (again.value = on),
    choose: (id: string) => (currentId.value = id),
  };
}

export type PictureDesk = ReturnType<typeof usePictureDesk>;

/** Far marks lie under near ones. */
const ORDER = { right: 0, mid: 1, left: 2 } as const;
/** A scale bar that nobody typed the length of yet: the commonest one. */
const USUAL_BAR_MM = 100;
/** A crop smaller than this was a slip. */
const LEAST_CROP_PX = 16;

function cropOf(
  { widthPx, heightPx }: Picture,
  from: PicturePoint,
  to: PicturePoint,
): Picture['crop'] {
  const clamp = (v: number, most: number): number => Math.min(most, Math.max(0, v));
  const [x1, x2] = [from[0], to[0]].map((v) => clamp(v, widthPx)).toSorted((a, b) => a - b);
  const [y1, y2] = [from[1], to[1]].map((v) => clamp(v, heightPx)).toSorted((a, b) => a - b);
  const crop = { x: x1!, y: y1!, width: x2! - x1!, height: y2! - y1! };
  return crop.width < LEAST_CROP_PX || crop.height < LEAST_CROP_PX ? null : crop;
}
