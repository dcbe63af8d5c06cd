const RULES = new Intl.PluralRules('en');

/** The form of a word that goes with a number, by the plural rules of the language (Unicode CLDR). */
export const plural = (
  n: number,
  forms: { readonly one: string; readonly other: string },
): string => (RULES.select(n) === 'one' ? forms.one : forms.other);
