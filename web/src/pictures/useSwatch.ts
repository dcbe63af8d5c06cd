import * as say from './words.ts';
import { swatchColour, type CardKind, type SwatchColour } from '@keen-sinew/core';
import { nextTick, onScopeDispose, ref, shallowRef, type Ref } from 'vue';

/** The two places of a picture that a colour is read from. */
export type Spot = 'card' | 'swatch';

/** A picture is looked at so wide at most, px. */
const LOOKED_AT_PX = 760;
/** An area is so much of the picture's width. */
const AREA = 0.03;

/** A picture on a canvas with a card and a swatch in it, and the colour of the one in the light of the other. */
export function useSwatch(canvas: Readonly<Ref<HTMLCanvasElement | null>>) {
  const problem = ref<string | null>(null);
  const image = shallowRef<ImageBitmap | null>(null);
  const kind = ref<CardKind>('grey');
  /** Middles of both areas, in shares of width and height. */
  const spots = ref<Readonly<Record<Spot, readonly [number, number]>>>({
    ...{ card: [0.25, 0.5], swatch: [0.75, 0.5] },
  });
  const found = shallowRef<SwatchColour | null>(null);
  onScopeDispose(() => image.value?.close());

  async function take([file]: readonly File[]): Promise<void> {
    if (file === undefined) return;
    try {
      const next = await createImageBitmap(file);
      image.value?.close();
      image.value = next;
      problem.value = null;
    } catch {
      problem.value = say.noPictureIn(file.name);
      return;
    }
    await nextTick();
    draw();
  }

  function draw(): void {
    const [on, of] = [canvas.value, image.value];
    if (on === null || of === null) return;
    const scale = Math.min(1, LOOKED_AT_PX / of.width);
    on.width = Math.round(of.width * scale);
    on.height = Math.round(of.height * scale);
    contextOf(on)?.drawImage(of, 0, 0, on.width, on.height);
    read();
  }

  function read(): void {
    const context = canvas.value && contextOf(canvas.value);
    found.value =
      context && swatchColour(areaOf(context, 'swatch'), areaOf(context, 'card'), kind.value);
  }

  function areaOf(context: CanvasRenderingContext2D, of: Spot): Uint8ClampedArray {
    const { width, height } = context.canvas;
    const side = Math.max(2, Math.round(AREA * width));
    const [left, top] = [width, height].map((long, i) =>
      Math.min(long - side, Math.max(0, Math.round(spots.value[of][i]! * long - side / 2))),
    ) as [number, number];
    return context.getImageData(left, top, side, side).data;
  }

  /** Puts an area there, in shares of width and height. */
  function put(spot: Spot, x: number, y: number): void {
    const at = [x, y].map((v) => Math.min(1, Math.max(0, v))) as [number, number];
    spots.value = { ...spots.value, [spot]: at };
    read();
  }

  function setKind(of: CardKind): void {
    kind.value = of;
    read();
  }
  return { problem, image, kind, spots, found, take, put, setKind };
}

const contextOf = (on: HTMLCanvasElement): CanvasRenderingContext2D | null =>
  on.getContext('2d', { willReadFrequently: true });
