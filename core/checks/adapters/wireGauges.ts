import {
  awgDiameterMm,
  awgNumber,
  diameterMm,
  gaugeLabel,
  gaugeNumber,
  gaugeTable,
  nearestGauge,
  type GaugeSystem,
} from '../../src/units/gauges.ts';
import { MM_PER_INCH } from '../../src/units/quantity.ts';
import { gramsPerMetre } from '../../src/wire/metals.ts';
import { num, type Adapter, type CheckCase } from '../checkFile.ts';

type Table = Exclude<GaugeSystem, 'mm'>;
const TABLES: readonly Table[] = ['AWG', 'SWG', 'US steel'];
/** How the tables are called in keys that name two of them: "USsteel/AWG". */
const SHORT: Readonly<Record<string, Table>> = { AWG: 'AWG', SWG: 'SWG', USsteel: 'US steel' };

/** Gauges to diameters and back, whole tables, and how far the tables differ. */
export const wireGauges: Adapter = (entry) => {
  const system = TABLES.find((table) => table === entry.input['system']);
  const given = entry.input['gauge'];
  const gauge = typeof given === 'string' ? gaugeNumber(given) : num(entry, 'gauge');
  const wantedMm = num(entry, 'd_mm');
  if (gauge !== undefined && system) return oneGauge(entry, system, gauge);
  if (gauge !== undefined) return differences(entry, gauge);
  if (wantedMm !== undefined && system) {
    const nearest = nearestGauge(system, wantedMm);
    return {
      n_real: system === 'AWG' ? awgNumber(wantedMm) : undefined,
      n_nearest: nearest.gauge,
      d_nearest_mm: nearest.diameterMm,
    };
  }
  const table = system ?? TABLES.find((name) => entry.title.includes(name));
  const isTable = Object.values(entry.expected).every((v) => typeof v === 'object');
  if (isTable && table) return wholeTable(table);
  return table === 'AWG' ? ratios(entry) : {};
};

function oneGauge(checkCase: CheckCase, system: Table, gauge: number): Record<string, unknown> {
  const d = diameterMm({ system, value: gauge });
  if (d === undefined) return {};
  const rho = num(checkCase, 'rho_kg_m3');
  return {
    d_mm: d,
    d_in: d / MM_PER_INCH,
    area_mm2: (Math.PI * d * d) / 4,
    published_in_4dp: Math.round((d / MM_PER_INCH) * 1e4) / 1e4,
    g_per_m: rho === undefined ? undefined : gramsPerMetre(d, rho),
  };
}

function wholeTable(system: Table): Record<string, unknown> {
  return Object.fromEntries(
    gaugeTable(system).map((row) => [
      gaugeLabel(row.gauge),
      { in: row.diameterMm / MM_PER_INCH, mm: row.diameterMm },
    ]),
  );
}

/** Ratios inside the geometric series: "ratio_6_gauges", "d(10)/d(16)", "area ratio of 3 gauges". */
function ratios(checkCase: CheckCase): Record<string, unknown> {
  const step = (n: number): number => awgDiameterMm(0) / awgDiameterMm(n);
  return Object.fromEntries(
    Object.keys(checkCase.expected).map((key) => {
      if (key === 'ratio_step') return [key, step(1)];
      const apart = /^ratio_(\d+)_gauges$/.exec(key);
      if (apart) return [key, step(Number(apart[1]))];
      const pair = /^d\((-?\d+)\)\/d\((-?\d+)\)$/.exec(key);
      if (pair) return [key, awgDiameterMm(Number(pair[1])) / awgDiameterMm(Number(pair[2]))];
      const area = /^area ratio of (\d+) gauges$/.exec(key);
      return [key, area ? step(Number(area[1])) ** 2 : undefined];
    }),
  );
}

/** One number in three tables: diameters, and ratios to the power that the key names. */
function differences(checkCase: CheckCase, gauge: number): Record<string, unknown> {
  const d = (name: string): number | undefined =>
    SHORT[name] && diameterMm({ system: SHORT[name], value: gauge });
  return Object.fromEntries(
    Object.keys(checkCase.expected).map((key) => {
      const single = /^(AWG|SWG|USsteel)_mm$/.exec(key);
      if (single) return [key, d(single[1]!)];
      const pair = /(AWG|SWG|USsteel)\/(AWG|SWG|USsteel)(?: \(d\^(\d)\))?$/.exec(key);
      const [top, bottom] = [d(pair?.[1] ?? ''), d(pair?.[2] ?? '')];
      return [key, top && bottom && (top / bottom) ** Number(pair?.[3] ?? 1)];
    }),
  );
}
