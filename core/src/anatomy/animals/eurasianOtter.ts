import type { Animal, LifeLength } from '../animal.ts';

const memory = (mm: number, low: number, high: number): LifeLength => ({
  mm,
  range: [low, high],
  provenance: 'memory',
});

/**
 * Eurasian otter, a typical adult. All values are from general knowledge (memory), to be checked
 * against a specimen; body mass and length ranges agree with handbook ranges, limb bones are the
 * least certain.
 */
export const EURASIAN_OTTER: Animal = Object.freeze({
  id: 'eurasian-otter',
  name: 'Eurasian otter',
  latin: 'Lutra lutra',
  planId: 'four-footed-mammal',
  lengths: {
    skull: memory(115, 103, 128),
    neckUpper: memory(52, 40, 62),
    neckLower: memory(58, 45, 70),
    thoracic: memory(240, 205, 275),
    lumbar: memory(165, 135, 190),
    sacrum: memory(46, 38, 56),
    tail1: memory(105, 80, 118),
    tail2: memory(102, 80, 118),
    tail3: memory(100, 80, 117),
    tail4: memory(98, 80, 117),
    scapula: memory(76, 62, 88),
    humerus: memory(82, 65, 90),
    radius: memory(64, 50, 72),
    metacarpus: memory(44, 36, 52),
    foreDigits: memory(36, 28, 44),
    pelvis: memory(44, 36, 52),
    femur: memory(82, 65, 90),
    tibia: memory(92, 75, 100),
    metatarsus: memory(66, 54, 78),
    hindDigits: memory(46, 36, 56),
  },
  rest: {
    lumbar: [1, 0.16, 0],
    thoracic: [1, -0.12, 0],
    neckLower: [1, 0.12, 0],
    neckUpper: [1, 0.3, 0],
    skull: [1, -0.12, 0],
    humerus: [-0.66, -0.75, 0],
    radius: [0.3, -0.95, 0],
    metacarpus: [0.6, -0.8, 0],
    femur: [0.62, -0.78, -0.1],
    tibia: [-0.68, -0.73, 0],
    metatarsus: [0.5, -0.86, 0],
  },
  flesh: {
    skull: [
      {
        from: 0.12,
        to: 0.5,
        radiusFrom: 42,
        radiusTo: 37,
        offsetFrom: [0, -4, 0],
        offsetTo: [0, -2, 0],
      },
      {
        from: 0.5,
        to: 0.84,
        radiusFrom: 37,
        radiusTo: 21,
        offsetFrom: [0, -2, 0],
        offsetTo: [0, -5, 0],
      },
    ],
    neckUpper: [
      {
        from: 0,
        to: 1,
        radiusFrom: 46,
        radiusTo: 43,
        offsetFrom: [0, -14, 0],
        offsetTo: [0, -8, 0],
      },
    ],
    neckLower: [
      {
        from: 0,
        to: 1,
        radiusFrom: 52,
        radiusTo: 46,
        offsetFrom: [0, -24, 0],
        offsetTo: [0, -14, 0],
      },
    ],
    thoracic: [
      {
        from: 0,
        to: 0.55,
        radiusFrom: 64,
        radiusTo: 64,
        offsetFrom: [0, -48, 0],
        offsetTo: [0, -50, 0],
      },
      {
        from: 0.55,
        to: 1,
        radiusFrom: 64,
        radiusTo: 53,
        offsetFrom: [0, -50, 0],
        offsetTo: [0, -30, 0],
      },
    ],
    lumbar: [
      {
        from: 0,
        to: 1,
        radiusFrom: 58,
        radiusTo: 64,
        offsetFrom: [0, -40, 0],
        offsetTo: [0, -48, 0],
      },
    ],
    sacrum: [
      {
        from: 0,
        to: 1,
        radiusFrom: 58,
        radiusTo: 38,
        offsetFrom: [0, -36, 0],
        offsetTo: [0, -14, 0],
      },
    ],
    tail1: [{ from: 0, to: 1, radiusFrom: 36, radiusTo: 27, offsetFrom: [0, -12, 0] }],
    tail2: [{ from: 0, to: 1, radiusFrom: 27, radiusTo: 20 }],
    tail3: [{ from: 0, to: 1, radiusFrom: 20, radiusTo: 13 }],
    tail4: [{ from: 0, to: 0.97, radiusFrom: 13, radiusTo: 5 }],
    scapula: [{ from: 0.25, to: 1, radiusFrom: 24, radiusTo: 31 }],
    humerus: [{ from: 0, to: 1, radiusFrom: 36, radiusTo: 28 }],
    radius: [{ from: 0, to: 1, radiusFrom: 26, radiusTo: 15 }],
    metacarpus: [{ from: 0, to: 1, radiusFrom: 14, radiusTo: 12 }],
    foreDigits: [{ from: 0, to: 0.9, radiusFrom: 12, radiusTo: 7 }],
    pelvis: [{ from: 0.2, to: 1, radiusFrom: 36, radiusTo: 40 }],
    femur: [{ from: 0, to: 1, radiusFrom: 44, radiusTo: 33 }],
    tibia: [{ from: 0, to: 1, radiusFrom: 31, radiusTo: 16 }],
    metatarsus: [{ from: 0, to: 1, radiusFrom: 15, radiusTo: 12 }],
    hindDigits: [{ from: 0, to: 0.9, radiusFrom: 12, radiusTo: 7 }],
  },
  ranges: {
    massKg: [5, 12],
    shoulderHeightMm: [250, 320],
    headBodyMm: [570, 850],
    tailMm: [320, 470],
  },
  commonMistake:
    'The legs come out too long: the belly hangs low and the elbow and knee lie inside the outline of the body.',
} satisfies Animal);
