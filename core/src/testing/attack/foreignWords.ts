/** Words of validators, parsers and engines, which no person should have to read. */
const FOREIGN =
  /Invalid (input|option|key|element)|Unrecognized|Expected |expected (string|number|object|array)|Too (small|big)|Unexpected (token|end|non)|JSON at position|is not valid JSON|undefined|\[object |NaN|Cannot (read|convert)|is not (a function|iterable|defined)|Maximum call stack|Error:/;

/** The longest sentence of a refusal: the places, what was received in brief, and what is allowed. */
const LONGEST = 2000;

/**
 * What is not plain in a sentence of refusal: foreign words outside of what the user gave, which stands
 * in quotes or after “received”, or that it does not say what was received and what is allowed.
 */
export function foreignWords(sentence: string): string | undefined {
  const match = /^([^]+): received ([^]*); allowed is ([^]+)\.$/u.exec(sentence);
  if (match === null) return `does not say what was received and allowed: ${sentence}`;
  if (sentence.length > LONGEST) return `is too long: ${sentence.length} characters`;
  const foreign = FOREIGN.exec(match[3]!);
  return foreign === null ? undefined : `speaks of “${foreign[0]}”: ${sentence}`;
}
