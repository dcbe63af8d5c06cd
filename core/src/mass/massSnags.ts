import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import {
  clayFreeMm,
  coatMm,
  fleshHalfMm,
  MOST_TAKEN,
  standOffMm,
  takenRegions,
} from '../body/undersize.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { Condition } from './condition.ts';
import { boneRadii, LEAST_CORE_MM, regionBuilds } from './buildUp.ts';

/** What is wrong with the build-up: shells that leave no core, and a body too fat or too thin. */
export function massSnags(
  mass: Workpiece['mass'],
  skin: Workpiece['skin'],
  measure: MeasurePlan,
  stance: StancePlan,
  lifeWeight: Working,
  condition: Condition,
): readonly Snag[] {
  return [
    ...shellSnags(mass, skin, measure, stance),
    ...coatSnags(skin, measure),
    ...weightSnags(lifeWeight, condition),
  ];
}

/** One snag for each region of foil that has no room for any: its core ends where a bone gets too thin. */
function shellSnags(
  mass: Workpiece['mass'],
  skin: Workpiece['skin'],
  measure: MeasurePlan,
  stance: StancePlan,
): readonly Snag[] {
  const { skeleton, lifePerModel } = measure;
  return regionBuilds({ skeleton, mass }).flatMap((build): Snag[] => {
    const thickest = boneRadii(build, skeleton, stance.skin).at(-1);
    if (build.core === 'solid' || thickest === undefined) return [];
    const bone = skeleton.byId.get(thickest.boneId);
    const under = clayFreeMm(skeleton, bone, 'side', skin, lifePerModel);
    const room = thickest.radiusMm - under - LEAST_CORE_MM;
    if (build.shellMm <= room) return [];
    return [
      {
        code: 'shell-over-limb',
        grade: 'fix',
        stage: 'mass',
        target: { kind: 'region', id: build.region.id },
        facts: {
          region: build.region.name,
          bone: bone?.plainName.toLowerCase() ?? '',
          thickMm: 2 * (thickest.radiusMm - under),
          shellMm: build.shellMm,
          maxShellMm: room,
        },
      },
    ];
  });
}

/** Regions that a planted coat would drive to nothing, even where they are thickest. */
function coatSnags(
  skin: Workpiece['skin'],
  { skeleton, lifePerModel }: MeasurePlan,
): readonly Snag[] {
  return skeleton.animal.coat.flatMap((zone) =>
    takenRegions(skeleton, zone, skin, lifePerModel).map(({ region, thickest }): Snag => {
      const halfMm = fleshHalfMm(thickest, lifePerModel);
      const perMm = standOffMm(zone, 1);
      const backing = skin.zones[zone.id]?.method === 'pelt' ? skin.backingMm : 0;
      const room = Math.max(0, MOST_TAKEN * halfMm - backing) * lifePerModel;
      return {
        code: 'coat-takes-all',
        grade: 'fix',
        stage: 'mass',
        target: { kind: 'region', id: region.id },
        facts: {
          zone: zone.name,
          region: region.name,
          bone: thickest.plainName.toLowerCase(),
          halfMm,
          coatMm: coatMm(zone, skin, lifePerModel),
          mostHairMm: perMm === 0 ? 0 : Math.floor(room / perMm),
        },
      };
    }),
  );
}

function weightSnags(lifeWeight: Working, { place }: Condition): readonly Snag[] {
  const [lowKg, highKg] = lifeWeight.range ?? [0, Infinity];
  const kg = lifeWeight.value;
  if (kg >= lowKg && kg <= highKg) return [];
  // Length stays, so the mass goes with the square of the girth.
  const girthPercent = (Math.sqrt((kg > highKg ? highKg : lowKg) / kg) - 1) * 100;
  return [
    {
      code: 'body-weight-off',
      grade: 'watch',
      stage: 'mass',
      target: { kind: 'piece', id: 'piece' },
      facts: {
        kg,
        lowKg,
        highKg,
        girthPercent,
        place:
          place === null ? '' : say.along(place.bone.toLowerCase(), Math.round(place.at * 100)),
      },
    },
  ];
}
