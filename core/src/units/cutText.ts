/**
 * Text cut to at most so many UTF-16 units, which is what documents count, between characters as a
 * reader sees them: no half of a pair and no accent without its letter is left (Unicode annex 29).
 */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text;
  let cut = '';
  for (const { segment } of new Intl.Segmenter().segment(text)) {
    if (cut.length + segment.length > most) break;
    cut += segment;
  }
  return cut;
}
