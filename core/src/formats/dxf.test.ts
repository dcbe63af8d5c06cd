import DxfParser, {
  type ICircleEntity,
  type IDxf,
  type ILineEntity,
  type ILwpolylineEntity,
  type IPoint,
  type ITextEntity,
} from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { basePlanDrawing } from '../sheets/basePlan.ts';
import { elevation } from '../sheets/elevation.ts';
import { fittedDrawing, type Drawing } from '../sheets/drawing.ts';
import { wireStrips } from '../sheets/wireStrips.ts';
import { otterPiece } from '../testing/samples.ts';
import { dxfLayer, drawingDxf } from './dxf.ts';

/** The file as an independent reader takes it (dxf-parser 1.1.2). */
const read = (drawing: Drawing): IDxf => new DxfParser().parseSync(drawingDxf(drawing))!;
const linesOf = ({ entities }: IDxf, layer: string): readonly ILineEntity[] =>
  entities.filter(
    (entity): entity is ILineEntity => entity.type === 'LINE' && entity.layer === layer,
  );
const long = ({ vertices: [from, to] }: ILineEntity): number =>
  Math.hypot(to!.x - from!.x, to!.y - from!.y);

const plan = planPiece(otterPiece());

describe('the DXF of a drawing, read back', () => {
  it('is in millimetres, and says how large it is', () => {
    const drawing = elevation(plan, 'side', { show: 'wires', dimensions: true });
    const { header } = read(drawing);
    // $INSUNITS 4 is millimetres, $MEASUREMENT 1 metric (the format's reference, from memory).
    expect(header).toMatchObject({ $INSUNITS: 4, $MEASUREMENT: 1 });
    const [min, max] = [header['$EXTMIN'], header['$EXTMAX']] as [IPoint, IPoint];
    expect(min.x).toBeCloseTo(drawing.box.min[0], 5);
    expect(max.y).toBeCloseTo(drawing.box.max[1], 5);
  });

  it('has every wire on a layer of its own, and each straight wire at its cut length', () => {
    const { wires } = plan.wire;
    const file = read(wireStrips(wires));
    for (const wire of wires) {
      const layer = dxfLayer(`wire ${wire.id}`);
      expect(Object.keys(file.tables.layer.layers)).toContain(layer);
      const longest = Math.max(...linesOf(file, layer).map(long));
      expect(longest, wire.id).toBeCloseTo(wire.cut.value, 5);
    }
  });

  it('shows bones at their length on the model where they lie in the plane', () => {
    const bones = linesOf(
      read(elevation(plan, 'side', { show: 'bones', dimensions: false })),
      'BONES',
    );
    expect(bones).toHaveLength(plan.stance.posed.bones.length);
    expect(bones.some((bone) => Math.abs(long(bone) - 115 / 3) < 1e-5)).toBe(true);
  });

  it('has the holes of the base where they are drilled', () => {
    const { entities } = read(basePlanDrawing(plan.wire.base));
    const circles = entities.filter((entity): entity is ICircleEntity => entity.type === 'CIRCLE');
    for (const hole of plan.wire.base.holes)
      expect(
        circles.some(({ radius }) => Math.abs(radius - hole.diameter.value / 2) < 1e-6),
        hole.foot,
      ).toBe(true);
  });

  it('writes outlines as closed polylines, and letters beyond the plain ones as they are', () => {
    const common = { layer: 'skin & fur' } as const;
    const { entities } = read(
      fittedDrawing(
        'one',
        'One',
        [
          {
            ...common,
            kind: 'union',
            ink: 'skin',
            weight: 0.25,
            outlines: [
              [
                [0, 0],
                [4, 0],
                [0, 3],
              ],
            ],
          },
          {
            ...common,
            kind: 'text',
            ink: 'ink',
            at: [1, 1],
            text: '90° ∅',
            sizeMm: 3,
            anchor: 'end',
            face: 'label',
          },
        ],
        2,
      ),
    );
    const [outline, words] = entities as [ILwpolylineEntity, ITextEntity];
    expect(entities).toHaveLength(2);
    expect(outline).toMatchObject({ type: 'LWPOLYLINE', layer: 'SKIN_FUR', shape: true });
    expect(outline.vertices.map(({ x, y }) => [x, y])).toEqual([
      [0, 0],
      [4, 0],
      [0, 3],
    ]);
    expect(words).toMatchObject({ type: 'TEXT', text: '90° ∅', textHeight: 3, halign: 2 });
  });
});
