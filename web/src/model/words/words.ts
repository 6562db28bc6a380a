/** A label as it stands within a sentence: small letters, but a letter that is a shape stays (“T, two ears”). */
export function inSentence(label: string): string {
  return /^[A-Z]\b/.test(label) ? label : label.toLowerCase();
}

/** So many joins. */
export const joins = (count: number) => (count === 1 ? "1 join" : `${count} joins`);
