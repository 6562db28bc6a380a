import { emptyCover } from "../cover/cover";
import { emptyCloth } from "../cloth/cloth";
import { beforeEach, expect, test, vi } from "vitest";
import { addCover, editText, removeCover, useBench } from "./benchStore";
import { cutFrom, cutFromAnother, editCloth, removeCloth } from "./benchCloth";
import { calledByThing, clothOf, coversOn, type JobDocument } from "./document";

const document: JobDocument = {
  heading: { name: "", client: "", place: "", unit: "in" },
  cloths: [{ ...emptyCloth, width: "54" }],
  covers: [{ id: "a", cover: emptyCover }],
};
const width = () => useBench.getState().document?.covers[0]?.cover.measures.width;

beforeEach(() => {
  vi.useFakeTimers();
  useBench.getState().open("job", document);
});

test("keys typed in one go are one step to undo", () => {
  editText("measures", "width", "2");
  editText("measures", "width", "21");
  vi.advanceTimersByTime(5000);
  editText("measures", "width", "21 1/4");
  useBench.getState().undo();
  expect(width()).toBe("21");
  useBench.getState().undo();
  expect(width()).toBeUndefined();
  useBench.getState().redo();
  useBench.getState().redo();
  expect(width()).toBe("21 1/4");
});

test("a new change after undo ends what could be redone", () => {
  editText("measures", "width", "21");
  useBench.getState().undo();
  editCloth({ width: "60" });
  expect(useBench.getState().future).toEqual([]);
  expect(useBench.getState().document?.cloths[0].width).toBe("60");
});

test("covers are added, taken off and brought back under their own id", () => {
  addCover({ name: "Back" });
  const added = useBench.getState().currentId!;
  expect(useBench.getState().document?.covers).toHaveLength(2);
  removeCover(added);
  expect(useBench.getState().currentId).toBe("a");
  useBench.getState().undo();
  expect(useBench.getState().document?.covers.map(({ id }) => id)).toEqual(["a", added]);
});

test("an emptied text is taken out and not kept as nothing", () => {
  editText("rules", "seam", "5/8");
  editText("rules", "seam", "");
  expect(useBench.getState().document?.covers[0]?.cover.rules).toEqual({});
});

const now = () => useBench.getState().document ?? document;

test("a cover cut from another cloth has its own, and what is typed changes that one alone", () => {
  addCover({ ...emptyCover, form: "fitted-sheet" });
  cutFromAnother();
  editCloth({ name: "Sheeting", width: "108" });
  const [first, second] = now().cloths;
  expect([first?.width, second?.width, second?.name]).toEqual(["54", "108", "Sheeting"]);
  expect(coversOn(now(), now().cloths[1] ?? emptyCloth).map((entry) => entry.cover.form)).toEqual([
    "fitted-sheet",
  ]);
  useBench.getState().choose("a");
  expect(clothOf(now(), now().covers[0]?.cover).width).toBe("54");
  cutFrom(second?.key ?? "");
  expect(coversOn(now(), now().cloths[0])).toEqual([]);
  cutFrom("");
  useBench.getState().undo();
  useBench.getState().undo();
  expect(clothOf(now(), now().covers[0]?.cover).width).toBe("54");
});

test("a cloth taken off leaves its covers on the first", () => {
  cutFromAnother();
  const { key } = now().cloths[1] ?? emptyCloth;
  removeCloth(key);
  expect(now().cloths).toHaveLength(1);
  expect(clothOf(now(), now().covers[0]?.cover).width).toBe("54");
});

test("covers without a name are called by their thing, and numbered where there are several", () => {
  addCover({ ...emptyCover, form: "duvet" });
  addCover();
  expect(now().covers.map((entry) => calledByThing(now(), entry))).toEqual([
    "Box cushion",
    "Duvet",
    "Box cushion 2",
  ]);
});
