import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

interface Chunk {
  readonly file: string;
  readonly imports?: readonly string[];
}

/** The script that a page loads before it shows, in bytes as it travels: packed by the build. */
export interface RouteSize {
  readonly route: string;
  readonly packedBytes: number;
}

const MAIN = 'index.html';
const SHELL = 'src/shell/PieceShell.vue';
/** What each address needs beyond the start of the application. */
const ROUTES: Readonly<Record<string, readonly string[]>> = {
  'first page (demonstration, Measure)': [
    'src/pages/OpenLast.vue',
    SHELL,
    'src/stages/measure/MeasureStage.vue',
  ],
  pieces: ['src/pages/PiecesPage.vue'],
  workshop: ['src/workshop/WorkshopPage.vue'],
  stance: [SHELL, 'src/stages/stance/StanceStage.vue'],
  wire: [SHELL, 'src/stages/wire/WireStage.vue'],
  mass: [SHELL, 'src/stages/mass/MassStage.vue'],
  cure: [SHELL, 'src/stages/cure/CureStage.vue'],
  skin: [SHELL, 'src/stages/skin/SkinStage.vue'],
  colour: [SHELL, 'src/stages/colour/ColourStage.vue'],
  bench: [SHELL, 'src/stages/bench/BenchStage.vue'],
  bending: ['src/bench/BendingPage.vue'],
  working: ['src/bench/WorkingPage.vue'],
};

/** Sizes of every route of a build, from its manifest: static imports are followed, lazy ones not. */
export function routeSizes(dist: string): readonly RouteSize[] {
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8')) as Record<
    string,
    Chunk
  >;
  const sizeOf = (file: string): number =>
    file.endsWith('.js') ? statSync(join(dist, `${file}.br`)).size : 0;
  return Object.entries(ROUTES).map(([route, entries]) => {
    const seen = new Set<string>();
    const follow = (key: string): void => {
      const chunk = manifest[key];
      if (chunk === undefined) throw new Error(`the build has no ${key}`);
      if (seen.has(key)) return;
      seen.add(key);
      chunk.imports?.forEach(follow);
    };
    [MAIN, ...entries].forEach(follow);
    const packedBytes = [...seen].reduce((sum, key) => sum + sizeOf(manifest[key]!.file), 0);
    return { route, packedBytes };
  });
}
