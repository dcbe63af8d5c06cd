import type { Animal } from '../../src/anatomy/animal.ts';
import { totalTeeth } from '../../src/anatomy/dentalFormula.ts';
import { ANIMALS, planById } from '../../src/anatomy/registry.ts';
import { buildSkeleton } from '../../src/anatomy/skeleton.ts';
import { bodyGrid, COARSE_CELLS } from '../../src/body/bodyGrid.ts';
import { bodyWeight } from '../../src/body/bodyWeight.ts';
import {
  andersonBipedKg,
  andersonCircumferenceMm,
  andersonKg,
  CAMPIONE_EVANS_ERROR,
  campioneBipedKg,
  campioneEvansCircumferenceMm,
  campioneEvansKg,
} from '../../src/measure/bodyMass.ts';
import { planSizes } from '../../src/posing/planSizes.ts';
import {
  FEET,
  supportShares,
  symmetricalFootfalls,
  type Footfalls,
} from '../../src/posing/footfalls.ts';
import {
  alexanderSpeed,
  froude,
  gaitByRelativeStride,
  hipHeightFromFoot,
  speedAtFroude,
} from '../../src/stance/gaitSpeed.ts';
import { num, nums, type Adapter, type CheckCase } from '../checkFile.ts';

type Results = Readonly<Record<string, unknown>>;

/** Masses from limb bones, speeds, gaits, teeth, and the library's animals, told by their inputs. */
export const animals: Adapter = (entry) => {
  const tries: readonly ((checkCase: CheckCase) => Results | undefined)[] = [
    massFromBones,
    modelScale,
    speed,
    speedsAtFroude,
    gait,
    teeth,
    libraryAnimal,
    eyes,
  ];
  return tries.reduce<Results>((found, attempt) => ({ ...found, ...attempt(entry) }), {});
};

function massFromBones(checkCase: CheckCase): Results | undefined {
  const [c, cf, kg] = [num(checkCase, 'C_mm'), num(checkCase, 'Cf_mm'), num(checkCase, 'M_kg')];
  if (c !== undefined) {
    const raw = campioneEvansKg(c);
    return {
      Anderson_kg: andersonKg(c),
      Campione_Evans_raw_kg: raw,
      Campione_Evans_phylo_kg: campioneEvansKg(c, 'phylogenetic'),
      'CE_raw_minus25.6%': raw * (1 - CAMPIONE_EVANS_ERROR),
      'CE_raw_plus25.6%': raw * (1 + CAMPIONE_EVANS_ERROR),
    };
  }
  if (cf !== undefined)
    return { Anderson_kg: andersonBipedKg(cf), Campione2014_kg: campioneBipedKg(cf) };
  if (kg !== undefined)
    return {
      C_Anderson_mm: andersonCircumferenceMm(kg),
      C_CampioneEvans_mm: campioneEvansCircumferenceMm(kg),
    };
  return undefined;
}

/** A model's factors; the mass of it in another density, read from the sentence of the key. */
function modelScale(checkCase: CheckCase): Results | undefined {
  const factor = num(checkCase, 'scale');
  if (factor === undefined) return undefined;
  const sentences = Object.keys(checkCase.expected).flatMap((key) => {
    const said =
      /^mass of a ([\d.]+) kg animal modelled 1:([\d.]+) in clay ([\d.]+) kg\/m3, body density ([\d.]+)/.exec(
        key,
      );
    if (said === null) return [];
    const [kg, n, clay, body] = said.slice(1).map(Number) as [number, number, number, number];
    return [[key, ((kg * 1000) / n ** 3) * (clay / body)] as const];
  });
  return {
    length_factor: factor,
    area_factor: factor ** 2,
    volume_factor: factor ** 3,
    ...Object.fromEntries(sentences),
  };
}

function speed(checkCase: CheckCase): Results | undefined {
  const foot = num(checkCase, 'FL');
  if (foot !== undefined) return { h: hipHeightFromFoot(foot) };
  const given = nums(checkCase, 'SL', 'h');
  if (given === undefined) return undefined;
  const [stride, hip] = given;
  const gravity = num(checkCase, 'g');
  const v = alexanderSpeed(stride, hip, gravity);
  const number = froude(v, hip, gravity);
  return {
    v_m_s: v,
    Froude: number,
    'SL/h': stride / hip,
    'identity (16 Fr)^(1/3.34)': (16 * number) ** (1 / 3.34),
    'gait_by_SL/h': gaitByRelativeStride(stride / hip),
  };
}

function speedsAtFroude(checkCase: CheckCase): Results | undefined {
  const hips = checkCase.input['h'];
  if (!Array.isArray(hips)) return undefined;
  return Object.fromEntries(
    Object.keys(checkCase.expected).flatMap((key) => {
      const at = /^v\(Fr=([\d.]+)\)$/.exec(key)?.[1];
      return at === undefined ? [] : [[key, hips.map((h: number) => speedAtFroude(Number(at), h))]];
    }),
  );
}

function gait(checkCase: CheckCase): Results | undefined {
  const duty = num(checkCase, 'duty');
  if (duty === undefined) return undefined;
  const phase = num(checkCase, 'phase_fore_after_same_side_hind');
  const given = checkCase.input['footfalls'] as Footfalls | undefined;
  const falls = phase === undefined ? given : symmetricalFootfalls(phase);
  if (falls === undefined || FEET.some((foot) => typeof falls[foot] !== 'number')) return undefined;
  const { shares, meanFeetDown } = supportShares(falls, duty);
  return {
    footfalls: falls,
    fraction_of_stride_with_n_feet_down: Object.fromEntries(shares.map((s, n) => [String(n), s])),
    mean_feet_down: meanFeetDown,
  };
}

function teeth(checkCase: CheckCase): Results | undefined {
  const [upper, lower] = [checkCase.input['upper I.C.P.M'], checkCase.input['lower I.C.P.M']];
  if (typeof upper !== 'string' || typeof lower !== 'string') return undefined;
  return { total_teeth: totalTeeth(upper, lower) };
}

/** The library's animal of this name; what stands in brackets behind it is not asked. */
const named = (asked: string): Animal | undefined => {
  const plain = asked.toLowerCase();
  return ANIMALS.find(({ name, latin }) =>
    [name, latin].some((own) => plain.startsWith(own.toLowerCase())),
  );
};

/** Keys of sizes in the check files, by the plan's size; several where plans call it differently. */
const SIZE_KEYS: Readonly<Record<string, readonly string[]>> = {
  'shoulder-height': ['shoulder_mm'],
  'hip-height': ['hip_height_mm'],
  height: ['height_mm'],
  length: ['length_mm', 'total_length_mm', 'female_body_mm'],
  'length-with-jaws': ['total_length_with_mandibles_mm'],
  'head-body': ['head_body_mm'],
  tail: ['tail_mm'],
  horn: ['horn_mm', 'tusk_outer_curve_mm'],
  wingspan: ['wingspan_mm'],
  'wing-chord': ['wing_chord_mm'],
  tarsus: ['tarsus_mm', 'tarsometatarsus_mm'],
  bill: ['bill_mm'],
  'skull-bill': ['skull_mm'],
  'leg-span': ['legspan_mm'],
  hindwing: ['hindwing_mm'],
};

/** Keys of single bones, and of parts made apart. */
const BONE_KEYS: Readonly<Record<string, string>> = {
  skull: 'skull_mm',
  humerus: 'humerus_mm',
  radius: 'radius_mm',
  metacarpus: 'metacarpal_mm',
  femur: 'femur_mm',
  tibia: 'tibia_mm',
  metatarsus: 'metatarsal_mm',
};
/** The short bones before a long one, which tables of long bones leave out. */
const SHORT_BONES: Readonly<Record<string, 'carpus' | 'tarsus'>> = {
  metacarpus: 'carpus',
  metatarsus: 'tarsus',
};
const FEATURE_KEYS: Readonly<Record<string, string>> = {
  'thumb-claws': 'claw_outer_curve_mm',
  'sickle-claws': 'sickle_claw_with_sheath_mm',
};

function libraryAnimal(checkCase: CheckCase): Results | undefined {
  const asked = checkCase.input['animal'];
  const animal = typeof asked === 'string' ? named(asked) : undefined;
  const plan = animal && planById(animal.planId);
  if (animal === undefined || plan === undefined) return undefined;
  const skeleton = buildSkeleton(plan, animal);
  const kg = bodyWeight(bodyGrid(skeleton, COARSE_CELLS), animal).value;
  const sizes = planSizes(skeleton);
  const mm = (id: string): number | undefined => sizes.find(({ spec }) => spec.id === id)?.mm;
  const length = mm('length') ?? NaN;
  const bySize = Object.entries(SIZE_KEYS).flatMap(([id, keys]) =>
    mm(id) === undefined ? [] : keys.map((key) => [key, mm(id)] as const),
  );
  const male = animal.sexes?.find((sex) => sex.name === 'male')?.size;
  return {
    mass_kg: kg,
    mass_g: kg * 1000,
    ...Object.fromEntries(
      Object.entries(BONE_KEYS).map(([key, name]) => {
        const short = SHORT_BONES[key];
        const shortMm = short === undefined ? 0 : (animal.shortBones?.[short].mm ?? 0);
        return [name, (animal.lengths[key]?.mm ?? NaN) - shortMm];
      }),
    ),
    ...Object.fromEntries(bySize),
    ...Object.fromEntries(
      (animal.features ?? []).flatMap((feature) => {
        const key = FEATURE_KEYS[feature.id];
        return key === undefined ? [] : [[key, feature.size.mm]];
      }),
    ),
    ...(male === undefined ? {} : { male_body_mm: length * male }),
    head_over_total: (animal.lengths['skull']?.mm ?? NaN) / length,
    tail_over_total: (mm('tail') ?? NaN) / length,
    lateral_line_scales: animal.counts?.find(({ name }) => /lateral line/.test(name))?.range,
  };
}

/** Eyes of the library's animals, where a key of a table of eyes begins with their name. */
function eyes(checkCase: CheckCase): Results | undefined {
  if (!checkCase.title.toLowerCase().includes('eye')) return undefined;
  return Object.fromEntries(
    Object.keys(checkCase.expected).flatMap((key) => {
      const animal =
        named(key) ?? (/compound-eye/.test(key) ? named('emperor dragonfly') : undefined);
      return animal === undefined ? [] : [[key, animal.eye.mm]];
    }),
  );
}
