import type { Provenance } from './provenance.ts';

/**
 * What is marked on an animal beside the zones of its coat. On the skin: a field between two places, rings and
 * bands one after the other, a zigzag, stripes along the body, a line through places, a patch, spots, rosettes,
 * eyespots, marbling. On thin wings and fins: their border, veins, dots in the cells, bars, the tip, a spot. On
 * feathers: their edges and bars.
 */
export const MARKING_KINDS = [
  'field',
  'rings',
  'zigzag',
  'stripes',
  'line',
  'patch',
  'spots',
  'rosettes',
  'eyespots',
  'marbling',
  'wing-border',
  'wing-veins',
  'wing-dots',
  'wing-bars',
  'wing-tip',
  'wing-spot',
  'feather-edges',
  'feather-bars',
] as const;
export type MarkingKind = (typeof MARKING_KINDS)[number];

/** How a marking ends: at once, over some distance, or in crumbs. */
export const MARKING_EDGES = ['hard', 'soft', 'broken'] as const;
export type MarkingEdge = (typeof MARKING_EDGES)[number];

/**
 * A place of the skin: a bone, the share along it, and degrees from the back (in limbs: from the front) towards the
 * animal's left.
 */
export interface MarkingPlace {
  readonly boneId: string;
  readonly along: number;
  readonly around: number;
}

/** One band of a row of rings, and which of the marking's colours it has; null where the coat shows. */
export interface Band {
  readonly colour: number | null;
  readonly mm: number;
  /** Share of it in which what is under it shows in specks. */
  readonly speckle: number;
}

/** A colour of a marking, to aim at; each is a zone of its own to mix, layer and varnish. */
export interface MarkingColour {
  readonly name: string;
  readonly hex: string;
}

/** A marking, by places that outlive stance, scale and shape, and by life mm. */
export interface Marking {
  readonly id: string;
  readonly name: string;
  readonly kind: MarkingKind;
  readonly colours: readonly MarkingColour[];
  /**
   * Of a field, rings, zigzag, stripes, spots and marbling: two corners, from where to where along the body and
   * from which angle to which. Of a line: its places. Of a patch: its outline, or its middle.
   */
  readonly places: readonly MarkingPlace[];
  /** The blade that it is on, or the zone of the coat whose feathers it is on; null for the skin. */
  readonly part: string | null;
  /** Across a line, a stripe, a spot, a patch; how coarse marbling is; how far the edge of a field wanders. */
  readonly widthMm: number;
  /** From one to the next of what repeats. */
  readonly stepMm: number;
  /** From side to side of a zigzag; along a patch; how far a spot of a wing lies off its middle. */
  readonly lengthMm: number;
  readonly bands: readonly Band[];
  /** How often rings and waves repeat, how many stripes; null for as many as their sizes fill. */
  readonly repeats: number | null;
  /** What of its field marbling covers; how far out on a wing a dot, a spot or a tip lies. */
  readonly share: number;
  readonly edge: MarkingEdge;
  readonly edgeMm: number;
  /** How irregular it is, 0 to 1. */
  readonly vary: number;
  readonly seed: number;
  /** Whether the other side has it too. */
  readonly mirrored: boolean;
  /** Over shoulders and thighs as well, not on the column alone. */
  readonly spreads: boolean;
  /** Painted over what is under it; otherwise that is left out there. */
  readonly over: boolean;
}

/** What a marking is where nothing else is said; sizes are those of a medium animal. */
export const PLAIN_MARKING = Object.freeze({
  ...{ places: [], part: null, bands: [], repeats: null, share: 0.5 },
  ...{ widthMm: 12, stepMm: 40, lengthMm: 24 },
  ...{ edge: 'hard', edgeMm: 4, vary: 0.3, seed: 1 },
  ...{ mirrored: true, spreads: false, over: true },
}) satisfies Omit<Marking, 'id' | 'name' | 'kind' | 'colours'>;

/** Whether a marking lies on the skin, on a thin wing or fin, or on feathers. */
export const markingOn = ({ kind }: Pick<Marking, 'kind'>): 'skin' | 'blade' | 'feathers' =>
  kind.startsWith('wing-') ? 'blade' : kind.startsWith('feather-') ? 'feathers' : 'skin';

/** The zone of colour that one of a marking's colours is. */
export const markingZoneId = (markingId: string, colour: number): string =>
  `mark-${markingId}-${colour + 1}`;

/** A marking as an animal brings it. */
export interface AnimalMarking extends Marking {
  readonly provenance: Provenance;
}

/** A marking times a factor in all its sizes; counts, angles and places stay. */
export const markingBy = <M extends Marking>(marking: M, k: number): M => ({
  ...marking,
  widthMm: marking.widthMm * k,
  stepMm: marking.stepMm * k,
  lengthMm: marking.lengthMm * k,
  edgeMm: marking.edgeMm * k,
  bands: marking.bands.map((band) => ({ ...band, mm: band.mm * k })),
});
