import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import { renderWithQueries } from "../../../testing";
import type { ShownRule } from "../../../model/cover/ruleGroups";
import { RuleField } from "./RuleField";

const seam: ShownRule = {
  name: "seam",
  label: "seam",
  group: "seams",
  isRare: false,
  isLength: true,
  usual: { in: "½ in", metric: "12 mm" },
};
const show = (text: string, houseRules: Record<string, string> = {}, wrong = false) =>
  renderWithQueries(<RuleField rule={seam} unit="in" text={text} houseRules={houseRules} wrong={wrong} />);

test("what stands when nothing is typed is shown, and whose it is", () => {
  show("");
  expect(screen.getByPlaceholderText("½ in")).toBeTruthy();
  expect(screen.getByText("usual")).toBeTruthy();
});

test("the house's default is marked", () => {
  show("", { seam: "5/8" });
  expect(screen.getByPlaceholderText("5/8")).toBeTruthy();
  expect(screen.getByText("house default")).toBeTruthy();
});

test("a wrong figure cannot be made the default", () => {
  show("5/8 ich", {}, true);
  expect(screen.queryByRole("button")).toBeNull();
  expect(screen.getByRole("textbox").getAttribute("aria-invalid")).toBe("true");
});

test("one touch writes the figure among the house's other rules", async () => {
  const written: unknown[] = [];
  vi.stubGlobal("fetch", async (request: Request) => {
    if (request.method === "PUT") {
      written.push(await request.json(), request.headers.get("If-Match"));
    }

    return new Response(JSON.stringify({ version: 4, house: { rules: { zip: "1" } }, problems: [] }), {
      headers: { "Content-Type": "application/json" },
    });
  });
  show("5/8");
  fireEvent.click(screen.getByRole("button", { name: "make usual" }));
  await waitFor(() =>
    expect(written).toEqual([{ rules: { zip: "1", seam: "5/8 in" }, shelf: [], schools: {} }, '"4"']),
  );
  vi.unstubAllGlobals();
});
