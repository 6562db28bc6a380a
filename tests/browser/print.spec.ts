import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test, type Page } from "./house.js";
import { bench } from "./bench.js";

const cloth = [0xf4, 0xea, 0xd3].map((part) => (part / 255) * 100); // the cloth's colour, in the hundredths that are printed
const margin = 11 / 25.4;

interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** Prints the page as it stands: its text, and on each of its pages the boxes of the cloth, in inches. */
async function print(page: Page, format: "A4" | "Letter") {
  const folder = mkdtempSync(join(tmpdir(), "wrapper-print-"));
  try {
    const file = join(folder, "printed.pdf");
    await page.pdf({ path: file, format });
    const text = execFileSync("pdftotext", [file, "-"], { encoding: "utf8" });
    const pages = Number(/Pages:\s+(\d+)/.exec(execFileSync("pdfinfo", [file], { encoding: "utf8" }))?.[1]);
    const cloths: Box[][] = [];
    for (let number = 1; number <= pages; number++) {
      const drawn = execFileSync("pdftocairo", ["-svg", "-f", `${number}`, "-l", `${number}`, file, "-"], {
        encoding: "utf8",
        maxBuffer: 1 << 28,
      });
      cloths.push(clothsOf(drawn));
    }

    return { text, cloths };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** Every path that is filled with the cloth's colour, through its own matrix, in inches. */
function clothsOf(svg: string): Box[] {
  const isCloth = (path: string) => {
    const parts = /fill[:=]"?rgb\(([^)]*)\)/.exec(path)?.[1]?.split(",").map(Number.parseFloat) ?? [];
    return parts.length === 3 && parts.every((part, i) => Math.abs(part - (cloth[i] ?? 0)) < 0.3);
  };
  return [...svg.matchAll(/<path[^>]*>/g)]
    .filter(([path]) => isCloth(path))
    .map(([path]) => {
      const numbers = (text: string) => (text.match(/-?[\d.]+/g) ?? []).map(Number);
      const points = numbers(/ d="([^"]*)"/.exec(path)?.[1] ?? "");
      const [a, b, c, d, e, f] = numbers(/matrix\(([^)]*)\)/.exec(path)?.[1] ?? "1 0 0 1 0 0") as [
        number,
        number,
        number,
        number,
        number,
        number,
      ];
      const [xs, ys]: [number[], number[]] = [[], []];
      for (let i = 0; i + 1 < points.length; i += 2) {
        const [x, y] = [points[i] ?? 0, points[i + 1] ?? 0];
        xs.push((a * x + c * y + e) / 72);
        ys.push((b * x + d * y + f) / 72);
      }

      const [left, top] = [Math.min(...xs), Math.min(...ys)];
      return { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
    });
}

const papers = { A4: { width: 210 / 25.4, height: 297 / 25.4 }, Letter: { width: 8.5, height: 11 } } as const;

for (const job of ["teasel-armchair", "teasel-guest-cabin", "teasel-fitted-sheets", "teasel-saloon"]) {
  test(`the lays of ${job} are printed whole, over the whole width, in their true proportion`, async ({
    page,
  }) => {
    await page.goto(`/jobs/${job}/cutting-sheet`);
    await expect(page.getByRole("img", { name: /The lay/ }).first()).toBeVisible();
    const rows = await page
      .locator(".roll-on-paper .roll-row .roll-cloth")
      .evaluateAll((rects) =>
        rects.map((rect) => Number(rect.getAttribute("width")) / Number(rect.getAttribute("height"))),
      );
    const names = await page
      .locator(".cut-head > span:not(.visually-hidden)")
      .evaluateAll((cells) => cells.map((cell) => cell.firstChild?.textContent?.trim() ?? ""));
    const codes = await page.locator(".cut-code").allTextContents();
    const labels = await page.locator(".roll-on-paper .laid text").allTextContents();
    const leasts = await page.locator(".roll-on-paper .laid polygon").evaluateAll((polygons) =>
      polygons.map((polygon) => {
        const [piece, row] = [
          polygon.getBoundingClientRect(),
          polygon.closest("svg")?.getBoundingClientRect(),
        ];
        return row ? Math.min(piece.top - row.top, row.bottom - piece.bottom) : -1;
      }),
    );
    expect(names.length).toBeGreaterThan(0);
    expect(new Set(codes).size).toBe(codes.length);
    expect(codes.filter((code) => !labels.includes(code))).toEqual([]); // each piece is found on the cloth by its code
    expect(Math.min(...leasts)).toBeGreaterThan(-1); // nothing lies off the cloth's edges
    for (const format of ["A4", "Letter"] as const) {
      const { text, cloths } = await print(page, format);
      const paper = papers[format];
      const printed = cloths.flat();
      expect(printed).toHaveLength(rows.length);
      printed.forEach((box, i) => {
        expect(
          Math.abs(box.width / box.height / (rows[i] ?? 0) - 1),
          `row ${i + 1} on ${format}`,
        ).toBeLessThan(0.01);
        expect(box.left).toBeGreaterThan(margin - 0.02);
        expect(box.left + box.width).toBeLessThan(paper.width - margin + 0.02);
        expect(box.top).toBeGreaterThan(margin - 0.02);
        expect(box.top + box.height).toBeLessThan(paper.height - margin + 0.02);
      });
      const widest = Math.max(...printed.map((box) => box.width));
      expect(widest / (paper.width - 2 * margin), `the widest row on ${format}`).toBeGreaterThan(0.95);
      const flat = text.replace(/\s+/g, " ");
      for (const name of [...names, ...codes]) {
        expect(flat, `${name} on ${format}`).toContain(name.replace(/\s+/g, " ").split(" ")[0] ?? "");
      }
    }
  });
}

test("of the whole working only the working goes on paper", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  await page.getByRole("button", { name: "Whole working" }).click();
  await expect(page.getByRole("heading", { name: /the whole working/ })).toBeVisible();
  const { text } = await print(page, "A4");
  expect(text).toContain("Plate, cut width");
  expect(text).toContain("Seams, both sides");
  for (const other of ["Back to the bench", "Jobs", "Undo", "Companionway", "Saved", "Measure", "Print"]) {
    expect(text).not.toContain(other);
  }
});
