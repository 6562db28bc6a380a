import { emptyCover } from "../cover/cover";
import { emptyCloth } from "../cloth/cloth";
import { expect, test } from "vitest";
import { type JobDocument } from "./document";
import { inUnit, withUnit } from "./switchUnit";

test.each([
  ["21 1/4", "21 1/4 in"],
  ["36 + 14 1/2", "36 + 14 1/2 in"],
  ["½", "½ in"],
  ["54 cm", "54 cm"],
  ["1' 9\"", "1' 9\""],
  ["5%", "5%"],
  ["", ""],
  ["soon", "soon"],
  ["-3/8", "-3/8 in"],
])("%s in an inch job is %s in any", (text, expected) => expect(withUnit(text, "in")).toBe(expected));

const job: JobDocument = {
  heading: { name: "", client: "", place: "", unit: "in" },
  cloths: [
    {
      ...emptyCloth,
      width: "54",
      selvage: "1/2",
      price: "18.50",
      face: { kind: "stripe", ground: "#ffffff", ink: "#112233", figure: "1 1/2", picture: "" },
    },
    { ...emptyCloth, key: "b", width: "90" },
  ],
  covers: [
    {
      id: "a",
      cover: {
        ...emptyCover,
        measures: { width: "21 1/4", depth: "48 cm" },
        secondReadings: { width: "21" },
        rules: { seam: "5/8", fullness: "2", "shrinkage.along": "5%" },
        options: { piping: "both", zipShare: "0.5", medallion: "12" },
        padding: [{ thickness: "1/4", how: "top", turns: "2" }],
        pieced: {
          top: {
            run: "along",
            parts: [
              { cloth: "b", width: "4" },
              { cloth: "", width: "" },
            ],
          },
        },
        lists: {
          points: "0, 0; 20, 0, 1; 20, 16",
          zones: [{ name: "Arm 2", width: "24", count: "2", tucks: ["left"] }],
          corrections: [{ side: "left", by: "-3/8" }],
        },
        count: "3",
      },
    },
  ],
};

test("every length of a job keeps what it was, and nothing else is touched", () => {
  const {
    heading,
    cloths: [cloth, other],
    covers,
  } = inUnit(job, "mm", (name) => name === "seam");
  expect(heading.unit).toBe("mm");
  expect([cloth.width, cloth.selvage, cloth.repeatLength, cloth.price]).toEqual([
    "54 in",
    "1/2 in",
    "",
    "18.50",
  ]);
  expect(other?.width).toBe("90 in");
  expect(cloth.face).toEqual({
    kind: "stripe",
    ground: "#ffffff",
    ink: "#112233",
    figure: "1 1/2 in",
    picture: "",
  });
  expect(covers[0]?.cover.pieced).toEqual({
    top: {
      run: "along",
      parts: [
        { cloth: "b", width: "4 in" },
        { cloth: "", width: "" },
      ],
    },
  });
  const cover = covers[0]!.cover;
  expect(cover.measures).toEqual({ width: "21 1/4 in", depth: "48 cm" });
  expect(cover.secondReadings).toEqual({ width: "21 in" });
  expect(cover.rules).toEqual({ seam: "5/8 in", fullness: "2", "shrinkage.along": "5%" });
  expect(cover.options).toEqual({ piping: "both", zipShare: "0.5", medallion: "12 in" });
  expect(cover.padding).toEqual([{ thickness: "1/4 in", how: "top", turns: "2" }]);
  expect(cover.lists.points).toEqual([
    { x: "0 in", y: "0 in" },
    { x: "20 in", y: "0 in", rise: "1 in" },
    { x: "20 in", y: "16 in" },
  ]);
  expect(cover.lists.zones).toEqual([{ name: "Arm 2", width: "24 in", count: "2", tucks: ["left"] }]);
  expect(cover.lists.corrections).toEqual([{ side: "left", by: "-3/8 in" }]);
  expect(cover.count).toBe("3");
  expect(inUnit(job, "in", () => true)).toBe(job);
});
