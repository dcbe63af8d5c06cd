import type { Sight } from '@keen-sinew/core';
import type { Vector3 } from 'three';
import { Turntable, type PointerPlace } from './Turntable.ts';

/** A grip is taken hold of so near to it, px. */
const HOLD_PX = 16;

/** Something in space that can be taken hold of. */
export interface SpaceGrip {
  readonly id: string;
  readonly at: Vector3;
}

/** What is told of a grip that is dragged. */
export interface SpaceDrag {
  readonly started: (id: string, sight: Sight) => void;
  readonly moved: (sight: Sight) => void;
  readonly ended: () => void;
}

/** A thing to turn that has grips: what begins at one of them is a drag, and no turn of the view. */
export class GripTable extends Turntable {
  protected grips: readonly SpaceGrip[] = [];
  private held: string | null = null;

  constructor(
    box: HTMLElement,
    private readonly drag: SpaceDrag | null,
  ) {
    super(box);
    if (drag === null) return;
    // Before the view is turned.
    box.addEventListener('pointerdown', (event) => this.take(event), { capture: true });
    box.addEventListener('pointermove', (event) => this.move(event));
    for (const end of ['pointerup', 'pointercancel'] as const)
      box.addEventListener(end, () => this.letGo());
  }

  /** The grip that is seen nearest to a place on the screen, if that is near enough. */
  private gripAt(place: PointerPlace): string | null {
    const near = this.grips
      .map(({ id, at }) => ({ id, px: this.pxFrom(at, place) }))
      .filter(({ px }) => px <= HOLD_PX)
      .toSorted((a, b) => a.px - b.px);
    return near[0]?.id ?? null;
  }

  private take(event: PointerEvent): void {
    const id = this.gripAt(event);
    this.turns = id === null;
    if (id === null) return;
    this.held = id;
    this.box.setPointerCapture(event.pointerId);
    this.drag?.started(id, this.sightOf(event));
  }

  private move(event: PointerEvent): void {
    if (this.held === null) {
      this.box.style.cursor = this.gripAt(event) === null ? '' : 'grab';
      return;
    }
    this.drag?.moved(this.sightOf(event));
  }

  private sightOf(place: PointerPlace): Sight {
    const { origin, direction } = this.sightAt(place);
    return { from: origin.toArray(), way: direction.toArray() };
  }

  private letGo(): void {
    if (this.held === null) return;
    this.held = null;
    this.turns = true;
    this.drag?.ended();
  }
}
