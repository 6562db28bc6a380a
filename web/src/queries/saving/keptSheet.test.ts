// @vitest-environment jsdom
import { beforeEach, expect, test } from "vitest";
import { emptyCover } from "../../model/cover/cover";
import { waiting, written } from "../../model/job/sheetFields";
import { loadRules } from "./documentRules";
import { filledOn, keepFilled, keepSeen, lookForSheets, seenSheet, type Sheet } from "./keptSheet";
import { useSetAside } from "./setAside";

beforeEach(async () => {
  localStorage.clear();
  useSetAside.setState({ aside: [] });
  await loadRules();
});

test("every key is kept on the phone and found again after the page was closed", () => {
  keepFilled("t", written(written({}, "seat", "width", "", "4"), "seat", "width", "", "48 1/2"));
  expect(filledOn("t")).toEqual({ seat: { width: { before: "", text: "48 1/2" } } });
  expect(waiting(filledOn("t"))).toBe(1);
  expect(filledOn("another")).toEqual({});
  keepFilled("t", { seat: {} });
  expect(localStorage).toHaveLength(0);
});

test.each(["{", "5", "[]", '{"seat":5}', '{"seat":{"width":"48"}}', '{"seat":{"width":{"text":48}}}'])(
  "measures an older page left that cannot be read (%s) are set aside in sight",
  async (text) => {
    localStorage.setItem("wrapper.sheet.t", text);
    await lookForSheets();
    expect(filledOn("t")).toEqual({});
    expect(useSetAside.getState().aside).toMatchObject([{ key: "sheet/t", text }]);
    expect(filledOn("t")).toEqual({});
    expect(localStorage.getItem("wrapper.sheet.t")).toBeNull();
  },
);

const sheet: Sheet = {
  name: "Saloon",
  place: "",
  unit: "in",
  catalogue: { forms: [] } as unknown as Sheet["catalogue"],
  covers: [{ id: "seat", cover: emptyCover }],
};

test("the sheet is shown as it was last seen, where that can be read", () => {
  keepSeen("t", sheet);
  expect(seenSheet("t")).toEqual(JSON.parse(JSON.stringify(sheet)));
  expect(seenSheet("another")).toBeNull();
});

test.each([
  null,
  5,
  {},
  { ...sheet, unit: "furlong" },
  { ...sheet, catalogue: null },
  { ...sheet, covers: [null] },
  { ...sheet, covers: [{ id: "seat", cover: {} }] },
  { ...sheet, covers: [{ id: "seat", cover: { ...emptyCover, form: "spaceship" } }] },
])("a sheet that cannot be read is none (%j)", (broken) => {
  localStorage.setItem("wrapper.sheet.t.seen", JSON.stringify(broken));
  expect(seenSheet("t")).toBeNull();
});
