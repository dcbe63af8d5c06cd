import * as say from './words.ts';
import { wordsOf, type CoatZone } from '../anatomy/coat.ts';
import { coatMm, hairLifeMm, isStuckOn, lieMade } from '../body/undersize.ts';
import type { CoatMethod } from '../piece/skinSchema.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

/** The sizes of a zone's coat at the model's scale. */
export interface ZoneSizes {
  /** Hair, feather or scale in life. */
  readonly hairLife: Working;
  /** Length and width of a stroke on the model; no width on bare skin. */
  readonly length: Working;
  readonly width: Working | null;
  /** Left free under what is stuck on. */
  readonly undersize: Working;
}

/** How a zone is made: as the user said, else carved where there is something to carve. */
export const methodOf = (zone: CoatZone, skin: Workpiece['skin']): CoatMethod =>
  skin.zones[zone.id]?.method ?? (zone.hair === null ? 'smooth' : 'carved');

/** The sizes of a zone's coat on the model. */
export function zoneSizes(zone: CoatZone, skin: Workpiece['skin'], scale: Working): ZoneSizes {
  const common = {
    stage: 'skin',
    unit: 'mm',
    target: { kind: 'zone', id: zone.id },
  } as const;
  const own = skin.zones[zone.id]?.hairMm ?? null;
  const words = wordsOf(zone);
  const provenance = own === null ? (zone.hair?.provenance ?? 'memory') : 'own';
  const life = hairLifeMm(zone, skin);
  const hairLife: Working = {
    ...common,
    id: `skin.zone.${zone.id}.life`,
    label: say.inLife(zone.name, words.one),
    value: life,
    provenance,
    ...asGiven(own === null ? say.inLibrary(zone.name) : say.setByYou, life, 'mm', provenance),
    source: own === null ? say.libraryOfAnimals : say.decidedByYou,
    ...(zone.hair === null ? {} : { range: zone.hair.range }),
  };
  const length: Working = {
    ...common,
    id: `skin.zone.${zone.id}.length`,
    label: say.onModel(zone.name, words.one),
    value: life / scale.value,
    provenance: 'derived',
    formula: 'l = L / n',
    inputs: [asInput('L', hairLife), asInput('n', scale)],
    source: say.definitionOfScaleVary,
  };
  return {
    ...{ hairLife, length },
    width: widthWorking(zone, skin, scale),
    undersize: undersizeWorking(zone, skin, scale, hairLife),
  };
}

function widthWorking(zone: CoatZone, skin: Workpiece['skin'], scale: Working): Working | null {
  const own = skin.zones[zone.id]?.wideMm ?? null;
  const { lock } = zone;
  const mm = own ?? lock?.mm;
  if (mm === undefined) return null;
  const isHair = (zone.covering ?? 'hair') === 'hair';
  return {
    id: `skin.zone.${zone.id}.width`,
    stage: 'skin',
    label: say.widthOf(zone.name, wordsOf(zone).stroke),
    value: mm / scale.value,
    unit: 'mm',
    digits: 2,
    provenance: 'derived',
    formula: 'w = W / n',
    inputs: [
      input(
        'W',
        say.widthOfInLife(wordsOf(zone).stroke),
        mm,
        'mm',
        own === null ? (lock?.provenance ?? 'memory') : 'own',
      ),
      asInput('n', scale),
    ],
    source: isHair ? say.hairsClingIntoLocks : say.definitionOfScale,
    ...(lock === null || own !== null
      ? {}
      : { range: [lock.range[0] / scale.value, lock.range[1] / scale.value] as const }),
    target: { kind: 'zone', id: zone.id },
  };
}

function undersizeWorking(
  zone: CoatZone,
  skin: Workpiece['skin'],
  scale: Working,
  hairLife: Working,
): Working {
  const method = methodOf(zone, skin);
  const onTop = isStuckOn(method);
  const isPelt = method === 'pelt';
  return {
    id: `skin.zone.${zone.id}.undersize`,
    stage: 'skin',
    label: say.leftFreeForFibre(zone.name),
    value: coatMm(zone, skin, scale.value),
    unit: 'mm',
    provenance: 'derived',
    digits: 2,
    ...(onTop
      ? { formula: isPelt ? 'u = L · sin(lie) / n + b' : 'u = L · sin(lie) / n' }
      : { formula: '0', note: say.coatIsInClay }),
    inputs: onTop
      ? [
          asInput('L', hairLife),
          input('lie', say.angleToSkin, lieMade(zone, method), 'deg', 'memory'),
          asInput('n', scale),
          ...(isPelt ? [input('b', say.backingOfPelt, skin.backingMm, 'mm' as const, 'own')] : []),
        ]
      : [],
    source: say.fibreStuckOnStands,
    target: { kind: 'zone', id: zone.id },
  };
}
