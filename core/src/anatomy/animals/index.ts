// Written by `npm run animals`: every animal that lies in this folder. Do not edit.
import type { Animal } from '../animal.ts';
import { ADDER } from './adder.ts';
import { ALPINE_IBEX } from './alpineIbex.ts';
import { BARN_OWL } from './barnOwl.ts';
import { BARYONYX } from './baryonyx.ts';
import { DEINONYCHUS } from './deinonychus.ts';
import { DODO } from './dodo.ts';
import { EMPEROR_DRAGONFLY } from './emperorDragonfly.ts';
import { EURASIAN_OTTER } from './eurasianOtter.ts';
import { FIRE_SALAMANDER } from './fireSalamander.ts';
import { GREY_HERON } from './greyHeron.ts';
import { GREY_WOLF } from './greyWolf.ts';
import { HARBOUR_PORPOISE } from './harbourPorpoise.ts';
import { NILE_CROCODILE } from './nileCrocodile.ts';
import { NORTHERN_PIKE } from './northernPike.ts';
import { RAFT_SPIDER } from './raftSpider.ts';
import { RED_DEER } from './redDeer.ts';
import { RHAMPHORHYNCHUS } from './rhamphorhynchus.ts';
import { STAG_BEETLE } from './stagBeetle.ts';
import { THYLACINE } from './thylacine.ts';
import { WOOLLY_MAMMOTH } from './woollyMammoth.ts';

/** Every animal that ships, in the order of their files. */
export const ANIMALS: readonly Animal[] = Object.freeze([
  ADDER,
  ALPINE_IBEX,
  BARN_OWL,
  BARYONYX,
  DEINONYCHUS,
  DODO,
  EMPEROR_DRAGONFLY,
  EURASIAN_OTTER,
  FIRE_SALAMANDER,
  GREY_HERON,
  GREY_WOLF,
  HARBOUR_PORPOISE,
  NILE_CROCODILE,
  NORTHERN_PIKE,
  RAFT_SPIDER,
  RED_DEER,
  RHAMPHORHYNCHUS,
  STAG_BEETLE,
  THYLACINE,
  WOOLLY_MAMMOTH,
]);
