import { describe, expect, it } from "vitest";
import { fineLength, foundOf, shownMove, sideTouched, typedMove } from "./fitting";

describe("what is found at a try-on", () => {
  it("is typed in the unit of the job, and taken in is below nothing", () => {
    expect([6, -4, 22, 16].map((move) => typedMove(move, "in"))).toEqual(["-3/8", "1/4", "-1 3/8", "-1"]);
    expect([6, -4].map((move) => typedMove(move, "mm"))).toEqual(["-6", "4"]);
    expect(typedMove(6, "cm")).toBe("-0.6");
  });

  it("is shown without its direction", () => {
    expect([6, -22, 16, 0].map((move) => shownMove(move, "in"))).toEqual(["3⁄8", "1 3⁄8", "1", "0"]);
    expect(shownMove(-6, "mm")).toBe("6");
    expect([fineLength(49.2, "in"), fineLength(812.8, "in"), fineLength(126.4, "cm")]).toEqual([
      "1 15⁄16 in",
      "32 in",
      "12.6 cm",
    ]);
  });

  it("is sent without the sides that stay", () => {
    expect(foundOf({ right: 6, left: 0, back: -4 }, "in")).toEqual([
      { side: "right", by: "-3/8" },
      { side: "back", by: "1/4" },
    ]);
  });

  it("goes from one side of a corner to the next at each touch", () => {
    const known = ["left", "right", "front", "back"];
    expect(sideTouched(["right", "front", "top"], known, "left")).toBe("right");
    expect(sideTouched(["right", "front", "top"], known, "right")).toBe("front");
    expect(sideTouched(["right", "front", "top"], known, "front")).toBe("right");
    expect(sideTouched(["top"], known, "right")).toBeNull();
  });
});
