import * as say from './words.ts';
import { isPrimed } from './grounds.ts';
import type { LayeredZone } from './layerPlan.ts';
import type { Sheen } from '../anatomy/coat.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

/** A zone as its varnish needs it. */
interface Varnished extends LayeredZone {
  readonly sheen: Sheen;
}

/** A danger of the last coat, with the places that it is told of. Common practice. */
export interface VarnishAdvice {
  readonly id: 'pastel' | 'joints' | 'sticky' | 'clouds' | 'fibre' | 'metallic';
  readonly words: string;
}

const listed = (zones: readonly Varnished[]): string =>
  zones.map(({ zone }) => zone.name.toLowerCase()).join(', ');

/** What goes wrong with varnish on this piece, and where; only what can. `bends`: ids of zones over joints that are moved later. */
export function varnishAdvice(
  zones: readonly Varnished[],
  colour: Workpiece['colour'],
  bends: ReadonlySet<string>,
): readonly VarnishAdvice[] {
  const where: readonly (readonly [
    VarnishAdvice['id'],
    (places: string) => string,
    (zone: Varnished) => boolean,
  ])[] = [
    ['joints', say.hardFilmCracks, ({ zone, fibre }) => bends.has(zone.id) && !fibre],
    ['pastel', say.brushLiftsPastel, ({ school }) => school === 'pastel'],
    [
      'sticky',
      say.varnishStaysSticky,
      ({ school, fibre, isDetail }) => !fibre && !isDetail && !isPrimed(school, colour),
    ],
    [
      'clouds',
      say.mattClouds,
      ({ sheen, fibre, hex }) => sheen === 'matt' && !fibre && isDark(hex),
    ],
    ['metallic', say.mattKillsMetallic, ({ rules }) => rules.some(({ id }) => id === 'metallic')],
    ['fibre', say.fibreIsTinted, ({ fibre }) => fibre],
  ];
  return where.flatMap(([id, words, isMet]) => {
    const met = zones.filter(isMet);
    return met.length === 0 ? [] : [{ id, words: words(listed(met)) }];
  });
}

/** Clouds are seen on what is darker than this, mean of the three parts of 255. */
const DARK = 80;
const isDark = (hex: string): boolean =>
  [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0) / 3 < DARK;
