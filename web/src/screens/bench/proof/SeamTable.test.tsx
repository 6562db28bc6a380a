import { fireEvent, render, screen } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Draft } from "../../../api/client";
import "../../../testing";
import { SeamTable } from "./SeamTable";

const side = (piece: string, number: number, shown: string) => ({
  piece,
  copy: 1,
  edge: "upper",
  length: 100,
  lengthShown: shown,
  side: number,
});
const seams = [
  {
    id: "end-1",
    sides: [side("boxing", 1, "4"), side("zip-boxing", 2, "4")],
    difference: 0,
    ease: 0,
    takes: null,
    meets: true,
  },
  {
    id: "top-front",
    sides: [side("plate", 1, "20"), side("boxing", 2, "19")],
    difference: 25.4,
    ease: 0,
    takes: null,
    meets: false,
  },
  {
    id: "skirt",
    sides: [side("plate", 1, "20"), side("skirt", 2, "40")],
    difference: 0,
    ease: 508,
    takes: null,
    meets: true,
  },
] as unknown as Draft["seams"];

const rows = () => screen.getAllByRole("rowheader").map((cell) => cell.textContent);

test("every seam stands with both its sides, and how many there are", () => {
  render(<SeamTable seams={seams} wrong={new Set()} lit={null} onLight={() => undefined} />);
  expect(screen.getByText("3 seams, measured on both sides")).toBeTruthy();
  expect(rows()).toEqual(["end 1", "top front", "skirt"]);
  const first = screen.getAllByRole("row")[0]?.textContent ?? "";
  expect(first).toContain("boxing: 4");
  expect(first).toContain("zip boxing: 4");
  expect(screen.getAllByRole("row")[2]?.textContent).toContain("gathered");
});

test("a seam that does not meet comes first and is told", () => {
  render(<SeamTable seams={seams} wrong={new Set(["top-front"])} lit={null} onLight={() => undefined} />);
  expect(screen.getByText("1 of 3 seams do not meet")).toBeTruthy();
  expect(rows()[0]).toBe("top front");
  expect(screen.getAllByRole("row")[0]?.textContent).toContain("open");
});

test("a seam that is touched, or reached by the keyboard, is lit on the cover", () => {
  const onLight = vi.fn();
  render(<SeamTable seams={seams} wrong={new Set()} lit="end-1" onLight={onLight} />);
  expect(screen.getAllByRole("row")[0]?.className).toContain("lit");
  fireEvent.focus(screen.getByRole("button", { name: "skirt" }));
  expect(onLight).toHaveBeenLastCalledWith("skirt");
  fireEvent.click(screen.getByRole("button", { name: "top front" }));
  expect(onLight).toHaveBeenLastCalledWith("top-front");
});
