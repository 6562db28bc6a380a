const parts: Record<string, number> = {
  "½": 1 / 2,
  "¼": 1 / 4,
  "¾": 3 / 4,
  "⅛": 1 / 8,
  "⅜": 3 / 8,
  "⅝": 5 / 8,
  "⅞": 7 / 8,
};
const millimetres: Record<string, number> = { in: 25.4, cm: 10, mm: 1 };

/**
 * A length as it is typed at the table, in the job's unit, in millimetres: “12”, “12.5”, “12½”, “12 1/2”.
 * Null where it is none; empty is none.
 */
export function readFigure(text: string, unit: string): number | null {
  const match = /^\s*(\d+(?:[.,]\d+)?)?\s*(?:([½¼¾⅛⅜⅝⅞])|(\d+)\s*[/⁄]\s*(\d+))?\s*$/.exec(text);
  if (!match || text.trim() === "") {
    return null;
  }

  const [, whole, sign, over, under] = match;
  const part = sign ? (parts[sign] ?? 0) : over && under ? Number(over) / Number(under) : 0;
  const value = Number((whole ?? "0").replace(",", ".")) + part;
  return Number.isFinite(value) ? value * (millimetres[unit] ?? 1) : null;
}
