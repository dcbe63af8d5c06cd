import * as say from './words.ts';
import type { Tube } from './paintQuestion.ts';
import type { LightClass, Opacity, PaintKind } from '../piece/colourSchema.ts';

/** A pigment by its common name, with what is usual of it. */
export interface UsualPigment {
  readonly id: string;
  readonly name: string;
  readonly hex: string;
  readonly opacity: Opacity;
  readonly light: LightClass;
}

/** Pigments by their common names: colour of the dry masstone, hiding and lightfastness from memory of artists' handbooks. */
export const USUAL_PIGMENTS: readonly UsualPigment[] = Object.freeze<UsualPigment[]>([
  { id: 'white', name: say.titaniumWhite, hex: '#f7f6f1', opacity: 'opaque', light: 'excellent' },
  { id: 'black', name: say.boneBlack, hex: '#26231f', opacity: 'opaque', light: 'excellent' },
  {
    id: 'yellow-ochre',
    name: say.yellowOchre,
    hex: '#bd8a3a',
    opacity: 'semi-opaque',
    light: 'excellent',
  },
  {
    id: 'raw-sienna',
    name: say.rawSienna,
    hex: '#9c6a2f',
    opacity: 'semi-transparent',
    light: 'excellent',
  },
  {
    id: 'burnt-sienna',
    name: say.burntSienna,
    hex: '#6e2f1c',
    opacity: 'semi-transparent',
    light: 'excellent',
  },
  {
    id: 'raw-umber',
    name: say.rawUmber,
    hex: '#4e3d28',
    opacity: 'semi-opaque',
    light: 'excellent',
  },
  {
    id: 'burnt-umber',
    name: say.burntUmber,
    hex: '#43281c',
    opacity: 'semi-opaque',
    light: 'excellent',
  },
  { id: 'red-earth', name: say.redEarth, hex: '#7f2e20', opacity: 'opaque', light: 'excellent' },
  { id: 'warm-red', name: say.warmRed, hex: '#b7261d', opacity: 'semi-opaque', light: 'good' },
  {
    id: 'warm-yellow',
    name: say.warmYellow,
    hex: '#eaa70f',
    opacity: 'semi-opaque',
    light: 'good',
  },
  {
    id: 'ultramarine',
    name: say.ultramarine,
    hex: '#1f2a72',
    opacity: 'semi-transparent',
    light: 'excellent',
  },
  {
    id: 'green-oxide',
    name: say.chromeOxideGreen,
    hex: '#4a5c33',
    opacity: 'opaque',
    light: 'excellent',
  },
]);

/** The usual pigments as tubes of a kind, for a shelf that has none. */
export const usualTubes = (kind: PaintKind): readonly Tube[] =>
  USUAL_PIGMENTS.map(({ id, name, hex, opacity }) => ({
    ...{ id: `usual-${id}`, name, hex, opacity, kind },
    ...{ tint: null, card: null },
  }));
