/* eslint-disable max-lines -- one canvas: its layers share the view */
import * as say from './words.ts';
import type { Picture, PicturePoint, Side } from '@keen-sinew/core';
import Konva from 'konva/lib/Core';
import { Circle } from 'konva/lib/shapes/Circle';
import { Image as KonvaImage } from 'konva/lib/shapes/Image';
import { Line } from 'konva/lib/shapes/Line';
import { Text } from 'konva/lib/shapes/Text';

/** A landmark as the board draws it. */
export interface Mark {
  readonly id: string;
  readonly name: string;
  readonly at: PicturePoint;
  readonly side: Side;
  readonly current: boolean;
}

/** A bone, scale or level as a line between two points of the picture. */
export interface Stroke {
  readonly id: string;
  readonly from: PicturePoint;
  readonly to: PicturePoint;
  readonly ink: 'near' | 'far' | 'mid' | 'ink' | 'alarm';
  readonly ends?: boolean;
}

export interface BoardEvents {
  /** A click on the picture, pixels of the picture as it came. */
  readonly onPoint: (at: PicturePoint) => void;
  /** A mark was taken and dragged to a place. */
  readonly onMove: (id: string, at: PicturePoint) => void;
  readonly onMark: (id: string) => void;
  readonly onStroke: (id: string) => void;
  readonly onHover: (at: PicturePoint | null) => void;
}

const INKS = {
  near: '#9c3f26',
  far: '#436079',
  mid: '#1f6b5c',
  ink: '#20302e',
  alarm: '#8a5a0b',
} as const;
const HALO = '#faf7ef';
const MOST_ZOOM = 16;
/** A press that moves less than this is a click, screen pixels. */
const CLICK_PX = 5;
const WHEEL_STEP = 1.2;

/**
 * A zoomable picture with what is marked on it. All places are pixels of the picture as it came, so
 * turning, cropping and keeping a smaller copy change no number. The picture is decoded once: panning
 * and zooming only move its layer.
 */
export class PictureBoard {
  private readonly stage: InstanceType<typeof Konva.Stage>;
  private readonly pictureLayer = new Konva.Layer({ listening: false });
  private readonly markLayer = new Konva.Layer();
  private readonly pictureGroup = new Konva.Group();
  private readonly markGroup = new Konva.Group();
  private picture: Picture | null = null;
  private image: HTMLImageElement | null = null;
  private marks: readonly Mark[] = [];
  private strokes: readonly Stroke[] = [];
  private placing = false;
  /** Where the last press began, pixels of the board, and whether it was to place something. */
  private press: { readonly at: { x: number; y: number }; readonly placing: boolean } | null = null;

  constructor(
    private readonly box: HTMLDivElement,
    private readonly events: BoardEvents,
  ) {
    this.stage = new Konva.Stage({
      container: box,
      width: Math.max(1, box.clientWidth),
      height: Math.max(1, box.clientHeight),
      draggable: true,
      dragDistance: CLICK_PX,
    });
    this.pictureLayer.add(this.pictureGroup);
    this.markLayer.add(this.markGroup);
    this.stage.add(this.pictureLayer, this.markLayer);
    // While placing, a click is a press and a release at one place, whatever was drawn anew between.
    this.stage.on(say.mousedownTouchstart, () => {
      const at = this.stage.getPointerPosition();
      this.press = at === null ? null : { at, placing: this.placing };
    });
    this.stage.on(say.mouseupTouchend, (event) => {
      if (this.press?.placing !== true || event.evt.button === 2) return;
      const { x, y } = this.stage.getPointerPosition() ?? this.press.at;
      const at = this.pointer();
      if (at === null || Math.hypot(x - this.press.at.x, y - this.press.at.y) >= CLICK_PX) return;
      this.dot(at);
      this.events.onPoint(at);
    });
    this.stage.on(say.clickTap, (event) => {
      const at = this.pointer();
      if (at === null || event.evt.button === 2 || this.press?.placing === true) return;
      this.events.onPoint(at);
    });
    this.stage.on('mousemove', () => this.events.onHover(this.pointer()));
    this.stage.on('mouseleave', () => this.events.onHover(null));
    this.stage.on('wheel', (event) => {
      event.evt.preventDefault();
      const at = this.stage.getPointerPosition();
      if (at !== null) this.zoomAt(at, event.evt.deltaY < 0 ? WHEEL_STEP : 1 / WHEEL_STEP);
    });
  }

  /** Shows a picture, fitted; the same picture with other marks keeps its place. */
  show(picture: Picture, image: HTMLImageElement | null): void {
    const fitAnew =
      this.picture?.id !== picture.id ||
      this.picture.turnDeg !== picture.turnDeg ||
      this.picture.crop !== picture.crop;
    this.picture = picture;
    // A landmark that was placed is none of the picture’s business: it is not drawn again.
    if (!fitAnew && this.image === image) return;
    this.image = image;
    for (const group of [this.pictureGroup, this.markGroup]) {
      group.offset({ x: picture.widthPx / 2, y: picture.heightPx / 2 });
      group.rotation(picture.turnDeg);
    }
    const { crop } = picture;
    this.pictureGroup.clip(
      crop ?? { x: 0, y: 0, width: picture.widthPx, height: picture.heightPx },
    );
    this.pictureGroup.destroyChildren();
    if (image !== null)
      this.pictureGroup.add(
        new KonvaImage({ image, width: picture.widthPx, height: picture.heightPx }),
      );
    if (fitAnew) this.fit();
    this.pictureLayer.batchDraw();
  }

  /**
   * What is marked; replaces what was. Strokes lie under marks. While something is being placed, a
   * click on a mark or a stroke is one on the picture under it, so that close places can be met.
   */
  mark(marks: readonly Mark[], strokes: readonly Stroke[], placing: boolean): void {
    this.placing = placing;
    this.marks = marks;
    this.strokes = strokes;
    this.redraw();
  }

  /** Brightness (1 is as it came) and fading to paper (0 none), without touching the picture. */
  look(brightness: number, fade: number): void {
    this.pictureLayer.getNativeCanvasElement().style.filter = `brightness(${brightness})`;
    this.pictureGroup.opacity(1 - fade);
    this.pictureLayer.batchDraw();
  }

  /** Fits the picture, or what is left of it, into the board. */
  fit(): void {
    if (this.picture === null) return;
    const { widthPx, heightPx, turnDeg, crop } = this.picture;
    const part = crop ?? { x: 0, y: 0, width: widthPx, height: heightPx };
    const lying = turnDeg % 180 === 90;
    const [w, h] = lying ? [part.height, part.width] : [part.width, part.height];
    const scale = Math.min(this.stage.width() / w, this.stage.height() / h);
    const middle = this.stagePoint([part.x + part.width / 2, part.y + part.height / 2]);
    this.stage.scale({ x: scale, y: scale });
    this.stage.position({
      x: this.stage.width() / 2 - middle.x * scale,
      y: this.stage.height() / 2 - middle.y * scale,
    });
    this.redraw();
  }

  /** Zooms about the middle of the board. */
  zoom(factor: number): void {
    this.zoomAt({ x: this.stage.width() / 2, y: this.stage.height() / 2 }, factor);
  }

  /** The picture's point in the middle of the board: where the keyboard places. */
  middle(): PicturePoint {
    return this.toPicture({ x: this.stage.width() / 2, y: this.stage.height() / 2 });
  }

  resize(): void {
    this.stage.size({
      width: Math.max(1, this.box.clientWidth),
      height: Math.max(1, this.box.clientHeight),
    });
    this.fit();
  }

  /** Where a point of the picture is on the page, for tests and the magnifier: CSS pixels. */
  onPage(at: PicturePoint): { readonly x: number; readonly y: number } {
    const inStage = this.stagePoint(at);
    const rect = this.box.getBoundingClientRect();
    return {
      x: rect.left + this.stage.x() + inStage.x * this.stage.scaleX(),
      y: rect.top + this.stage.y() + inStage.y * this.stage.scaleX(),
    };
  }

  destroy(): void {
    this.stage.destroy();
  }

  private zoomAt(at: { readonly x: number; readonly y: number }, factor: number): void {
    const before = this.stage.scaleX();
    const after = Math.min(MOST_ZOOM, Math.max(0.02, before * factor));
    const k = after / before;
    this.stage.scale({ x: after, y: after });
    this.stage.position({
      x: at.x - (at.x - this.stage.x()) * k,
      y: at.y - (at.y - this.stage.y()) * k,
    });
    this.redraw();
  }

  private pointer(): PicturePoint | null {
    const at = this.stage.getPointerPosition();
    return at === null || this.picture === null ? null : this.toPicture(at);
  }

  private toPicture(at: { readonly x: number; readonly y: number }): PicturePoint {
    const { x, y } = this.markGroup.getAbsoluteTransform().copy().invert().point(at);
    return [x, y];
  }

  /** A point of the picture in the stage's own units, before its zoom. */
  private stagePoint([x, y]: PicturePoint): { readonly x: number; readonly y: number } {
    return this.markGroup.getTransform().copy().point({ x, y });
  }

  private redraw(): void {
    const px = 1 / this.stage.scaleX();
    this.markGroup.destroyChildren();
    for (const stroke of this.strokes) this.drawStroke(stroke, px);
    for (const mark of this.marks) this.drawMark(mark, px);
    this.markLayer.batchDraw();
  }

  /** The answer to a click, drawn at once; the mark itself follows when the plan does. */
  private dot([x, y]: PicturePoint): void {
    const radius = 3.5 / this.stage.scaleX();
    this.markGroup.add(new Circle({ x, y, radius, fill: INKS.ink, listening: false }));
    this.markLayer.draw();
  }

  private drawStroke({ id, from, to, ink, ends }: Stroke, px: number): void {
    const points = [...from, ...to];
    const common = { points, hitStrokeWidth: 14 * px, lineCap: 'round' } as const;
    const line = new Line({ ...common, stroke: INKS[ink], strokeWidth: 2.4 * px });
    const halo = new Line({ ...common, stroke: HALO, strokeWidth: 4.6 * px, opacity: 0.7 });
    line.on(say.clickTap, (event) => {
      if (this.press?.placing === true) return;
      event.cancelBubble = true;
      this.events.onStroke(id);
    });
    // A scale or a level must not catch the clicks that place landmarks.
    if (ends) line.listening(false);
    halo.listening(false);
    this.markGroup.add(halo, line);
    if (ends)
      for (const [x, y] of [from, to])
        this.markGroup.add(
          new Circle({
            x,
            y,
            radius: 4.5 * px,
            stroke: INKS[ink],
            strokeWidth: 2 * px,
            fill: HALO,
            listening: false,
          }),
        );
  }

  private drawMark(mark: Mark, px: number): void {
    const [x, y] = mark.at;
    const ink = INKS[mark.side === 'left' ? 'near' : mark.side === 'right' ? 'far' : 'mid'];
    const ring = new Circle({
      x,
      y,
      radius: (mark.current ? 8 : 5) * px,
      stroke: ink,
      strokeWidth: (mark.current ? 3 : 2) * px,
      fill: mark.current ? undefined : HALO,
      hitStrokeWidth: 8 * px,
      draggable: true,
    });
    ring.on(say.clickTap, (event) => {
      if (this.press?.placing === true) return;
      event.cancelBubble = true;
      this.events.onMark(mark.id);
    });
    ring.on(say.dragstartDragmove, (event) => (event.cancelBubble = true));
    ring.on('dragend', (event) => {
      event.cancelBubble = true;
      this.events.onMove(mark.id, [ring.x(), ring.y()]);
    });
    this.markGroup.add(ring);
    if (!mark.current) return;
    this.markGroup.add(
      new Circle({ x, y, radius: 1.4 * px, fill: ink, listening: false }),
      new Text({
        x,
        y,
        offsetX: -12 * px,
        offsetY: 7 * px,
        rotation: -(this.picture?.turnDeg ?? 0),
        text: mark.name,
        fontSize: 14 * px,
        fontFamily: say.atkinsonHyperlegibleNextVariable,
        fill: ink,
        stroke: HALO,
        strokeWidth: 4 * px,
        fillAfterStrokeEnabled: true,
        listening: false,
      }),
    );
  }
}
