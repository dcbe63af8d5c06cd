import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { skinPoint } from '../../body/facePoint.ts';
import { demoWorkpieces } from '../../start/demoPieces.ts';
import { onPage, VIEW_FRAMES } from '../../surface/reliefViews.ts';
import { otterPiece, wholePlan } from '../../testing/samples.ts';
import { formPage, placeUnder, thingDragged, thingGrips } from './thingGrips.ts';

const hob = wholePlan(demoWorkpieces().find(({ id }) => id === 'sluice-hob')!);
const otter = wholePlan(otterPiece());
const { shape } = otter.piece.measure;

describe('parts on the drawings of the form', () => {
  it('have a ring each on the side that shows them, and one for the end of a row', () => {
    const page = formPage(hob, 'form-side')!;
    const grips = thingGrips(hob, page);
    const ids = grips.map(({ fittingId, isEnd }) => `${fittingId}${isEnd ? ' end' : ''}`);
    expect(ids).toEqual(
      expect.arrayContaining(['eyes', 'own-horns', 'own-spikes', 'own-spikes end', 'own-mane end']),
    );
    expect(formPage(hob, 'no-such')).toBeUndefined();
    expect(formPage(hob, 'form-top')).toMatchObject({ view: 'top', times: 1 });
  });

  it('a point of the page is found again from the place on the skin under it', () => {
    const page = formPage(otter, 'form-side')!;
    const { posed } = otter.stance;
    const spine = posed.byId.get('thoracic')!;
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: -18, max: 3, noNaN: true }),
        (share, up) => {
          const x = spine.start[0] + (spine.end[0] - spine.start[0]) * share;
          const y = spine.start[1] + (spine.end[1] - spine.start[1]) * share + up;
          const p = onPage(VIEW_FRAMES.side, [x, y, 0]);
          const place = placeUnder(posed, page, p);
          expect(place).toBeDefined();
          const back = onPage(VIEW_FRAMES.side, skinPoint(posed, place!)!.at);
          expect(Math.hypot(back[0] - p[0], back[1] - p[1])).toBeLessThan(2.5);
        },
      ),
      { seed: 22, numRuns: 25 },
    );
  });

  it('an eye goes where it is dragged, and stays an eye of both sides', () => {
    const page = formPage(otter, 'form-side')!;
    const eye = thingGrips(otter, page).find(({ fittingId }) => fittingId === 'eyes')!;
    const recipe = thingDragged(otter, page, eye, [eye.at[0] + 2, eye.at[1] + 1])!;
    const { along, around } = recipe(shape).eyes;
    const [, was] = otter.measure.skeleton.animal.face!.eyes[0]!.at;
    expect(along).not.toBeCloseTo(was, 2);
    expect(around).toBeGreaterThan(0);
  });

  it('spikes of the midline stay on it, and their row ends where its end is dragged', () => {
    const page = formPage(hob, 'form-side')!;
    const grips = thingGrips(hob, page).filter(({ fittingId }) => fittingId === 'own-spikes');
    const [first, end] = [grips.find((g) => !g.isEnd)!, grips.find((g) => g.isEnd)!];
    const own = hob.piece.measure.shape;
    const moved = thingDragged(hob, page, first, [first.at[0] + 8, first.at[1] - 3])!(own);
    const spikes = moved.things.find(({ id }) => id === 'spikes')!;
    expect(spikes.around).toBe(0);
    expect(spikes.along).not.toBe(own.things.find(({ id }) => id === 'spikes')!.along);
    const ended = thingDragged(hob, page, end, [first.at[0] + 12, first.at[1] - 3])!(own);
    const { row } = ended.things.find(({ id }) => id === 'spikes')!;
    expect(row!.boneId).not.toBe('tail2');
    expect(row!.around).toBe(0);
  });

  it('what belongs to the library moves along its own bone, and beside the body nothing follows', () => {
    const page = formPage(otter, 'form-side')!;
    const whiskers = thingGrips(otter, page).find(({ fittingId }) => fittingId === 'whiskers')!;
    const recipe = thingDragged(otter, page, whiskers, [whiskers.at[0] + 1.5, whiskers.at[1]]);
    const change = recipe!(shape).features['whiskers']!;
    expect(change.gone).toBe(false);
    expect(Math.abs(change.along!) + Math.abs(change.around!)).toBeGreaterThan(0);
    expect(thingDragged(otter, page, whiskers, [900, 900])).toBeUndefined();
  });
});
