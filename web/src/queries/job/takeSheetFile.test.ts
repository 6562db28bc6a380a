// @vitest-environment jsdom
import { beforeEach, expect, test } from "vitest";
import { useBench } from "../../model/job/benchStore";
import { emptyCloth } from "../../model/cloth/cloth";
import { emptyCover } from "../../model/cover/cover";
import { takeSheetFile } from "./takeSheetFile";

const fields = [
  { measure: "width", note: false, before: "", text: "22" },
  { measure: "depth", note: false, before: "", text: "19" },
  { measure: "depth", note: true, before: "", text: "wall leans" },
];
const cover = { id: "a", name: "", entries: fields };
const take = (content: unknown) =>
  takeSheetFile(new File([typeof content === "string" ? content : JSON.stringify(content)], "a.sheet.json"));

beforeEach(() =>
  useBench.getState().open("job", {
    heading: { name: "", client: "", place: "", unit: "in" },
    cloths: [emptyCloth],
    covers: [{ id: "a", cover: { ...emptyCover, measures: { width: "21" } } }],
  }),
);
const onBench = () => useBench.getState().document?.covers[0]?.cover;

test("fields go where they belong; another figure than the bench’s becomes a second reading", async () => {
  expect(await take({ wrapperSheet: 1, job: "Saloon", covers: [cover] })).toBe("Took in 3 fields.");
  expect(onBench()).toMatchObject({
    measures: { width: "21", depth: "19" },
    secondReadings: { width: "22" },
    notes: { depth: "wall leans" },
  });
});

test("what belongs to a thing this job does not have is told of", async () => {
  const gone = { id: "gone", entries: fields.slice(0, 1) };
  expect(await take({ wrapperSheet: 1, covers: [gone, cover] })).toBe(
    "Took in 3 fields; 1 field of things this job does not have left out.",
  );
  expect(await take({ wrapperSheet: 1, covers: [gone] })).toMatch(/^Took in 0 fields; 1 field/);
});

test.each([
  "{",
  "{}",
  "null",
  { wrapperSheet: 2, covers: [] },
  { wrapperSheet: 1, covers: [cover, null] },
  { wrapperSheet: 1, covers: [cover, { id: "a", entries: null }] },
  { wrapperSheet: 1, covers: [{ ...cover, entries: [...fields, { measure: "width" }] }] },
  { wrapperSheet: 1, covers: [{ ...cover, entries: [{ ...fields[0], text: 22 }] }] },
  { wrapperSheet: 1, covers: [{ ...cover, entries: [{ ...fields[0], text: "9".repeat(2001) }] }] },
])("a file that is not a measuring sheet’s changes nothing (%j)", async (content) => {
  const before = onBench();
  expect(await take(content)).toBe(
    "This is not a measuring sheet’s file. Choose the file that the phone saved.",
  );
  expect(onBench()).toBe(before);
});
