import type { Print } from "../../api/client";
import { beforeEach, expect, it } from "vitest";
import { useBench } from "./benchStore";
import { emptyCloth } from "../cloth/cloth";
import { emptyCover } from "../cover/cover";
import { leadPrint, nearest } from "./printLed";

const print: Print = {
  kind: "motif",
  ground: "#ffffff",
  ink: "#000000",
  figure: 40,
  width: 254,
  length: 304.8,
  halfDrop: false,
  x: 0,
  y: 0,
  picture: null,
};

beforeEach(() =>
  useBench.setState({
    document: {
      heading: { name: "", client: "", place: "", unit: "in" },
      cloths: [{ ...emptyCloth, key: "main", repeatWidth: "10", repeatLength: "12" }],
      covers: [{ id: "a", cover: emptyCover }],
    },
    currentId: "a",
    past: [],
  }),
);

it("a print is led no further than half a repeat each way; over two columns where it drops", () => {
  expect(nearest({ across: 260, along: -310 }, print)).toEqual({
    across: 6,
    along: expect.closeTo(-5.2) as number,
  });
  expect(nearest({ across: 260, along: 0 }, { ...print, halfDrop: true }).across).toBe(-248);
  expect(nearest({ across: 30, along: 30 }, { ...print, length: 0 })).toEqual({ across: 30, along: 0 });
});

it("what is dragged is written as a hand would say it, with where the motif stands, in one step to undo", () => {
  leadPrint({ across: 38.2, along: -25.4 }, print, "in", "main");
  const led = useBench.getState().document;
  expect(led?.covers[0]?.cover.options).toEqual({ printAcross: "1 1/2", printAlong: "-1" });
  expect(led?.cloths[0].motif).toBe("(10) / 2");
  useBench.getState().undo();
  expect(useBench.getState().document?.covers[0]?.cover.options).toEqual({});
  expect(useBench.getState().document?.cloths[0].motif).toBe("");
});

it("a motif that was measured on the cloth stays where it was measured", () => {
  useBench
    .getState()
    .edit("test", (document) => ({ ...document, cloths: [{ ...document.cloths[0], motif: "7" }] }));
  leadPrint({ across: 0, along: 0 }, print, "in", "main");
  expect(useBench.getState().document?.cloths[0].motif).toBe("7");
});
