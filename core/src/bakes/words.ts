/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// stuffs.ts
export const softMetal = 'Aluminium or copper wire';
export const steel = 'Steel wire, rods, nuts and washers';
export const solder = 'Soft solder';
export const foil = 'Aluminium foil';
export const paper = 'Paper and card';
export const paperTape = 'Paper tape';
export const thread = 'Linen or cotton thread';
export const synthetic = 'Synthetic thread, fibre or fur';
export const wood = 'Wood and twigs';
export const hair = 'Hair, wool, feathers, felt';
export const glass = 'Glass, beads of glass';
export const ceramic = 'Stoneware and pottery';
export const stone = 'Stone';
export const plaster = 'Plaster';
export const foam = 'Polystyrene foam';
export const polystyrene = 'Polystyrene, hard';
export const abs = 'ABS';
export const pvc = 'Rigid PVC';
export const acrylicGlass = 'Acrylic glass';
export const pet = 'PET of bottles';
export const petg = 'PETG print';
export const pla = 'PLA print';
export const ldpe = 'Soft polyethylene';
export const hdpe = 'Hard polyethylene';
export const polypropylene = 'Polypropylene';
export const polycarbonate = 'Polycarbonate';
export const nylon = 'Nylon';
export const castResin = 'Cast resin';
export const silicone = 'Silicone';
export const hotGlue = 'Hot-melt glue';
export const superGlue = 'Super glue';
export const whiteGlue = 'White glue';
export const putty = 'Two-part epoxy putty';
export const paraffin = 'Paraffin wax';
export const modellingWax = 'Modelling wax';
export const beeswax = 'Beeswax';
export const latex = 'Latex';
export const ovenClay = 'Oven clay, cured';
export const airClay = 'Air-drying clay, dry';
export const acrylicPaint = 'Acrylic paint, dry';
export const acrylicVarnish = 'Water-based varnish';
export const sprayVarnish = 'Solvent or spray varnish';

export const metalNote =
  'Clay does not stick to bare metal: rub a film of white glue on and let it dry, or wrap it.';
export const solderNote = 'Wash the flux off, or it stains the clay.';
export const foilNote = 'Clay holds on it best where it is crumpled; bind smooth places with tape.';
export const paperNote = 'Keep it off the heating rods. Good for rolls and troughs that prop.';
export const paperTapeNote = 'Its glue goes soft in the heat, so the clay has to hold it.';
export const threadNote = 'Plant fibre only; test a piece with a flame that you mean to use.';
export const syntheticNote = 'Shrinks or melts: put it on when the last bake is done.';
export const woodNote =
  'Dry it in the oven first: damp wood steams, and the clay over it splits. It may seep resin.';
export const hairNote = 'Singes and smells; put it on when the varnish is dry.';
export const glassNote = 'Let it warm and cool with the oven: a sudden change cracks it.';
export const ceramicNote = 'A closed vessel needs a hole, or its air bursts the clay.';
export const stoneNote =
  'Only a dry one: water inside turns to steam and bursts it. Dry it for hours at a low heat first.';
export const plasterNote = 'Gives its water off and crumbles.';
export const foamNote = 'Shrinks away inside the clay, with fumes, and raw clay eats it.';
export const attackedNote = 'The softener of raw oven clay attacks it: store no raw clay in it.';
export const plasticNote = 'Set it in when the last bake is done.';
export const keepingNote = 'Raw oven clay can be kept in it.';
export const castResinNote = 'Kinds differ: its label tells. Yellows and bends in the heat.';
export const siliconeNote = 'Nothing sticks to it: good for moulds and mats, bad for joins.';
export const hotGlueNote = 'Lets go inside the clay: only after the last bake.';
export const superGlueNote =
  'Holds cured clay to cured clay; do not trust it through a bake. It fogs eyes and dark paint.';
export const whiteGlueNote =
  'Raw clay sticks to a dried film of it, on wire, foil or wood; under clay it may go soft without harm.';
export const puttyNote =
  'Sticks to cured clay that was roughened; kinds differ, so the packet tells what heat it stands. Warmth halves its time.';
export const waxNote = 'Melts out and stains: never before a bake, never under paint.';
export const latexNote = 'Stays tacky in heat; oil and copper attack it.';
export const ovenClayNote =
  'Fresh clay sticks to baked clay with liquid clay between, on a roughened surface. Longer does no harm; hotter browns it and gives off fumes that irritate.';
export const airClayNote = 'Shrinks over what is stiff; heat cracks it. It takes white glue.';
export const acrylicPaintNote =
  'Sticks to clay without grease. A painted piece can usually be baked again, no hotter than before.';
export const acrylicVarnishNote =
  'May turn milky or tacky in the oven: varnish when all bakes are done.';
export const sprayVarnishNote =
  'May stay sticky for ever on oven clay, whose softener it takes up: test it on the tile.';

// bakeItems.ts
export const wires = 'Wires';
export const bindingOf = (binder: string): string => `Binding, ${binder}`;
export const coreOfFoil = 'Core of packed foil';
export const board = 'Board';
export const underAll = 'It is under all the clay, so it goes through every bake of the body.';
export const bakedOnBoard = 'The piece is baked on its board.';
export const byItsLabel = 'By its own label.';
export const unknownStuff = 'The workshop no longer has this stuff: choose another.';
export const fromTheStart = 'It is there from the start.';
export const beforeSurface = 'It is set before the surface is laid.';
export const whenBaked = 'It is put on when all is baked.';
export const puttyLast = 'Putty sets in the room, and most of it does not stand the oven: last.';
export const standsIt = 'It stands the oven, and is set before the surface closes over its root.';
export const doesNotStand = 'It does not stand the oven: it is set when the last bake is done.';
export const coolerClay =
  'Its clay does not bear what the surface needs, so it is set on the finished surface and baked cooler.';
export const eyesHard = 'Hard eyes keep their shape when sockets and lids are pressed round them.';
export const hardWhenSet = 'Hard when it is set, so that it keeps its shape.';
export const rawInSurface = 'Set raw into the soft surface, and baked with it.';
export const fittedOnShell = 'It is fitted against the hard body, and is hard when it is joined.';
export const hardWhenJoined = 'It is hard when it is joined.';
export const shell = 'Shell';
export const bareBody = 'Bare body';
export const surface = 'Finished surface';
export const solidParts = 'Solid parts';
export const builtWithShell = 'They are built with the shell, so they are in its bake.';
export const bodyHard =
  'Hard under the surface: nothing is pressed out of shape while that is worked.';
export const shellHard = 'Hard under the surface: it carries the detail that is worked over it.';
export const surfaceLast = 'It closes over everything that belongs in it.';
