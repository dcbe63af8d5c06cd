import { plural } from '../units/plural.ts';
import { scaleText } from '../units/scaleText.ts';
import { quantityText, type UnitSystem } from '../units/quantity.ts';
import { MARKING_SENTENCES } from './markingSentences.ts';
import type { Setting } from './materialIds.ts';
import type { SnagCode, SnagFacts } from './snagFacts.ts';
import type { SheetTarget } from './target.ts';
import type { Stage } from './working.ts';

/** How a class of clay sets, in words. */
const SETS: Readonly<Record<Setting, string>> = {
  oven: 'is baked',
  air: 'dries in the air',
  chemical: 'sets by itself',
};

/** What helps where no order of bakes does. */
const REMEDIES: Readonly<Record<SnagFacts['bakes-contradict']['remedy'], string>> = {
  unpin: 'Let one of them follow again, or put it into another bake.',
  'set-after':
    'Put it on when the last bake is done, or make it of something that stands the heat.',
  'other-clay': 'Cure the hotter one first, or take clays that bear each other’s heat.',
  'moves-up': 'Let it follow again, or put something else before it.',
};

const OTHER_WAY = 'One must be hard before the other, and they are put the other way round. ';
/** What is wrong with an order that no heat forbids. */
const ORDER: typeof REMEDIES = {
  unpin: OTHER_WAY,
  'set-after': OTHER_WAY,
  'other-clay': OTHER_WAY,
  'moves-up':
    'Nothing is left for a bake before the one that it was put in, so it is baked earlier. ',
};

const FAILED = { short: 'too short', cool: 'too cool', scorched: 'too hot' } as const;

const TILE_WORDS = {
  springs: 'springs back',
  bends: 'stays bent',
  snaps: 'snaps',
  fine: 'takes a fine scratch',
  crumbles: 'crumbles under the needle',
  dents: 'dents under the nail',
} as const;

/** `fix`: the piece will fail. `watch`: it may, or a rule of thumb is crossed. */
export type SnagGrade = 'fix' | 'watch';

/** A danger told while it is cheap: data; the sentence is made in {@link snagSentence} only. */
export type Snag = {
  readonly [C in SnagCode]: {
    readonly code: C;
    readonly grade: SnagGrade;
    readonly stage: Stage;
    readonly target?: SheetTarget;
    readonly facts: SnagFacts[C];
    /** Others of the same kind that are told in one sentence with it. */
    readonly alike?: readonly Snag[];
  };
}[SnagCode];

type Sentences = {
  readonly [C in SnagCode]: (facts: SnagFacts[C], mm: Say, deg: Say, celsius: Say) => string;
};
type Say = (value: number) => string;

const SENTENCES: Sentences = {
  ...MARKING_SENTENCES,
  'wire-too-thick': (f, mm) =>
    `At the ${f.place} the limb is ${mm(f.limbMm)} thick and the wire takes ${mm(f.wireMm)}: ${
      f.coverMm <= 0 ? 'it would stand out of the clay' : `only ${mm(f.coverMm)} of clay covers it`
    }; ${mm(f.minMm)} is needed. ${
      f.maxWireMm >= 0.4
        ? `Use wire of at most ${mm(f.maxWireMm)}, or a larger scale.`
        : 'Use a larger scale, or end the thick wire above this place.'
    }`,
  'angle-beyond-limit': (f, _mm, deg) =>
    `${f.joint}: ${f.freedom} of ${deg(f.deg)} lies outside the usual ${deg(f.minDeg)} to ${deg(f.maxDeg)}, so the joint will look broken. Bring it back within the limits, or check it against a picture of the living animal.`,
  'foot-off-base': (f, mm) =>
    `The ${f.foot} hangs ${mm(f.gapMm)} above the base, so its peg will not hold and the other feet carry its load. Plant the foot, or mark it as lifted.`,
  'too-few-feet': (f) =>
    `Only ${f.down} ${plural(f.down, { one: 'foot is', other: 'feet are' })} fixed to the base: the piece can turn about that point. Two points of fixing are the least; plant another foot or add a rod.`,
  'mass-outside-feet': (f, mm) =>
    `The centre of mass lies ${mm(f.outsideMm)} outside the feet on the ${f.edge} side, so the piece will tip unless its pegs hold it. Move a foot under the body, lean the trunk back, ${
      f.weightG > 0 ? `put a weight of ${Math.ceil(f.weightG)} g into the body, ` : ''
    }or fix the base down.`,
  'mass-near-edge': (f, mm, deg) =>
    `The centre of mass is only ${mm(f.marginMm)} inside the feet: unpegged, a tilt of ${deg(f.tipDeg)} towards ${f.towards} would tip the piece. Spread the feet, put a weight into the body, or rely on the pegs.`,
  'hook-below-mass': (f, mm) =>
    `The highest place of the spine lies ${mm(f.aboveMm)} below the centre of mass, so the piece would turn over on its hook. Carry the hook higher on a wire, or hang it from two points.`,
  'weight-too-large': (f, mm) =>
    `A weight of ${f.grams.toFixed(0)} g is a ball of ${mm(f.ballMm)}, and ${mm(f.roomMm)} fits there under the clay. Put it into a thicker part, use lead in place of steel, or share it out.`,
  'metal-unknown': (f) =>
    `The workshop has no metal “${f.metal}”, so its wires are reckoned as soft steel. Enter its figures under “Metals of your own”, or choose another metal.`,
  'wire-too-weak': (f, mm) =>
    `${f.wire} bears ${f.percent.toFixed(0)} % of what bends it at the ${f.place}${
      f.turned ? ' when the piece is turned over' : ''
    }, while the clay is raw: it will give${f.ends === '' ? '' : `, and ${f.ends} with it`}. ${
      f.leastMm <= f.mostMm
        ? `Use wire of at least ${mm(f.leastMm)}, or ${f.strands} strands`
        : `It would need ${mm(f.leastMm)}, and only ${mm(f.mostMm)} fits under the clay: use ${
            f.stiffer === '' ? 'a rod' : f.stiffer
          }, or make the limb ${mm(f.leastMm - f.mostMm)} thicker`
    }; or prop it until it is baked, and turn the piece over only then.`,
  suspended: (f) =>
    `At this moment of the ${f.gait} no foot is on the ground, so nothing of the animal carries it: a rod from the base does, into the heaviest part of the body. Give it two if it must not turn, or slide to a moment with a foot down.`,
  'body-in-ground': (f, mm) =>
    `The ${f.part} lies ${mm(f.mm)} inside the ground, where there is no room for its clay. Raise it, plant the feet again, or take that much of the ground away.`,
  'limbs-meet': (f, mm) =>
    `${f.first} and ${f.second} go ${mm(f.mm)} into each other, ${f.percent} % along the first: two wires and their clay will not fit there. Move one of them aside.${
      f.others > 0
        ? ` ${f.others} more ${plural(f.others, { one: 'pair meets', other: 'pairs meet' })} so.`
        : ''
    }`,
  'beyond-board': (f, mm) =>
    `The ${f.what} goes ${mm(f.mm)} over the edge of the board at the ${f.side}. It may, where nothing knocks against it; else make the board larger.`,
  'through-perch': (f, mm) =>
    `The ${f.part} passes ${mm(f.mm)} into the ${f.perch}, where there is no room for it. Turn or lift it clear, or make the ${f.perch} thinner or move it.`,
  'foot-off-perch': (f, mm) =>
    `The ${f.foot} stands ${mm(f.overMm)} beside the ${f.perch}, so its peg has nothing to go into. Move the foot, or make the ${f.perch} wider.`,
  'rod-may-turn': (f) =>
    `The piece stands on ${f.rod} alone, and a round rod turns in its hole. Bend its end into a groove, set a pin beside it, or file a flat on it and glue it.`,
  'coat-takes-all': (f, mm) =>
    `${f.region}: the coat of ${f.zone.toLowerCase()} takes ${mm(f.coatMm)} off each side, and at the ${f.bone} there is only ${mm(f.halfMm)} from the skin to the middle: no clay is left to plant it in. ${
      f.mostHairMm > 0
        ? `Take hair of at most ${mm(f.mostHairMm)} in life there, or carve it.`
        : 'Carve it instead.'
    }`,
  'feet-off-board': (f, mm) =>
    `The hole of the ${f.foot} lies ${mm(f.overMm)} too near the edge of the base, or past it. Make the base larger or move the foot.`,
  'peg-shows': (f, mm) =>
    `The ${f.foot} is ${mm(f.footMm)} thick and its peg ${mm(f.pegMm)}: the peg will show. ${
      f.mostMm >= 0.3
        ? `Use wire of at most ${mm(f.mostMm)} there`
        : 'Carry the piece on another foot or a rod'
    }, or make the foot thicker, or let a stone or a tuft of the ground hide it.`,
  'binding-in-oven': (f, _mm, _deg, celsius) =>
    `The wires are bound with ${f.binder}, which holds to about ${celsius(f.holdsToC)}, and the oven will be at ${celsius(f.ovenC)}: ${f.why}. Bind them with thin tie wire instead, or check the packet.`,
  'rod-too-weak': (f, mm) =>
    `${f.rod} bears ${f.percent.toFixed(0)} % of what ${f.how} it where it leaves the base: the piece leans over. Use one of at least ${mm(f.leastMm)}, or bring the weight nearer to it.`,
  'bend-too-short': (f, mm) =>
    `${f.wire}, ${f.bend}: ${mm(f.haveMm)} of straight wire is there and ${mm(f.needMm)} is needed beside the bend, so it cannot be made. Bend to a centreline radius of at most ${mm(f.maxRadiusMm)}, or use thinner wire.`,
  'bend-reversal': (f, _mm, deg) =>
    `${f.wire}, ${f.bend}: the wire would turn back on itself by ${deg(f.deg)}; more than ${deg(f.limitDeg)} is a fold and not a bend. Open the joint, or make a fold there with its own allowance.`,
  'springback-too-large': (f, mm) =>
    `${f.wire}: ${f.metal} springs back almost wholly from a bend of ${mm(f.radiusMm)} radius, so no bend would stay. ${
      f.widestMm > 0
        ? `Bend it to a radius of at most ${mm(f.widestMm)}, or use a softer metal.`
        : 'Use a softer metal.'
    }`,
  'bend-tight-for-metal': (f, mm) =>
    `${f.wire}: an inside radius of ${mm(f.insideMm)} is tighter than the ${mm(f.leastMm)} that ${f.metal} usually takes without cracking. Bend round a larger former.`,
  'piece-over-oven': (f, mm) =>
    `The posed piece is ${mm(f.lengthMm)} long, ${mm(f.heightMm)} high and ${mm(f.widthMm)} wide, and the oven takes ${f.ovenText}, with ${mm(f.airMm)} of air all round${f.onBoard ? ' and the board under it' : ''}. Make it ${scaleText(f.fitRatio, 'smaller')} or smaller, change the stance, or bake it in parts.`,
  'shell-over-limb': (f, mm) =>
    `${f.region}: at the ${f.bone} it is only ${mm(f.thickMm)} thick, and a shell of ${mm(f.shellMm)} leaves no room for a core. ${
      f.maxShellMm >= 1
        ? `Make its shell at most ${mm(f.maxShellMm)}, or build it solid.`
        : 'Build it solid.'
    }`,
  'body-weight-off': (f) =>
    `At life size this body would weigh ${f.kg.toFixed(1)} kg; the animal weighs ${f.lowKg} to ${f.highKg} kg. It will look ${f.girthPercent < 0 ? 'fat' : 'starved'}: make its girth about ${Math.ceil(Math.abs(f.girthPercent))} % ${f.girthPercent < 0 ? 'smaller' : 'larger'}${f.place === '' ? '' : `, first at the ${f.place}`}, or check the bone lengths.`,
  'clay-too-thick': (f, mm) =>
    `${f.region}: at the ${f.bone} the clay is ${mm(f.mm)} thick, over ${mm(f.limitMm)}. It cures late in the middle and cracks as it shrinks. ${
      f.coreMm >= 2
        ? `Pack a core of up to ${mm(f.coreMm)} into it, or build it up and bake it in layers.`
        : 'Build it up and bake it in layers.'
    }`,
  'trapped-hollow': (f) =>
    f.region === ''
      ? `About ${f.ml.toFixed(1)} ml of air is closed in between parts that touch, at the ${f.bone}. It swells in the oven and splits the clay: fill it with clay or foil, or pierce a vent to the outside.`
      : `${f.region}: at the ${f.bone} the hollow core holds about ${f.ml.toFixed(0)} ml of air with no way out. It swells in the oven and splits the clay: pierce a vent where it will not show, such as through the base, and tick it here, or pack the core with foil.`,
  'clay-over-limit': (f, _mm, _deg, celsius) =>
    `The oven would be at ${celsius(f.hotC)} with the dial at ${celsius(f.setC)}, and ${f.clay} must never be above ${celsius(f.limitC)}: it browns and gives off harmful fumes. Turn the dial down; if it smokes, switch off, open the windows and leave the room.`,
  'clays-set-unlike': (f) =>
    `The shells are of ${f.shellClay}, which ${SETS[f.shellSetting]}, and the rest is of ${f.clay}, which ${SETS[f.setting]}: what suits the one spoils the other. Choose two clays that set alike, or one for both.`,
  'bakes-contradict': (f, _mm, _deg, celsius) =>
    `${f.names}: no order of bakes does for them. ${
      f.hot === ''
        ? ORDER[f.remedy]
        : `${f.weak} bears ${celsius(f.bearsC)} at most, and ${f.hot} needs at least ${celsius(f.needsC)} when it is there. `
    }${REMEDIES[f.remedy]}`,
  'not-in-oven': (f, _mm, _deg, celsius) =>
    `${f.thing} is on the piece in the bake of the ${f.bake}, at ${celsius(f.hotC)}, and surely bears ${celsius(f.standsC)} only. Put it on when the last bake is done, or read its label.`,
  'tile-poor': (f) =>
    `The test tile of ${f.clay} ${TILE_WORDS[f.bent]} and ${TILE_WORDS[f.scratched]}: bake another one, hotter within its label or longer, before the piece goes in.`,
  'stuff-unknown': (f) =>
    `${f.part}: the workshop has no such stuff any more, so it is reckoned as the clay of the piece. Enter it under “Clays and stuffs by their labels”, or choose another.`,
  'bake-failed': (f) =>
    `The bake of the ${f.bake} on ${f.on} was ${FAILED[f.verdict]}. Bake it again, or put its mending into the work at its trace in Cure.`,
  'oven-too-cool': (f, _mm, _deg, celsius) =>
    `The oven would be at ${celsius(f.hotC)}, and ${f.clay} needs at least ${celsius(f.lowC)}: it would stay weak and crumble. Set the dial higher, or check it with a thermometer.`,
  'bake-too-short': (f) =>
    `You set ${f.minutes.toFixed(0)} minutes for the bake of the ${f.bake}, and the slowest clay (${f.place}) needs ${f.neededMin.toFixed(0)}. The middle would stay soft and weak. Bake longer, or make it thinner.`,
  'bake-never-hot': (f, _mm, _deg, celsius) =>
    `${f.place}: in ${f.minutes} minutes the innermost clay does not come near the oven’s ${celsius(f.hotC)}. Make it thinner or give it a foil core, or bake it in layers.`,
  'hair-finer-than-tool': (f, mm) =>
    `${f.zone}: a ${f.what} is ${mm(f.strokeMm)} wide at this scale, and your finest tool (${f.tool}) makes ${mm(f.leastMm)}. Press strokes that stand for about ${f.locks} each, or use a finer tool.`,
  'no-tool': (f) =>
    `${f.zone} is to be carved, and no tool is ticked as yours. Tick the tools that you have.`,
  'scale-too-large': (f, mm) =>
    `${f.zone}: a scale of ${mm(f.mm)} is out of scale: it would be ${mm(f.lifeMm)} on the living animal, whose largest would be ${mm(f.mostMm)} here. ${
      {
        width: 'Make it smaller',
        tool: 'Use a finer tool or a stamp, or leave the skin smooth',
        rows: 'Set more rows round',
      }[f.by]
    }: scales too large spoil a piece more than anything.`,
  'feather-too-narrow': (f, mm) =>
    `${f.feathers}: only ${mm(f.mm)} wide; what is narrower than ${mm(f.leastMm)} curls and tears when it is cut. Make them as leaves of clay, or press them.`,
  'sheet-too-short': (f, mm) =>
    `${f.feathers}: up to ${mm(f.mm)} long, and no sheet at hand takes them. Put a larger sheet into the list, or make them of clay.`,
  'feather-gap': (f) =>
    `${f.feathers}: shaped so narrow that the next one is not covered. Make the vanes wider where they should be full, or take the shape back.`,
  'roller-seam': (f, mm) =>
    `${f.roller}: its pattern misses itself by ${mm(Math.abs(f.seamMm))} where it closes, and presses a seam at each turn. Take ${f.fitting} scales round it, or a roller ${mm(f.diameterMm)} thick.`,
  'step-out-of-order': (f) =>
    `“${f.step}” is ticked off, and “${f.needs}” that it depends on is not. Tick that one too if it is done; if it is not, stop before it costs you the piece.`,
  'bone-out-of-range': (f, mm) =>
    `${f.bone} is ${mm(f.mm)} in life, outside the usual ${mm(f.lowMm)} to ${mm(f.highMm)}. Measure it again, or keep it if this animal was so.`,
  'bake-left-out': (f) =>
    `“${f.step}” is left out. Clay that is not cured cracks, dents and takes no paint for long: take it up again unless this clay needs no oven.`,
  'ticks-without-step': (f) =>
    `${plural(f.count, { one: 'A step that was ticked off is', other: `${f.count} steps that were ticked off are` })} no longer part of the work (${f.ids}). What was logged there is kept, and comes back with the decision that asked for it.`,
  'proportion-odd': (f) =>
    `${f.line} ${f.share.toFixed(2)} × trunk: ${f.more ? 'longer' : 'shorter'} than any ${f.group} here (${f.more ? 'most' : 'least'}: ${f.knownAnimal.toLowerCase()}, ${f.knownShare.toFixed(2)}). Change the length, or keep it if this animal is meant to be so.`,
  'picture-gives-nothing': (f) => `${f.picture} gives no lengths: ${f.why}.`,
  'landmarks-on-one-point': (f) =>
    `${f.picture}: ${f.first} and ${f.second} lie on one point, so the bone between them has no length there. Move one of them, or take one away if the view looks along the bone.`,
  'views-of-different-animals': (f) =>
    `${f.first} and ${f.second} do not show one body: after the best scaling (${f.factor.toFixed(2)} times) they still miss by ${f.percent.toFixed(0)} % of its size. Check their scales, what each is a view of, and that both show the same animal in the same stance.`,
  'views-disagree': (f, mm) =>
    `${f.landmark}: ${f.first} and ${f.second} differ by ${mm(f.mm)} ${f.axis} (${f.percent.toFixed(1)} %), and clicks and scales leave open only ${mm(f.plusMinusMm)}. ${
      f.outlier === ''
        ? 'Look at both again, or bring a third view, which would tell which is wrong.'
        : `${f.outlier} is likely wrong here: move the landmark there, or do without it.`
    }${f.others > 0 ? ` ${f.others} more ${plural(f.others, { one: 'differs', other: 'differ' })} so.` : ''}`,
  'reading-doubted': (f, mm) =>
    `${f.bone}: a reading of ${mm(f.mm)} lies far from the ${mm(f.meanMm)} of the others and is left out. Measure it again, and take the odd one away.`,
  'too-small-to-make': (f, mm) =>
    `${f.what} would be ${mm(f.mm)} at this scale, and ${mm(f.leastMm)} is about the least that clay allows. Make the model ${scaleText(f.maxScale, 'larger')} or larger, make this part of wire or another material, or let it stand for more than it is.`,
};

/** The full sentence of a snag: what is wrong with the number, the reason and the remedy. */
export function snagSentence(snag: Snag, system: UnitSystem = 'metric'): string {
  const sentence = SENTENCES[snag.code] as (
    facts: unknown,
    mm: Say,
    deg: Say,
    celsius: Say,
  ) => string;
  const told = sentence(
    snag.facts,
    (value) => quantityText(value, 'mm', system),
    (value) => quantityText(value, 'deg', system, Math.abs(value) < 10 ? 1 : 0),
    (value) => quantityText(value, 'degC', system),
  );
  const places = [...new Set((snag.alike ?? []).map(placeOf))].filter((place) => place !== '');
  return places.length === 0 ? told : `${told} The same holds for: ${places.join('; ')}.`;
}

/** Where a snag is that is told together with others of its kind. */
function placeOf({ facts }: Snag): string {
  const named = facts as Readonly<Record<string, unknown>>;
  const keys = ['wire', 'region', 'zone', 'what', 'foot', 'joint', 'part', 'place', 'marking'];
  return keys.map((key) => named[key]).find((of) => typeof of === 'string') ?? '';
}
