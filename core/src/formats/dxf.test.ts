import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { basePlanDrawing } from '../sheets/basePlan.ts';
import { elevation } from '../sheets/elevation.ts';
import { fittedDrawing } from '../sheets/drawing.ts';
import { wireStrips } from '../sheets/wireStrips.ts';
import { otterPiece } from '../testing/samples.ts';
import { dxfLayer, drawingDxf } from './dxf.ts';

/** What a reader of the format finds: an entity with its groups, in order. */
interface Entity {
  readonly type: string;
  readonly groups: readonly (readonly [number, string])[];
}

/** Reads the pairs of lines of a file into its header values and entities. */
function read(file: string): { readonly header: Map<string, string>; readonly entities: Entity[] } {
  const lines = file.trimEnd().split('\n');
  expect(lines.length % 2).toBe(0);
  const pairs = lines
    .filter((_, i) => i % 2 === 0)
    .map((code, i) => [Number(code), lines[2 * i + 1]!] as const);
  expect(pairs.at(-1)).toEqual([0, 'EOF']);
  const header = new Map<string, string>();
  pairs.forEach(([code, value], i) => {
    if (code === 9) header.set(value, pairs[i + 1]![1]);
  });
  const start = pairs.findIndex(([code, value]) => code === 2 && value === 'ENTITIES');
  const entities: { type: string; groups: (readonly [number, string])[] }[] = [];
  for (const [code, value] of pairs.slice(start + 1)) {
    if (code === 0) entities.push({ type: value, groups: [] });
    else entities.at(-1)?.groups.push([code, value]);
  }
  return { header, entities };
}

const value = ({ groups }: Entity, code: number): number =>
  Number(groups.find(([of]) => of === code)![1]);
const layerOf = ({ groups }: Entity): string => groups.find(([code]) => code === 8)?.[1] ?? '';
const long = (line: Entity): number =>
  Math.hypot(value(line, 11) - value(line, 10), value(line, 21) - value(line, 20));

const plan = planPiece(otterPiece());

describe('the DXF of a drawing, read back', () => {
  it('is in millimetres, for readers of release 12', () => {
    const { header } = read(
      drawingDxf(elevation(plan, 'side', { show: 'wires', dimensions: true })),
    );
    // $INSUNITS 4 is millimetres, $MEASUREMENT 1 metric (the format's reference, from memory).
    expect(header.get('$ACADVER')).toBe('AC1009');
    expect(header.get('$INSUNITS')).toBe('4');
    expect(header.get('$MEASUREMENT')).toBe('1');
  });

  it('has every wire on a layer of its own, and each straight wire at its cut length', () => {
    const { wires } = plan.wire;
    const { entities } = read(drawingDxf(wireStrips(wires)));
    for (const wire of wires) {
      const own = entities.filter((entity) => layerOf(entity) === dxfLayer(`wire ${wire.id}`));
      const longest = Math.max(...own.filter(({ type }) => type === 'LINE').map(long));
      expect(longest, wire.id).toBeCloseTo(wire.cut.value, 5);
    }
  });

  it('shows bones at their length on the model where they lie in the plane', () => {
    const { entities } = read(
      drawingDxf(elevation(plan, 'side', { show: 'bones', dimensions: false })),
    );
    const bones = entities.filter(
      (entity) => entity.type === 'LINE' && layerOf(entity) === 'BONES',
    );
    expect(bones).toHaveLength(plan.stance.posed.bones.length);
    expect(bones.some((bone) => Math.abs(long(bone) - 115 / 3) < 1e-5)).toBe(true);
  });

  it('has the holes of the base where they are drilled', () => {
    const drawing = basePlanDrawing(plan.wire.base);
    const circles = read(drawingDxf(drawing)).entities.filter(({ type }) => type === 'CIRCLE');
    const drills = plan.wire.base.holes.map((hole) => hole.diameter.value / 2);
    for (const radius of drills)
      expect(circles.some((circle) => Math.abs(value(circle, 40) - radius) < 1e-6)).toBe(true);
  });

  it('writes outlines as closed polylines, and letters beyond the plain ones by their code', () => {
    const file = drawingDxf(
      fittedDrawing(
        'one',
        'One',
        [
          {
            kind: 'union',
            ink: 'skin',
            layer: 'skin & fur',
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
            kind: 'text',
            ink: 'ink',
            layer: 'skin & fur',
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
    const { entities } = read(file);
    expect(entities.map(({ type }) => type)).toEqual([
      'POLYLINE',
      'VERTEX',
      'VERTEX',
      'VERTEX',
      'SEQEND',
      'TEXT',
      'ENDSEC',
      'EOF',
    ]);
    expect(value(entities[0]!, 70)).toBe(1);
    expect(layerOf(entities[0]!)).toBe('SKIN_FUR');
    const words = entities[5]!.groups.find(([code]) => code === 1)![1];
    expect(words).toBe('90%%d \\U+2205');
    // The old format knows no letters beyond the plain ones.
    expect(/^[\x20-\x7e\n]*$/.test(file)).toBe(true);
  });
});
