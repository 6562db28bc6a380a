import { fireEvent, render, screen } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import { sum } from "../../../testing";
import { WorkingLine } from "./WorkingLine";

const perimeter = { ...sum, for: "P", name: "Perimeter" };

test("the sum stands in one line with the names of its figures, and says who gave them", () => {
  render(<WorkingLine working={sum} lines={[sum]} onTouch={() => {}} />);
  expect(screen.getByText("Plate, cut width")).toBeTruthy();
  expect(screen.getByText("seam").title).toBe("the house’s default");
  expect(screen.getByText("perimeter").tagName).toBe("SPAN");
});

test("a figure that was itself worked out leads on to its own sum", () => {
  const onTouch = vi.fn();
  render(<WorkingLine working={sum} lines={[sum, perimeter]} onTouch={onTouch} />);
  fireEvent.click(screen.getByRole("button", { name: "perimeter" }));
  expect(onTouch).toHaveBeenCalledWith("P");
});
