/** A caution that stands beside the step it belongs to. */
export const CAUTIONS = {
  'cut-wire':
    'Wear eye protection when you cut wire: ends fly. Hold both sides, and file or fold what is sharp.',
  drill:
    'Clamp the board before you drill, wear eye protection, and keep sleeves and hair away from the chuck.',
  foil: 'Edges of foil and mesh cut: press them flat, and wear gloves where you pull hard.',
  oven: 'Never go above the clay’s upper limit. Good air; keep the oven in sight, and use one that is not for food where the label says so. If it smokes, switch off, open the windows and leave the room.',
  'hot-parts':
    'Wire, foil and trays stay hot long after the oven: use oven gloves and let the piece cool inside.',
  'raw-work':
    'Between sittings cover raw clay from dust and warmth, with paper or polyethylene between: its softener eats varnish, hard polystyrene and printed plastic.',
  'heat-gun':
    'A heat gun burns skin and scorches clay within seconds: keep it moving, away from paper and solvent, and lay it down on its stand.',
  solvent:
    'Solvent and its vapour burn: none near a hot oven or a flame. Good air, gloves, and let the piece air before it is baked.',
  epoxy:
    'Epoxy can make skin allergic for good: wear gloves, wash with soap and not with solvent, and do not sand it without a mask.',
  sanding: 'Sand wet, or wear a dust mask: clay, paint and filler dust belong in no lung.',
  spraying:
    'Spray outdoors or under extraction with a respirator for paint; a dust mask does not hold back vapour.',
  sharp:
    'Cut away from the hand that holds the piece, and cap blades and needles when you lay them down.',
  'small-parts':
    'Eyes, claws and cut ends of wire can be swallowed: keep them from small children and animals.',
  lead: 'Lead is poisonous: steel is the better weight. Do not handle lead bare, file or heat it, and do not seal it inside a piece that will be baked or sold; follow local rules.',
  label:
    'The product’s own label and safety data sheet win over what stands here, and so do local rules.',
  qualified:
    'Leave work on electrics, welding and hot metal, and lifting heavy pieces, to people qualified for it.',
} as const;
export type CautionId = keyof typeof CAUTIONS;
