import { expect, test } from "vitest";
import { clothFrom, clothTo, emptyCloth, type Cloth } from "../cloth/cloth";
import { coverFrom, coverTo, emptyCover, type Cover } from "../cover/cover";

const everything: Cover = {
  ...emptyCover,
  name: "Hull seat",
  shape: "outline",
  measures: { thickness: "4", cornerRadius: "one or so" },
  secondReadings: { thickness: "4 1/8" },
  readingUse: { thickness: "mean" },
  notes: { "": "by the hatch" },
  cut: [1],
  schools: { finish: "first", ring: "front" },
  rules: { "fit.thickness": "-3/8" },
  options: { piping: "both" },
  padding: [{ thickness: "1/2", how: "all-over", turns: "2" }],
  lists: {
    points: [{ x: "0", y: "0", rise: "" }],
    legs: ["2", "2"],
    corrections: [{ side: "left", by: "1/4" }],
  },
  cloth: "lining",
  count: "six",
};

test("a cover goes to the store and comes back as it stood, also what could not be read", () => {
  expect(coverFrom(coverTo(everything))).toEqual(everything);
  expect(coverFrom(coverTo(emptyCover))).toEqual(emptyCover);
});

test("in JSON its shape and its lists stand with its measures and its choices", () => {
  expect(coverTo(everything)).toMatchObject({
    measures: { shape: "outline", thickness: "4", points: [{ x: "0", y: "0", rise: "" }] },
    options: {
      piping: "both",
      legs: ["2", "2"],
      padding: [{ thickness: "1/2", how: "all-over", turns: "2" }],
    },
    cloth: "lining",
    count: "six",
  });
  expect(coverTo(everything)).not.toHaveProperty("lists");
});

test("what another program stored as numbers and groups is shown as one would type it", () => {
  const cover = coverFrom({
    form: "mattress",
    measures: { width: 900, length: "190 cm" },
    rules: { fit: { thickness: -10 }, seam: "12" },
    options: { slidePocket: true, padding: 6 },
    count: 3,
  });
  expect(cover.measures).toEqual({ width: "900 mm", length: "190 cm" });
  expect(cover.rules).toEqual({ "fit.thickness": "-10 mm", seam: "12" });
  expect(cover.options).toEqual({ slidePocket: "true" });
  expect(cover.padding).toEqual([{ thickness: "6 mm", how: "top-and-bottom", turns: "1" }]);
  expect(cover.shape).toBe(""); // the form’s first
  expect(cover.count).toBe("3");
});

test("a cloth goes to the store and comes back as it was", () => {
  const cloth: Cloth = {
    ...emptyCloth,
    width: "54 wide?",
    repeatLength: "12 1/2",
    match: "half-drop",
    shrinkageAlong: "3",
    flaws: [{ from: "20", to: "22", left: "", right: "" }],
    remnants: [{ name: "Bin 4", width: "30", length: "26" }],
  };
  expect(clothFrom(clothTo(cloth))).toEqual(cloth);
  expect(clothTo(cloth).repeat).toMatchObject({ length: "12 1/2", match: "half-drop" });
});
