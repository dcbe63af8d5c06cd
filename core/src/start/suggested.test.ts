import { describe, expect, it } from 'vitest';
import { ANIMALS } from '../anatomy/registry.ts';
import { planPiece } from '../plan.ts';
import { everySnag } from '../piece/snagGroups.ts';
import { demoWorkpieces } from './demoPieces.ts';
import { followed, sound, suggestion, WIRE_SIZES_MM } from './suggested.ts';
import { SHELLS_MM } from './suggestedShells.ts';
import { changed, newWorkpiece, wholePlan } from '../testing/samples.ts';
import type { Plan } from '../planTypes.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

const fresh = (id: string): Workpiece => sound(newWorkpiece(id, id, id), planPiece);
const toFix = ({ snags }: Plan) => snags.filter(({ grade }) => grade === 'fix');

describe('a fresh piece', () => {
  it.each(ANIMALS.map(({ id }) => id))('of %s could be built as it is', (id) => {
    const plan = wholePlan(fresh(id));
    expect(toFix(plan)).toEqual([]);
    expect(plan.snags.length).toBeLessThan(4);
    // Its board holds the common centre of piece and board inside by the wanted tilt.
    const { length, width } = plan.wire.base;
    expect(length.value).toBeGreaterThanOrEqual(plan.balance.base.lengthMm);
    expect(width.value).toBeGreaterThanOrEqual(plan.balance.base.widthMm);
  });

  it('has wire as it is sold, and shells that are rolled', () => {
    for (const id of ['woolly-mammoth', 'stag-beetle', 'baryonyx']) {
      const { wire, shells } = fresh(id).suggested!;
      for (const { size } of [wire.spine, ...Object.values(wire.limbs)]) {
        expect(size.system).toBe('mm');
        expect(WIRE_SIZES_MM).toContain(size.value);
      }
      for (const { core, shellMm } of Object.values(shells))
        if (core === 'foil') expect(SHELLS_MM).toContain(shellMm);
    }
  });

  it('is carried by an iron where its legs cannot hide what would bear it', () => {
    // A dragonfly enlarged three times stands on legs of two millimetres.
    const plan = wholePlan(fresh('emperor-dragonfly'));
    expect(plan.piece.wire.scheme).toBe('back-iron');
    expect(plan.wire.wires.filter(({ kind }) => kind === 'iron')).toHaveLength(1);
    // As it stands they hold; turned over, they bear their own weight.
    const weak = everySnag(plan.snags).filter(({ code }) => code === 'wire-too-weak');
    expect(weak.every(({ facts }) => 'turned' in facts && facts.turned)).toBe(true);
  });

  it('takes thicker wire only where thinner would give', () => {
    const raw = newWorkpiece('wolf', 'Wolf', 'grey-wolf');
    const weak = everySnag(planPiece(raw).snags).filter(({ code }) => code === 'wire-too-weak');
    expect(weak.length).toBeGreaterThan(1);
    const { wire } = suggestion(raw, planPiece);
    expect(wire.spine.size.value).toBeGreaterThan(raw.wire.spine.size.value);
    const large = everySnag(wholePlan(sound(raw, planPiece)).snags).filter(
      ({ code, target }) =>
        code === 'wire-too-weak' && target?.kind === 'bone' && target.id !== 'jaw',
    );
    expect(large).toEqual([]);
  });
});

describe('the demonstration', () => {
  it.each(demoWorkpieces().map((piece) => [piece.id, piece] as const))(
    'has nothing to fix and little to watch: %s',
    (_, piece) => {
      const plan = wholePlan(piece);
      expect(toFix(plan)).toEqual([]);
      expect(plan.snags.length).toBeLessThan(4);
    },
  );
});

describe('what was suggested', () => {
  const wolf = fresh('grey-wolf');
  const smaller = (piece: Workpiece): Workpiece =>
    changed(piece, 'measure', { scale: { by: 'ratio', lifePerModel: 12 } });

  it('follows the scale, so that a smaller piece has thinner wire', () => {
    const after = followed(wolf, smaller(wolf), planPiece);
    expect(after.suggested).toEqual(suggestion(smaller(wolf), planPiece));
    expect(after.wire.spine.size.value).toBeLessThan(wolf.wire.spine.size.value);
    expect(toFix(planPiece(after))).toEqual([]);
  });

  it('leaves what the user chose, and what the user took away', () => {
    const mine = {
      metal: 'copper-annealed',
      size: { system: 'mm', value: 1.5 },
      strands: 1,
    } as const;
    const { 'fore-legs': _own, ...others } = wolf.wire.limbs;
    const own = changed(wolf, 'wire', {
      limbs: { ...others, 'hind-legs': mine },
      scheme: 'base-rods',
    });
    const after = followed(own, smaller(own), planPiece);
    expect(after.wire.limbs['hind-legs']).toEqual(mine);
    expect(Object.hasOwn(after.wire.limbs, 'fore-legs')).toBe(false);
    expect(after.wire.scheme).toBe('base-rods');
    expect(after.wire.spine).toEqual(after.suggested!.wire.spine);
  });

  it('does not touch a piece that never took a suggestion', () => {
    const raw = newWorkpiece('wolf', 'Wolf', 'grey-wolf');
    expect(followed(raw, smaller(raw), planPiece)).toEqual(smaller(raw));
  });
});
