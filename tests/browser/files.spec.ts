import { readFile } from "node:fs/promises";
import { expect, test, type Page } from "./house.js";
import { createRequire } from "node:module";
import type { DxfParser as Parser, IPolylineEntity } from "dxf-parser";
import { expectClean } from "./axe.js";
import { bench, jobOf } from "./bench.js";

/** The package is of the older kind, which only its own loader finds. */
const DxfParser = createRequire(import.meta.url)("dxf-parser") as typeof Parser;

const hundredth = 0.01;
/** A flattened outline lies outside its arcs by a twentieth on either side. */
const flattened = 0.1;

interface Piece {
  key: string;
  name: string;
  outline: [number, number][];
  cutWidth: number;
  cutLength: number;
}

/** The box round a line with bulges, arcs included. */
function boxOf({ vertices }: IPolylineEntity) {
  const points = vertices.flatMap((from, i) => {
    const to = vertices[(i + 1) % vertices.length];
    if (!to || !from.bulge) {
      return [from];
    }

    const angle = 4 * Math.atan(from.bulge);
    const off = (1 - from.bulge ** 2) / (4 * from.bulge);
    const middle = {
      x: (from.x + to.x) / 2 - (to.y - from.y) * off,
      y: (from.y + to.y) / 2 + (to.x - from.x) * off,
    };
    const steps = 4000;
    return Array.from({ length: steps }, (_, step) => {
      const turn = (angle * step) / steps;
      const [dx, dy] = [from.x - middle.x, from.y - middle.y];
      return {
        x: middle.x + dx * Math.cos(turn) - dy * Math.sin(turn),
        y: middle.y + dx * Math.sin(turn) + dy * Math.cos(turn),
      };
    });
  });
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  return {
    width: Math.max(...xs) - Math.min(...xs),
    height: Math.max(...ys) - Math.min(...ys),
  };
}

const extent = (values: number[]) => Math.max(...values) - Math.min(...values);

const covers = {
  "a box with square corners": {
    unit: "in",
    form: "box-cushion",
    measures: { width: "21 1/4", depth: "19", thickness: "4" },
    options: { piping: "both" },
  },
  "a cushion with rounded corners": {
    unit: "mm",
    form: "box-cushion",
    measures: { width: 540, depth: 480, thickness: 100, cornerRadius: 60 },
  },
  "a round table": {
    unit: "mm",
    form: "table",
    measures: { shape: "round", diameter: 900, drop: 200 },
  },
  "a wrap with its corners opened": {
    unit: "mm",
    form: "box-cushion",
    construction: "wrap-folded",
    measures: { width: 540, depth: 480, thickness: 100 },
  },
};

for (const [name, cover] of Object.entries(covers)) {
  test(`another program reads the patterns of ${name} as they were drafted`, async ({ request }) => {
    const draft = (await (await request.post("/api/draft", { data: cover })).json()) as { pieces: Piece[] };
    const answer = await request.post("/api/files", { data: { what: "patterns", format: "dxf", cover } });
    expect(answer.headers()["content-type"]).toContain("image/vnd.dxf");
    const drawing = new DxfParser().parseSync(await answer.text());
    const lines = (drawing?.entities ?? []).filter(
      (entity): entity is IPolylineEntity => entity.type === "POLYLINE",
    );
    const cut = lines.filter((line) => line.layer === "cut");
    expect(cut).toHaveLength(draft.pieces.length);
    expect(lines.filter((line) => line.layer === "stitch")).toHaveLength(draft.pieces.length);
    expect(cut.every((line) => line.shape)).toBe(true); // closed
    draft.pieces.forEach((piece, i) => {
      const line = cut[i];
      if (!line) {
        throw new Error(`${piece.key} is not drawn`);
      }

      const box = boxOf(line);
      const curved = line.vertices.some((vertex) => vertex.bulge);
      const near = curved ? flattened : hundredth;
      expect(Math.abs(box.width - extent(piece.outline.map(([x]) => x)))).toBeLessThan(near);
      expect(Math.abs(box.height - extent(piece.outline.map(([, y]) => y)))).toBeLessThan(near);
    });
    const texts = (drawing?.entities ?? []).filter((entity) => entity.type === "TEXT");
    for (let i = 1; i <= draft.pieces.length; i++) {
      expect(texts.map((entity) => (entity as unknown as { text: string }).text)).toContain(`A${i}`);
    }

    const layers = Object.keys(drawing?.tables.layer.layers ?? {});
    expect(layers).toEqual(
      expect.arrayContaining([
        "cut",
        "stitch",
        "notch",
        "fold",
        "dart",
        "corner",
        "drill",
        "grain",
        "nap",
        "zip",
        "text",
      ]),
    );
  });
}

async function taken(page: Page, name: string): Promise<string> {
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name, exact: true }).click();
  return readFile(await (await download).path(), "latin1");
}

test("one place on the bench has all files, of the job as it stands there", async ({ page }) => {
  await page.goto("/jobs/teasel-ottoman");
  await bench.settled(page);
  await page.getByRole("button", { name: "Files", exact: true }).click();
  await expectClean(page);
  expect(await taken(page, "Patterns, true size as SVG")).toContain("<svg");
  expect(await taken(page, "Patterns, true size as DXF")).toContain("AC1009");
  expect((await taken(page, "Patterns, true size as ZIP")).slice(0, 2)).toBe("PK");
  expect(await taken(page, "The lay, true size as SVG")).toContain("<svg");
  expect(await taken(page, "The lay, true size as DXF")).toContain("POLYLINE");
  expect(await taken(page, "Cut list as CSV")).toContain("Code,Cover,Piece");
  expect(await taken(page, "What to buy as CSV")).toContain("cloth,");
});

test("a whole job goes out as a file and comes in again as it stood, also what was typed unreadable", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  await page.getByRole("button", { name: "Files", exact: true }).click();
  const text = await taken(page, "The whole job as JSON");
  const job = JSON.parse(Buffer.from(text, "latin1").toString("utf8")) as {
    format: number;
    name: string;
    covers: object[];
  };
  expect(job.format).toBe(2);
  await page.goto("/");
  await page.getByLabel("A job file").setInputFiles({
    name: "job.json",
    mimeType: "application/json",
    buffer: Buffer.from(text, "latin1"),
  });
  await page.waitForURL(/\/jobs\/(?!teasel)/);
  await bench.settled(page);
  const id = jobOf(page);
  const again = (await (await page.request.get(`/api/jobs/${id}/export`)).json()) as typeof job;
  const plain = (file: typeof job) => ({
    ...file,
    id: "",
    covers: file.covers.map((cover) => ({ ...cover, id: "" })),
  });
  expect(plain(again)).toEqual(plain(job));
  await page.request.delete(`/api/jobs/${id}`, { headers: { "If-Match": '"1"' } });
});

test("a file that is no job is refused and said", async ({ page }) => {
  await page.goto("/");
  const pick = page.getByLabel("A job file");
  await pick.setInputFiles({ name: "song.json", mimeType: "application/json", buffer: Buffer.from("la la") });
  await expect(page.getByRole("alert")).toContainText("not a job file");
  await pick.setInputFiles({
    name: "later.json",
    mimeType: "application/json",
    buffer: Buffer.from('{ "format": 9 }'),
  });
  await expect(page.getByRole("alert")).toContainText("later version");
});

test("a job with nothing measured says so and hands out nothing", async ({ page }) => {
  await page.goto("/");
  const made = await page.request.post("/api/jobs", { data: { name: "Nothing yet", unit: "in" } });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/jobs/${id}`);
  await page.getByRole("button", { name: "Files", exact: true }).click();
  await page.getByRole("button", { name: "Cut list as CSV", exact: true }).click();
  await expect(page.getByRole("dialog", { name: "Files" }).getByRole("status")).toContainText(
    "No cover can be drafted yet",
  );
  await page.request.delete(`/api/jobs/${id}`, { headers: { "If-Match": '"1"' } });
});
