import { describe, expect, it } from 'vitest';
import { posedBone } from '../anatomy/pose.ts';
import { ANIMALS } from '../anatomy/registry.ts';
import { posedApart } from '../body/apart.ts';
import { bottom, endOf, formOf, size, startOf, top, withers, type Form } from '../testing/form.ts';

/*
 * What makers most often get wrong, as a measure of the finished form with its limit: each animal of the library
 * keeps it. Limits are from general knowledge of the animals (memory); the sentences stand in their data.
 */

/** A measure, and from which to which value the animal keeps it. */
type Kept = readonly [what: string, measure: (form: Form) => number, low: number, high: number];

const KEPT: Readonly<Record<string, readonly Kept[]>> = {
  'grey-wolf': [
    ['chest: width over depth', (f) => size(f, 2, 'thoracic') / size(f, 1, 'thoracic'), 0.4, 0.7],
    [
      'sternum over the elbow, in withers heights',
      (f) => (bottom(f, 'thoracic') - startOf(f, 'radius.L')[1]) / withers(f),
      -0.12,
      0.03,
    ],
  ],
  'red-deer': [
    ['chest depth over withers height', (f) => size(f, 1, 'thoracic') / withers(f), 0.43, 0.48],
    [
      'shank over thigh in thickness: bone and tendon only',
      (f) => size(f, 2, 'metatarsus') / size(f, 2, 'femur'),
      0.1,
      0.75,
    ],
    [
      'point of the hock in the length of the hind leg',
      (f) =>
        (startOf(f, 'metatarsus.L')[1] - bottom(f, 'hindDigits')) /
        (startOf(f, 'femur.L')[1] - bottom(f, 'hindDigits')),
      0.4,
      0.55,
    ],
  ],
  'alpine-ibex': [
    [
      'roots of the horns apart, in widths of the skull',
      (f) => (startOf(f, 'horn.R')[2] - startOf(f, 'horn.L')[2]) / size(f, 2, 'skull'),
      -0.05,
      0.5,
    ],
    ['chest depth over withers height', (f) => size(f, 1, 'thoracic') / withers(f), 0.4, 0.52],
  ],
  'eurasian-otter': [
    [
      'elbow over the belly, in trunk depths',
      (f) => (startOf(f, 'radius.L')[1] - bottom(f, 'thoracic', 'lumbar')) / size(f, 1, 'lumbar'),
      -0.05,
      1,
    ],
    [
      'knee over the belly, in trunk depths',
      (f) => (startOf(f, 'tibia.L')[1] - bottom(f, 'thoracic', 'lumbar')) / size(f, 1, 'lumbar'),
      -0.1,
      1,
    ],
  ],
  thylacine: [
    ['root of the tail over its middle', (f) => size(f, 2, 'tail1') / size(f, 2, 'tail3'), 1.5, 4],
    [
      'length of the head in lengths of head and body',
      (f) =>
        size(f, 0, 'skull') /
        size(f, 0, 'skull', 'neckUpper', 'neckLower', 'thoracic', 'lumbar', 'sacrum'),
      0.18,
      0.32,
    ],
  ],
  'woolly-mammoth': [
    ['dome of the head over the withers', (f) => top(f, 'skull') - top(f, 'thoracic'), 1, 1200],
    [
      'withers over the rump, in withers heights',
      (f) => (top(f, 'thoracic') - top(f, 'sacrum')) / withers(f),
      0.03,
      0.25,
    ],
  ],
  'harbour-porpoise': [
    [
      'length of the head over its depth: no beak',
      (f) => size(f, 0, 'skull') / size(f, 1, 'skull'),
      0.4,
      1.6,
    ],
  ],
  'grey-heron': [
    [
      'kink of the neck, degrees',
      ({ posed }) => {
        const [a, b, c] = [
          posedBone(posed, 'neck2').start,
          posedBone(posed, 'neck2').end,
          posedBone(posed, 'neck3').end,
        ];
        const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]];
        return Math.abs((Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy) * 180) / Math.PI);
      },
      30,
      150,
    ],
  ],
  'barn-owl': [
    [
      'legs in heights of the bird',
      (f) =>
        (startOf(f, 'tarsometatarsus.L')[1] - bottom(f, 'toes')) /
        size(f, 1, ...f.posed.bones.map(({ bone }) => bone.key)),
      0.12,
      0.3,
    ],
    [
      'width of the trunk over its height',
      (f) => size(f, 2, 'thoracic', 'synsacrum') / size(f, 1, 'thoracic', 'synsacrum'),
      0.4,
      0.85,
    ],
  ],
  dodo: [
    [
      'standing height over the length of the trunk',
      (f) =>
        size(f, 1, ...f.posed.bones.map(({ bone }) => bone.key)) /
        size(f, 0, 'thoracic', 'synsacrum'),
      1.6,
      3.5,
    ],
    [
      'tip of the bill hooks below the jaw, in depths of the bill',
      (f) => (endOf(f, 'bill')[1] - bottom(f, 'bill')) / size(f, 1, 'bill'),
      0.2,
      1,
    ],
  ],
  adder: [
    [
      'broadest over the neck behind the head',
      (f) => size(f, 1, 'skull') / size(f, 2, 'skull'),
      0.3,
      0.75,
    ],
  ],
  'nile-crocodile': [
    [
      'height of the snout over its width',
      (f) => size(f, 1, 'skull') / size(f, 2, 'skull'),
      0.4,
      0.95,
    ],
    [
      'belly over the ground, in trunk depths',
      (f) => (bottom(f, 'dorsalRear') - bottom(f, 'foreDigits')) / size(f, 1, 'dorsalRear'),
      0.15,
      1.5,
    ],
  ],
  'fire-salamander': [
    ['head over the neck in width', (f) => size(f, 2, 'skull') / size(f, 2, 'neck'), 1.01, 1.8],
    [
      'height of the tail over its width: round',
      (f) => size(f, 1, 'tail1') / size(f, 2, 'tail1'),
      0.7,
      1.5,
    ],
  ],
  baryonyx: [
    ['length of the skull over its depth', (f) => size(f, 0, 'skull') / size(f, 1, 'skull'), 2, 6],
  ],
  deinonychus: [
    [
      'sickle claw over the ground, mm',
      (f) => {
        const claws = posedApart(f.posed).filter(({ curve }) => curve === 'sickle claw');
        const low = claws.flatMap(({ samples }) => samples.map(({ at, above }) => at[1] - above));
        return Math.min(...low) - bottom(f, 'hindDigits');
      },
      5,
      120,
    ],
  ],
  rhamphorhynchus: [
    [
      'wing finger over the arm in length',
      ({ posed }) => {
        const mm = (key: string): number => posedBone(posed, `${key}.L`).bone.lifeLengthMm;
        return (
          (mm('wingFinger1') + mm('wingFinger2') + mm('wingFinger3') + mm('wingFinger4')) /
          (mm('humerus') + mm('ulna'))
        );
      },
      1.5,
      4.5,
    ],
  ],
  'northern-pike': [
    [
      'height of the snout over its width: a duck’s bill',
      (f) => size(f, 1, 'skull') / size(f, 2, 'skull'),
      0.4,
      1.6,
    ],
  ],
  'raft-spider': [
    [
      'legs that spring from the carapace',
      ({ posed }) =>
        posed.bones.filter(({ bone }) => /^leg\dCoxa$/.test(bone.key) && bone.parent === 'prosoma')
          .length,
      8,
      8,
    ],
  ],
  'stag-beetle': [
    [
      'head over the wing cases in width',
      (f) => size(f, 2, 'head') / size(f, 2, 'pterothorax'),
      0.9,
      1.3,
    ],
  ],
  'emperor-dragonfly': [
    [
      'forewing over hindwing in length',
      ({ posed }) =>
        posedBone(posed, 'forewing.L').bone.lifeLengthMm /
        posedBone(posed, 'hindwing.L').bone.lifeLengthMm,
      1.01,
      1.15,
    ],
    ['width of the thorax, mm', (f) => size(f, 2, 'pterothorax'), 8, 10],
  ],
};

it('has a measure for every animal of the library', () => {
  expect(Object.keys(KEPT).sort()).toEqual(ANIMALS.map(({ id }) => id).sort());
});

describe.each(Object.entries(KEPT))('the form of %s', (id, kept) => {
  const form = formOf(id);
  it.each(kept)('%s', (_, measure, low, high) => {
    const value = measure(form);
    expect(value).toBeGreaterThanOrEqual(low);
    expect(value).toBeLessThanOrEqual(high);
  });
});
