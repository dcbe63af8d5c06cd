/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// ColourTabs.vue
export const roomsOfColour = 'Rooms of Colour';
export const layersTab = 'Layers';
export const picturesTab = 'From pictures';
export const markingsTab = 'Markings';
export const checkTab = 'Check';

// ColourStage.vue
export const coloursByZoneAnd = 'Colours by zone, and their layers';
export const zonesAndTheirColours = 'Zones and their colours';
export const overEverything = 'Over everything';
export const howItIsLayered = 'How it is layered';

// LayerChoices.vue
export const primer = 'Primer';
export const changePrimer = 'Change the primer';
export const oneStepOfLightness = 'One step of lightness (0 to 1)';
export const oneStepOfLightness2 = 'One step of lightness';
export const changeContrast = 'Change the contrast';
export const baseCoats = 'Base coats';
export const changeBaseCoats = 'Change the base coats';

// ZoneColours.vue
export const zones = 'Zones';
export const markedZones = 'Markings';
export const colourToAimAt = 'Colour to aim at';
export const librarys = 'library’s';
export const colourOf = (name: string | number): string => `Colour of ${name}`;
export const sheenOf = (name: string | number): string => `Sheen of ${name}`;
export const skinOfThisZone = 'Skin of this zone';
export const lightness = 'Lightness';
export const paint = 'Paint';
export const coloursOfLibraryAre =
  'Colours of the library are from memory: pick yours from a picture of the animal in good light.';
export const highGloss = 'High gloss';
export const changeColourOf = (name: string | number): string => `Change the colour of ${name}`;
export const matt = 'Matt';
export const satin = 'Satin';
export const gloss = 'Gloss';

// ColourStage.vue
export const fromSide = 'Side';
export const fromFront = 'Front';
export const fromAbove = 'Above';
export const fromBehind = 'Behind';
export const fromLeftFront = 'Left front';
export const seenFrom = 'Seen from';
export const ground = 'The ground';
export const onAnimal = 'On the animal';
export const card = 'Colour card';
export const whatIsShown = 'What is shown';
export const layersShown = 'Layers shown';
export const nowAndAim = 'Each zone as it looks now, beside its aim';
export const formAfterLayers =
  'The finished form in its colours after the layers shown, and every zone’s colours';
export const tubesForAll = 'Tubes for the whole animal';
export const recipesAreSearched = 'Tubes and recipes are being searched.';
export const varnishHints =
  'Dull before bright, and eyes, nose and wet mouths last in high gloss. Try each on the test tile with its paint under it.';

// RecipeCard.vue
export const zone = 'Zone';

// TubeTable.vue
export const changeTubes = 'Change the tubes';
export const tube = 'Tube';
export const needed = 'Needed';
export const toBuy = 'To buy';
export const enough = 'enough';
export const keptByHand = 'By hand';
export const keep = 'Keep';
export const kept = 'Kept';
export const orderOfMixing =
  'Mix by drops, the lightest first and the dark ones last, one at a time: a little dark goes far. What a mix is to cover is painted on a scrap and left to dry before the piece.';
export const usualBoxHint =
  'Your shelf has none of these: a usual box of pigments by their common names stands in. Enter yours in the workshop.';
export const oneMoreHelps = (name: string): string => `One tube more, ${name}: nearer by ΔE00`;
export const cost = 'Cost';
export const comesOut = 'Oven, ΔE00';
export const fadesInLight = (names: string): string =>
  `${names} fades in light: keep the piece out of the sun, or take another.`;
export const leftOnShelf = 'Left on the shelf; press to mix with it anyhow:';

// LayerChoices.vue
export const SCHOOL_NAMES = {
  'light-down': 'Light first, washes into the hollows',
  'dark-up': 'Dark first, dry brush up',
  'over-clay': 'Thin over the bare clay',
  'coloured-clay': 'Coloured clay, no paint',
  pastel: 'Pastel on raw clay',
} as const;
export const SCHOOL_HINTS = {
  'light-down':
    'A pale base, a glaze towards the aim, a dark wash that stays in the hollows, then the tips. Seal the base thinly before the wash, and it wipes off the ridges.',
  'dark-up':
    'The darkest first, into every hollow; then lighter and drier, with less and less in the brush.',
  'over-clay': 'The clay itself is the ground: thin films, no primer. Clean off every fingermark.',
  'coloured-clay': 'Weighed and folded before it is laid: nothing is painted, nothing primed.',
  pastel:
    'Ground fine and brushed onto the raw clay before its last bake; seal it with a spray afterwards. Colours shift in the oven: bake a test tile.',
} as const;
export const PRIMER_NAMES = {
  grey: 'Grey primer',
  white: 'White primer',
  black: 'Black primer',
  none: 'No primer',
} as const;
export const untilHidden = 'until hidden';
export const wayToColour = 'Way to colour';
export const changeWay = 'Change the way to colour';
export const clayLooks = 'Bare clay looks';
export const changeClayColour = 'Change the colour of the clay';
export const howManyTubes = 'Tubes for all of it';
export const mostParts = 'Parts in a mix, at most (a touch aside)';
export const changeParts = 'Change the parts of a mix';

// ZoneColours.vue
export const wayOfZone = 'Its way';
export const wayOf = (name: string): string => `Way to colour of ${name}`;
export const pieces = 'piece’s';
export const colouredClay = 'Coloured clay';
export const powder = 'Pastel';
export const water = 'Water or medium';
export const inTheEnd = (words: string): string => `In the end, beside the aim: ${words}`;
export const offInTheEnd = 'Off in the end, ΔE00';
export const accentOpposite = (hex: string): string =>
  `Accent opposite in hue: ${hex}. A little of it mixed in greys the colour.`;

export const details = 'Eyes, mouth, teeth, claws';
export const layersBesides = 'Layers besides those of its way';
export const EXTRA_NAMES = {
  under: 'Underpainting',
  glaze: 'Last glaze',
  stipple: 'Stippling',
  metallic: 'Metallic',
  glitter: 'Glitter',
} as const;
export const marbled = 'Marbled: folded until it is streaked, no further';
export const surfaceOfDetail = 'Its surface';
export const ladder = 'Mixes from shade to light';
export const rung = (shade: number, light: number): string => `${shade} : ${light}`;
export const ladderHint =
  'parts of the darkest mix to parts of the lightest, for what lies between';
export const contrastOfAccent = 'Accent stands off by ΔE00';

// RecipeLine.vue
export const secondOff = 'Second best off by ΔE00';
export const mixOff = 'Mix off by ΔE00';
export const secondBest = (recipe: string, off: string): string => `Second best: ${recipe}, ${off}`;
