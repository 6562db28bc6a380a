import { fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { renderWithQueries } from "../../../testing";
import { OwnFigureField } from "./OwnFigureField";

afterEach(() => vi.unstubAllGlobals());

const slip = (text: string) => ({ code: "slip", text, value: 1, shown: "1" });

/** Types a figure and answers it; what was asked is given back. */
function type(figure: string, answer: object, status = 200) {
  const asked: unknown[] = [];
  vi.stubGlobal("fetch", async (request: Request) => {
    asked.push(await request.json());
    return new Response(JSON.stringify(answer), {
      status,
      headers: { "Content-Type": "application/json" },
    });
  });
  renderWithQueries(
    <OwnFigureField
      label="I make it"
      placeholder="yards"
      against={{ cover: { unit: "in" }, yardage: null, cloth: null, for: "cloth" }}
    />,
  );
  fireEvent.change(screen.getByLabelText("I make it"), { target: { value: figure } });
  return asked;
}

test("the figure is asked with what it is held against, without the spaces round it", async () => {
  const asked = type(" 9 1/4 ", { agrees: true, differenceShown: "0", slips: [] });
  await waitFor(() => expect(screen.getByText("It agrees.")).toBeTruthy());
  expect(asked).toEqual([
    { cover: { unit: "in" }, yardage: null, cloth: null, for: "cloth", figure: "9 1/4" },
  ]);
});

test("two slips that explain it are both named, the likelier first, and no third", async () => {
  const slips = [slip("The second face is forgotten."), slip("One width only."), slip("Rounded down.")];
  type("4 3/4", { agrees: false, differenceShown: "−4¾ yd", slips });
  await waitFor(() => expect(screen.getByText(/It differs by/)).toBeTruthy());
  const said = screen.getByRole("status").textContent ?? "";
  expect(said).toContain("The second face is forgotten. Or: One width only.");
  expect(said).not.toContain("Rounded down");
});

test("a figure that nothing explains is to be added up once more", async () => {
  type("3", { agrees: false, differenceShown: "1 yd", slips: [] });
  await waitFor(() => expect(screen.getByText(/add it up once more/)).toBeTruthy());
});

test("where nothing explains it, the nearest slip is named with what remains", async () => {
  const nearest = {
    slip: { ...slip("The way round is taken at the raw edge."), shown: "28¼" },
    remaining: -6.96,
    remainingShown: "¼ in",
  };
  type("28", { agrees: false, differenceShown: "1⅞ in", slips: [], nearest });
  await waitFor(() => expect(screen.getByText(/No usual slip gives just this figure/)).toBeTruthy());
  const said = screen.getByRole("status").textContent ?? "";
  expect(said).toMatch(
    /The nearest gives .*28¼: yours is .*¼ in less\. The way round is taken at the raw edge\./,
  );
  expect(said).not.toContain("add it up");
});

test("what cannot be read is told in its own words, and the figure stays as typed", async () => {
  type("nine", { detail: "Your figure: “nine” is not a unit or a number." }, 422);
  await waitFor(() => expect(screen.getByText(/is not a unit or a number/)).toBeTruthy());
  expect((screen.getByLabelText("I make it") as HTMLInputElement).value).toBe("nine");
});

test("nothing is asked while nothing is typed", () => {
  const asked = type("", { agrees: true, differenceShown: "0", slips: [] });
  expect(screen.getByRole("status").textContent).toBe("");
  expect(asked).toEqual([]);
});
