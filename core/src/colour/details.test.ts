import { describe, expect, it } from 'vitest';
import { detailIds } from '../anatomy/detailIds.ts';
import { animalById } from '../anatomy/registry.ts';
import { readPiece } from '../formats/readPiece.ts';
import { NEW_ZONE_COLOUR } from '../piece/colourSchema.ts';
import { changed, otterPiece, wholePlan, wolfPiece } from '../testing/samples.ts';
import { parted } from '../workshop/workpiece.ts';

const wolf = wolfPiece();
const plan = wholePlan(wolf);
const { colour } = plan;
const details = colour!.zones.filter(({ isDetail }) => isDetail);
const detail = (id: string) => details.find(({ zone }) => zone.id === id);

describe('details', () => {
  it('are eyes, nose and what is set, each painted once, and last', () => {
    expect(details.map(({ zone }) => zone.id)).toEqual(
      expect.arrayContaining(['@nose', '@claws', '@canines']),
    );
    for (const { layers, area } of details) {
      expect(layers.map(({ rule }) => rule.id)).toEqual(['details']);
      expect(area.value).toBeGreaterThan(0);
    }
    const order = plan.bench!.steps.map(({ id }) => id);
    expect(order.indexOf('colour.details')).toBeGreaterThan(order.indexOf('colour.ridge-2'));
    expect(order.indexOf('colour.sheen')).toBeGreaterThan(order.indexOf('colour.details'));
  });

  it('have the skin of their shape: a claw that of a cone, π/2 · length · thickness', () => {
    const claws = plan.fittings.fittings.find(({ id }) => id === 'claws')!;
    const { value } = detail('@claws')!.area;
    const cone = (Math.PI / 2) * claws.length.value * claws.thick!.value;
    expect(value * 100).toBeCloseTo(cone * claws.count, 6);
  });

  it('leave out eyes of glass, and the lining of a mouth that is shut', () => {
    const otter = wholePlan(otterPiece()).colour!;
    expect(otter.zones.some(({ zone }) => zone.id === '@eyes')).toBe(false);
    const shut = changed(wolf, 'stance', {
      anglesDeg: { ...wolf.stance.anglesDeg, jaw: { flexion: 0 } },
    });
    const open = changed(wolf, 'stance', {
      anglesDeg: { ...wolf.stance.anglesDeg, jaw: { flexion: 25 } },
    });
    const hasMouth = (of: typeof wolf): boolean =>
      wholePlan(of).colour!.zones.some(({ zone }) => zone.id === '@mouth');
    expect([hasMouth(shut), hasMouth(open)]).toEqual([false, true]);
  });

  it('take the user’s colour, which a document keeps', () => {
    const own = changed(wolf, 'colour', {
      zones: { ...wolf.colour.zones, '@claws': { ...NEW_ZONE_COLOUR, hex: '#112233' } },
    });
    expect(readPiece(parted(own).piece).ok).toBe(true);
    const claws = wholePlan(own).colour!.zones.find(({ zone }) => zone.id === '@claws')!;
    expect(claws).toMatchObject({ hex: '#112233', own: true });
    const strange = changed(wolf, 'colour', {
      zones: { '@wings': { ...NEW_ZONE_COLOUR, hex: '#112233' } },
    });
    expect(readPiece(parted(strange).piece)).toMatchObject({ ok: false });
    expect(detailIds(animalById('grey-wolf')!, [{ id: 'thing-1' }])).toContain('@own-thing-1');
  });
});

describe('layers besides those of a way', () => {
  const withExtras = (school: 'dark-up' | 'over-clay' | 'pastel') =>
    wholePlan(
      changed(wolf, 'colour', {
        school,
        zones: { back: { ...NEW_ZONE_COLOUR, extras: ['under', 'stipple', 'metallic'] } },
      }),
    ).colour!;
  const means = ({ zones }: NonNullable<typeof colour>) =>
    zones.find(({ zone }) => zone.id === 'back')!.layers.map(({ look }) => look!.mean);
  const ids = (of: typeof colour, zone: string) =>
    of!.zones.find((one) => one.zone.id === zone)!.layers.map(({ rule }) => rule.id);

  it('go on in the order of the brush, none twice, and only where there is paint', () => {
    expect(ids(withExtras('dark-up'), 'back')).toEqual([
      ...['under', 'base', 'ridge-1', 'ridge-2', 'stipple', 'metallic'],
    ]);
    expect(ids(withExtras('over-clay'), 'back')[0]).toBe('under');
    expect(ids(withExtras('pastel'), 'back')).not.toContain('stipple');
  });

  it('change how it looks, and nothing else does', () => {
    const looks = means(withExtras('dark-up'));
    const before = means(colour!);
    expect(looks.slice(0, before.length)).toEqual(before);
    expect(looks.at(-1)).not.toBe(before.at(-1));
  });
});

describe('varnish', () => {
  const adviceOf = (of: typeof wolf) => wholePlan(of).colour!.advice;

  it('is told by place: what bends, what is pastel, what has no primer', () => {
    const pastel = adviceOf(changed(wolf, 'colour', { school: 'pastel' }));
    const [zone] = colour!.zones;
    const name = zone!.zone.name.toLowerCase();
    expect(pastel.find(({ id }) => id === 'pastel')?.words).toContain(name);
    expect(pastel.find(({ id }) => id === 'sticky')?.words).toContain(name);
    const primed = adviceOf(changed(wolf, 'colour', { school: 'dark-up', primer: 'grey' }));
    expect(primed.map(({ id }) => id)).not.toContain('pastel');
    expect(primed.map(({ id }) => id)).not.toContain('sticky');
    expect(primed.map(({ id }) => id)).not.toContain('joints');
    const posable = changed(wolf, 'wire', { freeJoints: ['humerus.L'] });
    expect(adviceOf(posable).map(({ id }) => id)).toContain('joints');
  });
});
