import { describe, expect, it } from 'vitest';
import DxfParser, { type ILwpolylineEntity, type IPolylineEntity } from 'dxf-parser';
import { drawingDxf } from '../formats/dxf.ts';
import { drawingSvg } from '../formats/svg.ts';
import { planPiece } from '../plan.ts';
import { everySnag } from '../piece/snagGroups.ts';
import { flatSkin } from '../sheets/skin/flatSkin.ts';
import { changed, newWorkpiece } from '../testing/samples.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { slantOf } from './flat/developed.ts';
import { platesAlong, scaleRows } from './planting.ts';

const adder = demoWorkpieces().find(({ id }) => id === 'adder-in-a-coil')!;
const tubesOf = (piece = adder) => planPiece(piece).skin.tubes;
const [trunk, tail] = tubesOf();

describe('the tubes of a body', () => {
  it('are trunk and tail of a snake from its neck on, and limbs and tail of a wolf', () => {
    expect(tubesOf().map(({ tube }) => tube.kind)).toEqual(['trunk', 'tail']);
    const [first, last] = [trunk!.tube.stations[0]!, trunk!.tube.stations.at(-1)!];
    expect(first.boneId).toContain('neck');
    expect(last.boneId).toContain('trunk');
    const wolf = planPiece(newWorkpiece('w', 'W', 'grey-wolf')).skin.tubes;
    const kinds = wolf.map(({ tube }) => tube.kind);
    expect(kinds).toContain('limbs');
    expect(kinds).toContain('tail');
    for (const { tube } of wolf) expect(tube.stations.length).toBeGreaterThan(2);
    for (const { tube } of wolf.filter((of) => of.tube.kind === 'limbs'))
      expect(tube.stations[0]!.girthMm).toBeGreaterThan(tube.stations.at(-1)!.girthMm);
  });

  // E. N. Arnold and D. Ovenden's field guide, as it is remembered: 19 to 23 rows of scales round the middle of an
  // adder, 132 to 158 belly plates, 23 to 48 under the tail.
  it('have the rows and belly plates of the animal', () => {
    expect(trunk!.rows!.round.value).toBe(21);
    expect(trunk!.rows!.round.range).toEqual([19, 23]);
    expect(trunk!.rows!.along.value).toBeGreaterThanOrEqual(132);
    expect(trunk!.rows!.along.value).toBeLessThanOrEqual(158);
    expect(tail!.rows!.along.value).toBeGreaterThanOrEqual(23);
    expect(tail!.rows!.along.value).toBeLessThanOrEqual(48);
    expect(trunk!.rows!.keeled).toBe(true);
  });

  it('have rows and belly plate that sum to the girth, and visible plates that sum to the length', () => {
    for (const { rows, girth, length } of [trunk!, tail!]) {
      const { round, width, belly, pitch, along } = rows!;
      expect(round.value * width.value + belly!.value).toBeCloseTo(girth.value, 9);
      expect(belly!.value).toBeCloseTo(girth.value / 3, 9);
      expect(pitch.value * along.value).toBeCloseTo(length.value, 9);
    }
    const rows = scaleRows(41, 58, 33.5, 6.1, 5);
    rows.widthsMm.forEach((w, i) =>
      expect(w * rows.around).toBeCloseTo(41 + (17 * (i + 0.5)) / rows.rows, 9),
    );
    const { plates, visibleMm } = platesAlong(212, 7.5, 1.8);
    expect(plates * visibleMm).toBeCloseTo(212, 9);
  });

  it('are as long laid flat as their pieces, which stray from the body by no more than they may', () => {
    for (const { tube, pieces, length } of tubesOf()) {
      expect(pieces.reduce((sum, { flat }) => sum + slantOf(flat), 0)).toBeCloseTo(length.value, 9);
      expect(pieces[0]!.from).toBe(tube.stations[0]);
      expect(pieces.at(-1)!.to).toBe(tube.stations.at(-1));
      pieces.slice(1).forEach(({ from }, i) => expect(from).toBe(pieces[i]!.to));
      // The axis is a little shorter than the skin over it.
      expect(length.value).toBeGreaterThanOrEqual(tube.lengthMm - 1e-9);
      expect(length.value).toBeLessThan(1.1 * tube.lengthMm);
    }
  });

  it('take rows that the user sets, and say where their scales would be out of scale', () => {
    const few = changed(adder, 'skin', { rows: { [trunk!.tube.id]: { round: 9, along: 100 } } });
    const plan = planPiece(few);
    const rows = plan.skin.tubes[0]!.rows!;
    expect([rows.round.value, rows.along.value]).toEqual([9, 100]);
    expect(rows.round.provenance).toBe('own');
    const snag = everySnag(plan.snags).find(({ code }) => code === 'scale-too-large');
    expect(snag?.facts).toMatchObject({ by: 'rows' });
    expect(everySnag(planPiece(adder).snags).map(({ code }) => code)).not.toContain(
      'scale-too-large',
    );
  });
});

describe('the skin laid flat on paper', () => {
  const drawing = flatSkin(trunk!);

  /** Lengths of a closed outline between neighbouring corners. */
  const round = (points: readonly { x: number; y: number }[]): number =>
    points.reduce((sum, p, i) => {
      const q = points[(i + 1) % points.length]!;
      return sum + Math.hypot(q.x - p.x, q.y - p.y);
    }, 0);

  it('has the told lengths when an independent reader takes its DXF (dxf-parser)', () => {
    const dxf = new DxfParser().parseSync(drawingDxf(drawing))!;
    const closed = dxf.entities.filter(
      (entity): entity is ILwpolylineEntity | IPolylineEntity =>
        (entity.type === 'LWPOLYLINE' || entity.type === 'POLYLINE') &&
        (entity as ILwpolylineEntity).vertices.length > 40,
    );
    expect(closed).toHaveLength(trunk!.pieces.length);
    trunk!.pieces.forEach(({ flat, from, to }, i) => {
      const told = from.girthMm + to.girthMm + 2 * slantOf(flat);
      expect(Math.abs(round(closed[i]!.vertices) / told - 1)).toBeLessThan(2e-3);
    });
  });

  it('has the told lengths in its SVG, mm by mm', () => {
    const svg = drawingSvg(drawing);
    const paths = [...svg.matchAll(/ d="([^"]+)"/g)].map(([, d]) => d!);
    const points = (d: string) =>
      [...d.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(([, x, y]) => ({
        x: Number(x),
        y: Number(y),
      }));
    const outlines = paths.map(points).filter((all) => all.length > 40);
    expect(outlines).toHaveLength(trunk!.pieces.length);
    const { flat, from, to } = trunk!.pieces[3]!;
    const told = from.girthMm + to.girthMm + 2 * slantOf(flat);
    expect(Math.abs(round(outlines[3]!) / told - 1)).toBeLessThan(2e-3);
  });
});
