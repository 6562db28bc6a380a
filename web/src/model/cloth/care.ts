/** One thing a care label speaks of. */
export interface CareLine {
  line: string;
  text: string;
}

interface Line {
  name: string;
  /** What is about it. */
  about: RegExp;
  /** The strictest first: the first that a phrase matches is how strict it is. */
  strict: RegExp[];
}

const lines: Line[] = [
  {
    name: "washing",
    about: /wash|°|dry[- ]?clean|clean/i,
    strict: [
      /(not|never|no)\b.*(wash|clean)/i,
      /dry[- ]?clean|only clean/i,
      /hand/i,
      /cool|cold|\b(20|30)\b/i,
      /warm|\b40\b/i,
      /\b60\b/,
      /hot|\b9[05]\b/i,
    ],
  },
  { name: "bleach", about: /bleach/i, strict: [/(not|never|no)\b/i] },
  {
    name: "drying",
    about: /tumble|line|drip|dry flat/i,
    strict: [/(not|never|no)\b|line|drip|flat/i, /low|cool/i],
  },
  {
    name: "ironing",
    about: /iron|press|steam/i,
    strict: [/(not|never|no)\b/i, /cool|low/i, /damp|cloth/i, /warm|medium/i, /hot|high/i],
  },
];

/**
 * The care of what stays in the wash together: of each line the strictest that any of the cloths asks for, and what is none of
 * the lines as it is said.
 */
export function strictestCare(texts: string[]): CareLine[] {
  const phrases = texts.flatMap((text) => text.split(/[,;.]/)).flatMap((text) => text.trim() || []);
  const found = lines.flatMap(({ name, about, strict }) => {
    const own = phrases.filter((phrase) => about.test(phrase) && lineOf(phrase) === name);
    const rank = (phrase: string) => {
      const at = strict.findIndex((pattern) => pattern.test(phrase));
      return at < 0 ? strict.length : at;
    };
    const [first] = [...own].sort((one, other) => rank(one) - rank(other));
    return first ? [{ line: name, text: first }] : [];
  });
  const others = [...new Set(phrases.filter((phrase) => !lineOf(phrase)))];
  return [...found, ...others.map((text) => ({ line: "besides", text }))];
}

/** The line a phrase is about; ironing before washing: “iron under a damp cloth, washed” is about the iron. */
function lineOf(phrase: string): string | undefined {
  return ["ironing", "drying", "bleach", "washing"].find((name) =>
    lines.find((line) => line.name === name)?.about.test(phrase),
  );
}
