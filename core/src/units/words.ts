/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// gauges.ts
export const noSuchSize = (gauge: string): string => `${gauge} (no such size)`;

// parseLength.ts
export const lengthFromToMm = (minMm: number, maxMm: number): string =>
  `a length from ${minMm} to ${maxMm} mm, such as 89 mm, 8.9 cm or 3 1/2 in`;

// parseMeasure.ts
export const cOrF = '130 °C or 265 °F';
export const gOrLb = '454 g or 1 lb';
export const mlOrFloz = '40 ml or 2 floz';
export const minOrH = '30 min or 1.5 h';
export const fromToSuchAs = (min: string, max: string, example: string): string =>
  `from ${min} to ${max}, such as ${example}`;
export const weightOrTwoWith =
  'a weight, or two with the lighter first, in g, kg, oz or lb, such as 18 g or 20 to 35 kg';

// parseNumber.ts
export const numberFromTo = (min: number, max: number, which: string): string =>
  `a number from ${min} to ${max}${which}`;
export const scaleFromToSuch = 'a scale from 50:1 to 1:200, such as 1:3';

// parseWireSize.ts
export const usSteel = 'US steel';
export const diameterFromToMm =
  'a diameter from 0.2 to 12 mm (1.6 mm, 1/16 in) or a gauge with its table (14 AWG, 16 SWG, 16 US steel)';
export const wireDiameter = 'Wire diameter';
export const bareCouldBeAny = (ALLOWED: string, value: number): string =>
  `${ALLOWED}; a bare ${value} could be any of three gauges`;

// problem.ts
export const receivedAllowedIs = (where: string, received: string, allowed: string): string =>
  `${where}: received ${received}; allowed is ${allowed}.`;
export const emptyField = 'an empty field';

// schemaProblem.ts
export const number = 'a number';
export const wholeNumber = 'a whole number';
export const trueOrFalse = 'true or false';
export const list = 'a list';
export const groupOfNamedFields = 'a group of named fields';
export const date = 'a date';
export const dateWrittenAsYear = 'a date written as year-month-day';
export const dateAndTime = 'a date and a time';
export const group = 'a group';
export const oneOf = (values: string): string => `one of ${values}`;
export const file = 'The file';
export const valueOfKind = (expected: string | number): string => `a value of the kind ${expected}`;
export const textOfForm = (pattern: string | number): string => `text of the form ${pattern}`;
export const onlyFieldsThatFormat = 'only the fields that the format knows';
export const groupWhoseKindIs = (options: string): string => `a group whose kind is ${options}`;
export const anotherName = 'another name';
export const anotherForm = 'another form';
export const fromTo = (what: string, min: number, max: number): string =>
  `${what} from ${min} to ${max}`;
export const above = (what: string, minimum: string): string => `${what} above ${minimum}`;
export const ofOrMore = (what: string, minimum: string): string => `${what} of ${minimum} or more`;
export const below = (what: string, maximum: string): string => `${what} below ${maximum}`;
export const ofOrLess = (what: string, maximum: string): string => `${what} of ${maximum} or less`;
export const ofAtMost = (what: string, maximum: string, of_: string): string =>
  `${what} of at most ${maximum} ${of_}`;
export const ofAtLeast = (what: string, minimum: string, of_: string): string =>
  `${what} of at least ${minimum} ${of_}`;

// parseNumber.ts
export const scale = 'Scale';
export const drops = { one: 'drop', other: 'drops' };

// readJson.ts
export const fileLine = (line: number): string => `The file, line ${line}`;
export const charactersOf = (count: number): string => `${count} characters`;
export const atMostCharacters = (most: number): string => `a text of at most ${most} characters`;
export const deeper = 'groups inside groups without end';
export const atMostDeep = (most: number): string => `at most ${most} groups inside each other`;
export const valuesOf = (count: number): string => `more than ${count - 1} values`;
export const atMostValues = (most: number): string => `at most ${most} values`;
export const plainData = 'plain text, numbers, lists and groups';
export const foreignObject = 'an object of another kind';
export const itsEnd = 'its end, too early';

// stretches.ts
export const stretchesSuchAs =
  'stretches of a day in order such as 9–12, 13:30–17, at most four, or nothing';
