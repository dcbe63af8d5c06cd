import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { parse } from 'vue/compiler-sfc';
import { pseudoSource, pseudoText, WORD_FILE } from './pseudoLocale.ts';

const ROOT = fileURLToPath(new URL('../', import.meta.url));
const filesOf = (folder: string): readonly string[] =>
  readdirSync(`${ROOT}${folder}`, { recursive: true, encoding: 'utf8' }).map(
    (file) => `${folder}/${file}`,
  );
const pages = filesOf('web/src').filter((file) => file.endsWith('.vue'));
const wordFiles = [...filesOf('core/src'), ...filesOf('web/src')].filter(
  (file) => WORD_FILE.test(file) && !file.endsWith('.test.ts'),
);
const source = (file: string): string => readFileSync(`${ROOT}${file}`, 'utf8');

/** What of a template is looked at: an element with its attributes, or a text. */
interface Node {
  readonly type: number;
  readonly content?: string | object;
  readonly props?: readonly {
    readonly type: number;
    readonly name: string;
    readonly value?: { readonly content: string };
  }[];
  readonly children?: readonly Node[];
}
const TEXT = 2;
const ATTRIBUTE = 6;
const SAID = ['label', 'title', 'placeholder', 'aria-label', 'alt', 'hint', 'back'];
/** Units stand beside numbers in every language. */
const UNITS = /\b(mm|cm|ml|kg|min|px|deg|AWG|SWG)\b/g;
const saysWords = (text: string): boolean => /\p{L}{2,}/u.test(text.replace(UNITS, ''));

/** Words that a template says by itself. */
function wordsIn(node: Node): readonly string[] {
  const own =
    node.type === TEXT && typeof node.content === 'string' && saysWords(node.content)
      ? [node.content.trim()]
      : [];
  const said = (node.props ?? []).flatMap(({ type, name, value }) =>
    type === ATTRIBUTE && SAID.includes(name) && value !== undefined && saysWords(value.content)
      ? [value.content]
      : [],
  );
  return [...own, ...said, ...(node.children ?? []).flatMap(wordsIn)];
}

describe('words', () => {
  it.each(pages)('of %s stand in a word file', (file) => {
    const { descriptor } = parse(source(file));
    expect(wordsIn((descriptor.template?.ast ?? { type: 0 }) as Node)).toEqual([]);
  });

  it('are all said somewhere beside them', () => {
    const lists = wordFiles.filter((file) => /words\.ts$/i.test(file));
    expect(lists.length).toBeGreaterThan(30);
    for (const list of lists) {
      const folder = list.slice(0, list.lastIndexOf('/'));
      const beside = readdirSync(`${ROOT}${folder}`).filter(
        (file) => /\.(ts|vue)$/.test(file) && !/ords\.ts$/.test(file),
      );
      const said = beside.map((file) => source(`${folder}/${file}`)).join('\n');
      for (const [, name] of source(list).matchAll(/^export const (\w+) =/gm))
        expect(new RegExp(`\\b(say|tell)\\s*\\.${name!}\\b`).test(said), `${list}: ${name!}`).toBe(
          true,
        );
    }
  });

  it('are found where a template says them', () => {
    const { descriptor } = parse(
      '<template><p title="Two words">{{ a }} mm of clay</p></template>',
    );
    expect(wordsIn(descriptor.template!.ast as Node)).toEqual(['Two words', 'mm of clay']);
  });

  it.each(wordFiles)('of %s are still a program in the pseudo-locale', (file) => {
    const { diagnostics } = ts.transpileModule(pseudoSource(file, source(file)), {
      reportDiagnostics: true,
      compilerOptions: { target: ts.ScriptTarget.ES2023, module: ts.ModuleKind.ESNext },
    });
    expect(diagnostics).toEqual([]);
  });

  it('of a room are all changed, with what goes into them kept', () => {
    const words =
      "export const a = 'Clay left';\nexport const b = (n: number): string => `${n} of it`;";
    const changed = pseudoSource('core/src/mass/words.ts', words);
    expect(changed).toContain('⟦Çláý léft···⟧');
    expect(changed).toContain('`${n} ⟦óf ít··⟧`');
  });

  it('are a third longer and in brackets; numbers and signs are not words', () => {
    expect(pseudoText(' Cut the wire ')).toBe(' ⟦Çút thé wíré···⟧ ');
    expect(pseudoText('12 %')).toBe('12 %');
  });
});
