import { fireEvent, render, screen } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import "../../../testing";
import { MeasureField } from "./MeasureField";

const depth = {
  name: "depth",
  label: "Depth",
  guidance: "Front to back.",
  axis: "depth",
  exampleInches: "19",
  exampleMillimetres: "480 mm",
  kind: "length",
  place: "front-bottom",
  exampleOfInches: 533.4,
  exampleOfMillimetres: 540,
  least: 60,
  most: 3500,
  optional: false,
  mayBeZero: false,
  rule: null,
};

function show(text: string, wrong = false) {
  const handlers = { onChange: vi.fn(), onWalk: vi.fn() };
  render(<MeasureField measure={depth} unit="in" text={text} wrong={wrong} {...handlers} />);
  return { field: screen.getByRole<HTMLInputElement>("textbox"), ...handlers };
}

test("the field takes the focus with its text selected, so that typing replaces it", () => {
  const { field } = show("19");
  expect(document.activeElement).toBe(field);
  expect([field.selectionStart, field.selectionEnd]).toEqual([0, 2]);
});

test("Enter and the arrows walk the measures, typing is handed on as typed", () => {
  const { field, onChange, onWalk } = show("19");
  fireEvent.keyDown(field, { key: "Enter" });
  fireEvent.keyDown(field, { key: "ArrowDown" });
  fireEvent.keyDown(field, { key: "ArrowUp" });
  fireEvent.keyDown(field, { key: "Enter", shiftKey: true });
  fireEvent.keyDown(field, { key: "7" });
  expect(onWalk.mock.calls.flat()).toEqual([1, 1, -1, -1]);
  fireEvent.change(field, { target: { value: " 54,5 cm" } });
  expect(onChange).toHaveBeenCalledWith(" 54,5 cm");
});

test("a wrong entry is marked, and a long sum still fits", () => {
  const { field } = show("36 + 14 1/2 + 3", true);
  expect(field.getAttribute("aria-invalid")).toBe("true");
  expect(parseInt(field.style.fontSize)).toBeLessThan(30);
});
