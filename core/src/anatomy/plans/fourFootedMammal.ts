import type { BodyPlan } from '../bodyPlan.ts';
import { quarteredTail } from './kit/backbones.ts';
import { composePlan } from './kit/composePlan.ts';
import { MAMMAL_FORELEGS, MAMMAL_HEAD, MAMMAL_HINDLEGS, MAMMAL_TRUNK } from './kit/mammalParts.ts';
import {
  FEET,
  HEAD_PARTS,
  HORN,
  LOWER_LIMBS,
  NECK,
  TAIL,
  TRUNK,
  UPPER_LIMBS,
} from './quadrupedParts.ts';
import { QUADRUPED_STANCES } from './quadrupedStances.ts';
import { MAMMAL_EXPRESSIONS } from './kit/expressions.ts';
import { MAMMAL_GAITS } from './kit/mammalGaits.ts';

const HEAD_AND_BODY = ['sacrum', 'lumbar', 'thoracic', 'neckLower', 'neckUpper', 'skull'] as const;

/**
 * The four-footed mammal, drawn in rest as a toe-walker at ease, head to the right of the page.
 * Sole-, toe- and hoof-walkers differ by the animal's rest directions and by what it walks on.
 */
export const FOUR_FOOTED_MAMMAL: BodyPlan = composePlan({
  id: 'four-footed-mammal',
  name: 'Four-footed mammal',
  parts: [MAMMAL_TRUNK, MAMMAL_HEAD, quarteredTail(1), MAMMAL_FORELEGS, MAMMAL_HINDLEGS],
  wireOrder: ['hind-legs', 'fore-legs'],
  spine: [...TAIL.toReversed(), ...HEAD_AND_BODY],
  spineEnds: {
    tail: { reach: 0.65, name: 'tail end' },
    head: { reach: 0.7, name: 'muzzle' },
  },
  tailBones: TAIL,
  sizes: [
    {
      id: 'shoulder-height',
      name: 'Shoulder height',
      kind: 'height',
      bone: 'scapula.L',
      measured: 'ground to the skin over the withers, standing',
    },
    {
      id: 'length',
      name: 'Snout to tail tip',
      kind: 'chain',
      bones: [...HEAD_AND_BODY, ...TAIL],
      measured: 'Σ bones of the midline, straightened',
    },
    {
      id: 'head-body',
      name: 'Head and body',
      kind: 'chain',
      bones: HEAD_AND_BODY,
      measured: 'Σ midline bones, snout to tail root',
    },
    { id: 'tail', name: 'Tail', kind: 'chain', bones: TAIL, measured: 'Σ four tail quarters' },
    {
      id: 'horn',
      name: 'Horn, antler or tusk',
      kind: 'chain',
      bones: HORN.map((key) => `${key}.L`),
      measured: 'along its curve',
    },
  ],
  stances: QUADRUPED_STANCES,
  expressions: MAMMAL_EXPRESSIONS,
  gaits: MAMMAL_GAITS,
  regions: [
    { id: 'head', name: 'Head', bones: ['skull'], core: 'foil' },
    { id: 'jaw', name: 'Lower jaw', bones: ['jaw'], core: 'solid' },
    { id: 'head-parts', name: 'Ears, horns, proboscis', bones: HEAD_PARTS, core: 'solid' },
    { id: 'neck', name: 'Neck', bones: NECK, core: 'foil' },
    { id: 'trunk', name: 'Trunk', bones: TRUNK, core: 'foil' },
    { id: 'upper-limbs', name: 'Upper limbs', bones: UPPER_LIMBS, core: 'foil' },
    { id: 'lower-limbs', name: 'Lower limbs', bones: LOWER_LIMBS, core: 'solid' },
    { id: 'feet', name: 'Feet', bones: FEET, core: 'solid' },
    { id: 'tail', name: 'Tail', bones: TAIL, core: 'solid' },
  ],
});
