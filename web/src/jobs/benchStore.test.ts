import { beforeEach, expect, test, vi } from "vitest";
import { addCover, editCloth, editText, removeCover, useBench } from "./benchStore";
import { emptyCover, type JobDocument } from "./document";

const document: JobDocument = {
  heading: { name: "", client: "", place: "", unit: "in" },
  cloth: { name: "", width: "54", selvage: "", nap: "either", repeatLength: "", price: "" },
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
  expect(useBench.getState().document?.cloth.width).toBe("60");
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
