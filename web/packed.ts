import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';

/** Writes each script and style of a build once more beside itself, packed as small as Brotli can. */
export const packed = () => {
  let folder = '';
  return {
    name: 'packed',
    apply: 'build' as const,
    enforce: 'post' as const,
    configResolved: (config: { root: string; build: { outDir: string } }): void => {
      folder = join(config.root, config.build.outDir, 'assets');
    },
    closeBundle: (): void => {
      for (const file of readdirSync(folder))
        if (/\.(js|css)$/.test(file))
          writeFileSync(
            join(folder, `${file}.br`),
            brotliCompressSync(readFileSync(join(folder, file))),
          );
    },
  };
};
