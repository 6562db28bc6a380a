const vulgar: Record<string, [string, string]> = {
  "½": ["1", "2"],
  "¼": ["1", "4"],
  "¾": ["3", "4"],
  "⅛": ["1", "8"],
  "⅜": ["3", "8"],
  "⅝": ["5", "8"],
  "⅞": ["7", "8"],
};

/** Takes a written figure apart: “22¼” is 22 and 1 over 4; “3 1⁄16” is 3 and 1 over 16. */
export function splitFigure(text: string): { whole: string; over?: string; under?: string } {
  const last = text.at(-1) ?? "";
  const sign = vulgar[last];
  if (sign) {
    return { whole: text.slice(0, -1), over: sign[0], under: sign[1] };
  }

  const match = /^(.*?)\s*(\d+)⁄(\d+)$/.exec(text);
  return match ? { whole: match[1] ?? "", over: match[2] ?? "", under: match[3] ?? "" } : { whole: text };
}

/** About how wide a written figure is with its fraction stacked, at letters of this height. */
export function widthOfFigure(text: string, size: number): number {
  const { whole, over = "", under = "" } = splitFigure(text);
  return size * (whole.length * 0.66 + (over ? (over.length + under.length) * 0.47 + 0.45 : 0));
}

const quarters = ["", "¼", "½", "¾"];

/** A long length as the shop says it: quarter yards in an inch job, else decimals of a metre. */
export function running(millimetres: number, unit: "in" | "cm" | "mm"): string {
  if (unit !== "in") {
    return `${(millimetres / 1000).toFixed(1)} m`;
  }

  const all = Math.round(millimetres / 228.6);
  return `${Math.floor(all / 4) || ""}${quarters[all % 4]} yd`;
}

/** A length a screen works with, as a tape shows it: to a quarter of an inch, or to whole millimetres. */
export function lengthShown(millimetres: number, unit: "in" | "cm" | "mm"): string {
  if (unit !== "in") {
    return `${unit === "cm" ? (Math.round(millimetres) / 10).toFixed(1) : Math.round(millimetres)} ${unit}`;
  }

  const count = Math.round(millimetres / 6.35);
  const [whole, part] = [Math.floor(count / 4), quarters[count % 4] ?? ""];
  return `${whole === 0 && part ? "" : whole}${part} in`;
}
