import * as say from './words.ts';
import {
  colourCard,
  layerCards,
  paletteGpl,
  pieceColours,
  recipesCsv,
  type ColourPlan,
  type Drawing,
  type Plan,
  type Workpiece,
} from '@keen-sinew/core';
import type { Ref } from 'vue';
import type { PieceFile } from './coatFiles.ts';
import { downloadText } from './download.ts';

/** What files of the colours are made from and with. */
interface ColoursOf {
  readonly piece: Readonly<Ref<Workpiece>>;
  readonly plan: Readonly<Ref<Plan>>;
  readonly problem: Ref<string | null>;
  readonly pdf: (name: string, drawings: () => readonly Drawing[]) => Promise<void>;
}

/** The colours on paper, as a palette and as a table. */
export function colourFiles({ piece, plan, problem, pdf }: ColoursOf): readonly PieceFile[] {
  const { id, name } = piece.value;
  /** Recipes are asked for; without them a file would leave half of itself out. */
  function known(): ColourPlan {
    const { colour } = plan.value;
    if (colour === null || colour.tubes === null) throw new Error(say.coloursAreSearched);
    return colour;
  }
  const text = (make: (colour: ColourPlan) => void): void => {
    const { colour } = plan.value;
    const tubes = colour?.tubes ?? null;
    problem.value = tubes === null ? say.coloursAreSearched : null;
    if (colour !== null && tubes !== null) make(colour);
  };
  return [
    {
      id: 'colours',
      title: say.coloursPdf,
      what: say.cardAndLayers,
      make: () => void pdf('colours', () => [colourCard(known()), ...layerCards(plan.value)]),
    },
    {
      id: 'palette',
      title: say.paletteGplTitle,
      what: say.everyColourNamed,
      make: () =>
        text((colour) =>
          downloadText(`${id}.gpl`, paletteGpl(name, pieceColours(colour)), 'text/plain'),
        ),
    },
    {
      id: 'recipes',
      title: say.recipesCsvTitle,
      what: say.everyLayerWithRecipe,
      make: () =>
        text((colour) => downloadText(`${id}-recipes.csv`, recipesCsv(colour), 'text/csv')),
    },
  ];
}
