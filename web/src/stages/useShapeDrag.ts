import type { Shape } from '@keen-sinew/core';
import { withShape } from './mass/shapeChanges.ts';
import { usePieceDrag, type PieceDrag } from './usePieceDrag.ts';

/** A grip of the animal's shape that is dragged on a drawing. `asked` gives the shape for a place of the pointer. */
export const useShapeDrag = <H>(
  asked: (held: H, event: PointerEvent) => ((shape: Shape) => Shape) | undefined,
  labelOf: (held: H) => string,
  dragging: (now: boolean) => void,
): PieceDrag<H> =>
  usePieceDrag<H>(
    (held, event) => {
      const recipe = asked(held, event);
      return recipe && ((p) => withShape(p, recipe(p.measure.shape)));
    },
    labelOf,
    dragging,
  );
