import { beforeEach, expect, test, vi } from "vitest";
import { addCloth, takeWidth } from "./benchCloth";
import { useBench } from "./benchStore";
import { emptyCloth } from "../cloth/cloth";
import { clothsByKey } from "./document";

const cloth = () => useBench.getState().document?.cloths[0] ?? emptyCloth;

beforeEach(() => {
  useBench.getState().open("job", {
    heading: { name: "", client: "", place: "", unit: "in" },
    cloths: [{ ...emptyCloth, width: "54", price: "18.50" }],
    covers: [],
  });
});

test("another width takes its own price along, and the one it had keeps its own", () => {
  useBench.getState().edit("test", (document) => ({
    ...document,
    cloths: [
      {
        ...document.cloths[0],
        soldIn: [
          { width: "60", price: "21" },
          { width: "280 cm", price: "" },
        ],
      },
    ],
  }));
  takeWidth(cloth(), "60 in");
  expect(cloth()).toMatchObject({ width: "60 in", price: "21" });
  expect(cloth().soldIn).toContainEqual({ width: "54", price: "18.50" });
  takeWidth(cloth(), "280 cm");
  expect(cloth()).toMatchObject({ width: "280 cm", price: "" }); // nobody has said what it costs
  expect(cloth().soldIn).toContainEqual({ width: "60 in", price: "21" });
  takeWidth(cloth(), "54 in");
  expect(cloth()).toMatchObject({ width: "54 in", price: "18.50" });
  expect(cloth().soldIn.filter(({ width }) => width.startsWith("60"))).toHaveLength(1);
});

test("where nobody has said in which widths it is sold, another width has no price", () => {
  takeWidth(cloth(), "60 in");
  expect(cloth()).toMatchObject({ width: "60 in", price: "", soldIn: [] });
});

test("the cloths of a job are sent in their order, whatever key chance gives", () => {
  vi.spyOn(crypto, "randomUUID").mockReturnValue("99990164-0000-4000-8000-000000000000");
  addCloth((cover) => cover);
  const { document } = useBench.getState();
  expect(document!.cloths).toHaveLength(2);
  expect(Object.keys(clothsByKey(document!))[0]).toBe("main");
});
