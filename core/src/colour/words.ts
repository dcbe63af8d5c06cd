/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// planColour.ts
export const coatTakes = 'A coat takes';
export const forEach = 'for each';
export const lightness = (name: string, name2: string, hex: string): string =>
  `${name}, ${name2} ${hex}: lightness`;
export const stepsInEachOf = '256 steps in each of red, green and blue';
export const lightnessOfTarget = (targetHex: string): string =>
  `Lightness of the target ${targetHex}`;
export const stepsOfThisLayer = 'Steps of this layer';
export const oneStep = 'One step';
export const chromaAgainstBase = 'Chroma against the base';
export const oklabBOttossonSteps =
  'OKLab (B. Ottosson, 2020); steps and chroma are common practice';
export const furrowsAgainstSmoothSkin = 'Furrows against smooth skin';
export const shareOfSkinThat = 'Share of the skin that takes it';
export const coats = 'Coats';
export const aboutMToLitre = 'about 10 m² to the litre by brush; shares are common practice';
export const skinThatItCovers = 'Skin that it covers';
export const aboutMToLitreBy = 'about 10 m² to the litre by brush (common practice)';
export const primerOneCoat = 'Primer, one coat';
export const highGloss = 'high gloss';
export const varnish = (which: string): string => `Varnish, ${which}`;
export const sheenOf = (sheen: string, zones: string): string => `${sheen}: ${zones}`;

export const base = 'Base';

export const brushedOnThinCoats = 'brushed on, thin coats';

export const hollows = 'Hollows';

export const thinWashWipedOff =
  'a thin wash, wiped off the ridges; a drop of dish soap or a little medium in its water keeps it from beading';

export const ridges = 'Ridges';

export const dryBrushedAcross = 'dry-brushed across the strokes';

export const tips = 'Tips';

export const dryBrushedOnTips = 'dry-brushed on the highest tips only';

// layerPlan.ts
export const commonPractice = 'common practice';
export const coatsUntilHidden = 'Coats until it hides what is under it';
export const shareOfPaint = 'Undiluted paint in what is brushed on';
export const thinnedWith = (name: string, layer: string): string =>
  `${name}, ${layer}: thinned with`;
export const minutesOf = (name: string, layer: string): string => `${name}, ${layer}: minutes`;
export const brushedInMinute = 'Brushed in a minute';
export const oneMinute = 'One minute';
export const lightnessByRule =
  'lightness of L₀ + k · s with the hue kept and the chroma times c, as a screen shows it';
export const mixOff = (of: string): string => `${of}: mix off by ΔE00`;
export const secondOff = (of: string): string => `${of}: second best off by ΔE00`;
export const wholeParts = 'whole parts of a few tubes, on curves that follow from their colours';
export const kubelkaMunk =
  'Kubelka and Munk on smooth spectra (S. Burns, 2020); Saunderson; ISO/CIE 11664-6:2014';

// recipeText.ts
export const nobodySees = 'nobody would see it';
export const trainedEyeSees = 'a trained eye would just see it';
export const seenSideBySide = 'seen side by side';
export const anybodySees = 'anybody sees it';
export const anotherColour = 'another colour: these tubes do not reach it';

// accent.ts
export const contrastOf = (name: string): string => `${name}: accent stands off by ΔE00`;
export const oppositeInOklab = 'opposite hue in OKLab (B. Ottosson, 2020); ISO/CIE 11664-6:2014';

// varnishAdvice.ts
export const hardFilmCracks = (where: string): string =>
  `A hard film cracks where joints are moved: one that stays soft, or none, on ${where}.`;
export const brushLiftsPastel = (where: string): string =>
  `A brush lifts pastel: two thin sprayed coats first on ${where}.`;
export const varnishStaysSticky = (where: string): string =>
  `Sprayed and oil-based varnish stays sticky on bare oven clay: thin water-based coats, first on the test tile, for ${where}.`;
export const mattClouds = (where: string): string =>
  `Matt varnish clouds on dark colours when it is thick or the air damp: thin coats, stirred well, on ${where}.`;
export const mattKillsMetallic = (where: string): string =>
  `Matt varnish takes the flash from metallic colour: leave it bare or gloss it on ${where}.`;
export const fibreIsTinted = (where: string): string =>
  `Fibre is dyed or tinted, never varnished: keep off ${where}.`;

// tubePlans.ts
export const costOf = (name: string): string => `${name}, cost of what is to buy`;
export const priceOfOne = 'Price of a packet';
export const pricesOfWorkshop = 'prices of the workshop, in your own money';
export const neededOf = (name: string): string => `${name}, for the whole piece`;
export const shareOfRecipe = 'Its share of that recipe';
export const driesOnPalette = 'Dries on the palette and stays in the brush';
export const recipesTimesLayers = 'recipes times what each layer takes';
export const toBuyOf = (name: string): string => `${name}, to buy`;
export const leftOnShelf = 'Left on the shelf';
export const packHolds = 'A packet holds';
export const shelfOfWorkshop = 'paints of the workshop';

// planColour.ts
export const colouredClayOf = (name: string): string => `${name}, coloured clay`;
export const veneerThick = 'Laid over what is under it';
export const clayOf = (name: string): string => `${name}, coloured clay`;
export const oneMoreNearer = (name: string): string => `${name} as one tube more: nearer by ΔE00`;
export const meanWithAndWithout =
  'difference of all colours (root mean square by area) with the tubes, and with this one beside them';
export const endOff = (name: string): string => `${name}, in the end: off by ΔE00`;
export const meanOfPlaces = 'the mean of hollows, flats, ridges and tips';
export const kubelkaFilms =
  'films over films (P. Kubelka, 1948) and covered shares (A. Murray, 1936); ISO/CIE 11664-6:2014';

// details.ts
export const skinOfDetail = (name: string): string => `${name}, surface`;
export const eyes = 'Eyes';
export const bareSkinOfFace = 'Nose and bare skin of the face';
export const mouthLining = 'Mouth, lining';
export const soMany = 'So many';
export const discBetweenLids = 'disc that shows between the lids';
export const longInLife = 'Long in life';
export const roundAgainstSquare = 'Its skin against the square of that';
export const jawInLife = 'Jaw in life';
export const roofAndFloor = 'Roof and floor against the square of that';
export const skinOfItsShape = 'Skin of its shape against length times thickness';
export const conesLeavesBlocks = 'cones, both faces of leaves, rods and balls';

// bakedColour.ts
export const shiftOf = (name: string): string =>
  `${name}: comes out otherwise than it is told, by ΔE00`;
export const ovensUsual = 'a little darker and duller, from memory: a baked test tile tells better';
export const ownTile = 'the user’s own test tile';

// schools.ts
export const glaze = 'Glaze';
export const glazedOverAll = 'thinned with medium, brushed out evenly over everything';
export const underpainting = 'Underpainting';
export const darkIntoEveryHollow = 'dark, worked into every hollow';
export const stippling = 'Stippling';
export const dabbedAsDots =
  'dabbed on as dots with a stiff brush or a sponge, first on paper: fewer than one thinks';
export const metallic = 'Metallic';
export const glitter = 'Glitter';
export const glitterSparkles =
  'glitter or mica in medium, stippled sparsely: single grains flash as one walks by, and from any one side most are dull';
export const markings = 'Markings';
export const markingOverDryBase =
  'markings over the dry paint, from the lowest to the topmost, each dry before one that overlaps it';
export const lastGlaze = 'Last glaze';
export const glazedLast =
  'one thin glaze over all when everything under it is dry: it ties zone and marking together';
export const drawnThinlyItFlashes =
  'a metallic or interference colour drawn thinly over the ridges: it flashes at one angle, and from all others looks as here';
export const details = 'Details';
export const withPointOfSmallBrush = 'with the point of a small brush, last of all';
export const overbrushedFlat = 'overbrushed with a flat brush, the hollows left dark';
export const thinOverClay = 'thinned, so that the clay shows through';
export const powderShade = 'Pastel, shade';
export const powderIntoHollows = 'ground fine and worked into the hollows with a small soft brush';
export const powderBase = 'Pastel, base';
export const powderOverAll = 'brushed over everything with a soft brush, a little at a time';
export const powderLight = 'Pastel, light';
export const powderOnRidges = 'touched onto the ridges with a flat, almost clean brush';

// usualBox.ts
export const titaniumWhite = 'Titanium white';
export const boneBlack = 'Bone black';
export const yellowOchre = 'Yellow ochre';
export const rawSienna = 'Raw sienna';
export const burntSienna = 'Burnt sienna';
export const rawUmber = 'Raw umber';
export const burntUmber = 'Burnt umber';
export const redEarth = 'Red earth';
export const warmRed = 'Warm red';
export const warmYellow = 'Warm yellow';
export const ultramarine = 'Ultramarine';
export const chromeOxideGreen = 'Chrome oxide green';

// workings
export const differenceBetween = (hex: string, paint: string): string =>
  `difference of ${hex} and ${paint} by CIEDE2000: 1 is just seen by a trained eye, 5 by anybody`;

// checkColours.ts
export const nearlyAlike = 'nearly alike';
export const tooLight = 'too light';
export const tooDark = 'too dark';
export const tooStrong = 'too strong';
export const tooGrey = 'too grey';
export const otherHue = 'in another hue';
export const offPicture = (name: string): string => `${name}: off what the picture shows`;
export const asPictureShows = (picture: string): string =>
  `As ${picture} shows it, under its light; CIEDE2000 (ISO/CIE 11664-6:2014).`;
