import { expect, it, vi } from "vitest";
import { jsonAnswer, yardage } from "../../testing";
import { yardageOf, type YardageBody } from "./useYardage";

const body = (drafts: string[]): YardageBody => ({
  unit: "in",
  houseRules: {},
  covers: [],
  cloths: null,
  cloth: { width: "54" },
  drafts,
  compare: true,
  steps: 600,
});

it("asks for the drafts of a large job in parts, and lays it once", async () => {
  const sent: YardageBody[] = [];
  vi.stubGlobal("fetch", async (request: Request) => {
    const asked = (await request.json()) as YardageBody;
    sent.push(asked);
    return jsonAnswer({
      ...yardage,
      left: asked.steps,
      covers: Object.fromEntries(asked.drafts.map((key) => [key, { checks: [] }])),
    });
  });
  const keys = Array.from({ length: 60 }, (_, i) => `cover-${i}`);
  const answer = await yardageOf(body(keys), new AbortController().signal);
  expect(Object.keys(answer.covers)).toEqual(keys);
  expect(answer).toMatchObject({ left: 600 });
  expect(sent.map(({ steps, compare, drafts }) => [steps, compare, drafts.length])).toEqual([
    [600, true, 25],
    [1, false, 25],
    [1, false, 10],
  ]);

  sent.length = 0;
  await yardageOf(body([]), new AbortController().signal);
  expect(sent).toHaveLength(1);
});
