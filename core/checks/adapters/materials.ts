import { stuffById, type Stuff } from '../../src/bakes/stuffs.ts';
import { clayById } from '../../src/mass/clays.ts';
import type { Adapter } from '../checkFile.ts';

/** What gives way under a title or a key of the check: our stuff of that name. */
const HEAT: Readonly<Record<string, string>> = {
  PS: 'polystyrene',
  ABS: 'abs',
  'rigid PVC': 'pvc',
  PMMA: 'acrylic-glass',
  'PET (amorphous Tg)': 'pet',
  'PP (Vicat A / melt)': 'polypropylene',
  'PE-LD melt': 'ldpe',
  'PE-HD melt': 'hdpe',
  PLA: 'pla',
  polycarbonate: 'polycarbonate',
  'nylon 6 melt': 'nylon',
  paraffin_melt_C: 'paraffin',
  microcrystalline_melt_C: 'modelling-wax',
  beeswax_melt_C: 'beeswax',
  'EVA soft_C': 'hot-glue',
  softens_C: 'white-glue',
  solder_C: 'solder',
};

/** Stuffs that are told by the title of a case, with what of them answers which key. */
const BY_TITLE: readonly (readonly [title: RegExp, id: string])[] = [
  [/epoxy putty/, 'putty'],
  [/cyanoacrylate/, 'super-glue'],
  [/PVA/, 'white-glue'],
  [/latex/, 'latex'],
  [/acrylic paint/, 'acrylic-paint'],
  [/varnish/, 'acrylic-varnish'],
];

const factsOf = ({ givesWayC, setsH, workMin }: Stuff): Readonly<Record<string, unknown>> => ({
  max_use_C: givesWayC,
  ...(setsH === null
    ? {}
    : { cure_h: setsH, full_h: setsH, recoat_h: setsH, water_acrylic_recoat_h: setsH }),
  ...(workMin === undefined ? {} : { pot_life_min: workMin }),
});

/** Ranges from memory for what heat does to stuffs, and how clays and glues set. */
export const materials: Adapter = (entry) => {
  const heat = Object.fromEntries(
    Object.keys(entry.expected).flatMap((key) => {
      const stuff = stuffById(HEAT[key] ?? '');
      return stuff === undefined ? [] : [[key, stuff.givesWayC]];
    }),
  );
  const named = BY_TITLE.find(([title]) => title.test(entry.title));
  const clay = clayById('oven-firm');
  const ofClay = /polymer clay/.test(entry.title)
    ? {
        cure_C: clay.cureC?.slice(0, 2),
        typical_C: clay.cureC?.[2],
        density_g_cm3: clay.densityGPerMl,
      }
    : {};
  return { ...heat, ...ofClay, ...(named ? factsOf(stuffById(named[1])!) : {}) };
};
