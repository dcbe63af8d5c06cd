import type { Workpiece } from '../workshop/workpiece.ts';
import { curesFromC } from '../bakes/cureRange.ts';
import type { HeatCase } from './heatCases.ts';
import type { HeatBody } from './heatFlow.ts';
import type { HeatMaterial } from './oneTermHeat.ts';

/** A place with its clay and its air: typical, and the corners of their ranges. */
export interface HeatPlace {
  readonly id: string;
  readonly place: string;
  readonly body: HeatBody;
  readonly typical: HeatMaterial;
  /** The corners that warm slowest and quickest. */
  readonly slowest: HeatMaterial;
  readonly quickest: HeatMaterial;
  /** The innermost clay has to reach this, °C. */
  readonly targetC: number;
  /** The oven in its bake, °C. */
  readonly ovenC: number;
}

/** Everything that the heat calculation needs, as plain data; `key` tells one request from another. */
export interface HeatRequest {
  readonly key: string;
  readonly cases: readonly HeatPlace[];
  readonly startC: number;
}

/** Film coefficient of oven air, W/(m²·K), [low, high, typical]: still, with a fan, and before a heat gun. Memory. */
export const FILM = { still: [8, 15, 12], fan: [20, 40, 30], gun: [40, 100, 60] } as const;
/** Clay goes into the oven at room temperature, °C. */
export const ROOM_C = 20;

/** The film coefficient of an oven: as its own traces told, or of its kind, [low, high, typical]. */
export function ovenFilm({
  fan,
  ovenLearnt,
}: Pick<Workpiece['cure'], 'fan' | 'ovenLearnt'>): readonly [number, number, number] {
  const film = ovenLearnt?.film;
  if (film) return [film.low, film.high, film.typical];
  return fan ? FILM.fan : FILM.still;
}

/** The clay of a place in moving air: typical, slowest and quickest. */
export function heatMaterials(
  { figures: { clay, density } }: Pick<HeatCase, 'figures'>,
  film: readonly [number, number, number],
): Pick<HeatPlace, 'typical' | 'slowest' | 'quickest'> {
  const [k, c] = [clay.conductivity, clay.specificHeat];
  const of = (conductivity: number, specificHeat: number, h: number): HeatMaterial => ({
    conductivity,
    specificHeat,
    film: h,
    densityKgM3: density.value * 1000,
  });
  return {
    typical: of(k[2], c[2], film[2]),
    slowest: of(k[0], c[1], film[0]),
    quickest: of(k[1], c[0], film[1]),
  };
}

/** The request for the places of all bakes in an oven; `ovenOf` tells how hot that of a bake is. */
export function heatRequest(
  cases: readonly HeatCase[],
  ovenOf: (bake: string) => number,
  cure: Workpiece['cure'],
): HeatRequest {
  const film = ovenFilm(cure);
  const asked = {
    cases: cases.map((heatCase): HeatPlace => ({
      ...{ id: heatCase.id, place: heatCase.place, body: heatCase.body },
      ...heatMaterials(heatCase, film),
      targetC: curesFromC(heatCase.figures),
      ovenC: ovenOf(heatCase.bake),
    })),
    startC: ROOM_C,
  };
  // What a place is called is not read.
  const read = (name: string, value: unknown): unknown => (name === 'place' ? undefined : value);
  return { key: JSON.stringify(asked, read), ...asked };
}
