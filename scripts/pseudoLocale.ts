import ts from 'typescript';
import type { Plugin } from 'vite';

/** Files that hold words: those of the rooms, and the tables of snags, cautions and stages. */
export const WORD_FILE =
  /(\/(w|\w+W)ords|\/piece\/(snag|cautions)|\/shell\/stageNames|\/ledger\/provenanceText)\.ts$/;
/** These have keys and ids among their words: only what reads as words is changed there. */
const TABLE = /snag|cautions/;

const LETTERS: Readonly<Record<string, string>> = Object.fromEntries(
  [...'aáeéiíoóuúyýcçnñsšzžAÁEÉIÍOÓUÚYÝCÇNÑSŠZŽ'.matchAll(/(.)(.)/gu)].map(([, plain, marked]) => [
    plain,
    marked,
  ]),
);
/** Other languages take about so much more room than English: common practice. */
const LONGER = 0.3;

/**
 * Words as a locale that nobody speaks would have them: marked letters, a third longer, in brackets,
 * so that what is not out of a word file, or is cut, shows at a glance. Text without letters stays.
 */
export function pseudoText(text: string): string {
  const letters = text.match(/\p{L}/gu)?.length ?? 0;
  if (letters === 0) return text;
  const [, before = '', inner = '', after = ''] = /^(\s*)([\s\S]*?)(\s*)$/.exec(text) ?? [];
  const marked = [...inner].map((letter) => LETTERS[letter] ?? letter).join('');
  return `${before}⟦${marked}${'·'.repeat(Math.ceil(LONGER * letters))}⟧${after}`;
}

/** The source of a word file with all its words put into the pseudo-locale. */
export function pseudoSource(file: string, source: string): string {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const isTable = TABLE.test(file);
  const edits: [start: number, end: number, text: string][] = [];
  const isWord = (text: string): boolean => !isTable || /\p{L}\s+\p{L}|^\p{Lu}\p{Ll}/u.test(text);
  const inside = (node: ts.Node, text: string): void => {
    if (isWord(text))
      edits.push([node.getStart(tree) + 1, node.end - 1, escaped(pseudoText(text))]);
  };
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isPropertyAssignment(node)) return visit(node.initializer);
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node))
      return inside(node, node.text);
    if (ts.isTemplateExpression(node)) {
      const chunks = [node.head, ...node.templateSpans.map(({ literal }) => literal)];
      for (const chunk of chunks)
        if (/\p{L}/u.test(chunk.text))
          edits.push([
            chunk.getStart(tree) + 1,
            chunk.end - (chunk.kind === ts.SyntaxKind.TemplateTail ? 1 : 2),
            escaped(pseudoText(chunk.text)),
          ]);
      for (const { expression } of node.templateSpans) visit(expression);
      return;
    }
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return edits
    .toSorted((a, b) => b[0] - a[0])
    .reduce((text, [from, to, by]) => text.slice(0, from) + by + text.slice(to), source);
}

const escaped = (text: string): string =>
  text
    .replace(/\\/g, '\\\\')
    .replace(/[`'"]/g, '\\$&')
    .replace(/\$\{/g, '\\${')
    .replace(/\n/g, '\\n');

/** Builds the application in the pseudo-locale. */
export const pseudoLocale = (): Plugin => ({
  name: 'pseudo-locale',
  enforce: 'pre',
  transform: (source, id) => (WORD_FILE.test(id) ? pseudoSource(id, source) : undefined),
});
