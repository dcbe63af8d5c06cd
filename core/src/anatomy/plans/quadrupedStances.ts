import type { StanceSpec } from '../bodyPlan.ts';

/**
 * Stances of a four-footed mammal, degrees from rest. The walk is the moment of a lateral-sequence
 * walk (left hind, left fore, right hind, right fore) in which the right forefoot swings and the
 * other three stand; joint curves are from general knowledge, footfalls from M. Hildebrand,
 * Science 150 (1965): with three quarters of the stride on the ground, three feet always are.
 */
export const QUADRUPED_STANCES: readonly StanceSpec[] = Object.freeze<StanceSpec[]>([
  { id: 'standing', name: 'Standing', anglesDeg: {}, lifted: [] },
  {
    id: 'walking',
    name: 'Walking',
    anglesDeg: {
      'femur.L': { flexion: 20 },
      'tibia.L': { flexion: -10 },
      'metatarsus.L': { flexion: -8 },
      'femur.R': { flexion: -14 },
      'tibia.R': { flexion: -6 },
      'metatarsus.R': { flexion: 8 },
      'scapula.L': { flexion: 2 },
      'humerus.L': { flexion: 9 },
      'radius.L': { flexion: 0 },
      'metacarpus.L': { flexion: 2 },
      'scapula.R': { flexion: 8 },
      'humerus.R': { flexion: 18 },
      'radius.R': { flexion: 38 },
      'metacarpus.R': { flexion: -82 },
      'foreDigits.R': { flexion: -30 },
      neckLower: { flexion: -8 },
      tail1: { flexion: 8 },
      tail3: { flexion: 6 },
    },
    lifted: ['forefoot.R'],
  },
]);
