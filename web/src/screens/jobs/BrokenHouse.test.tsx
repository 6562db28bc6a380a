import { fireEvent, screen, waitFor } from "@testing-library/react";
import { beforeEach, expect, test, vi } from "vitest";
import { useSetAside } from "../../queries/saving/setAside";
import { renderWithQueries } from "../../testing";
import { BrokenHouse } from "./BrokenHouse";

const stored = '{ "rules": { "seam": 5 } }';
const problem = "“rules.seam” must be text, not a number. Replace it.";

beforeEach(() => {
  localStorage.clear();
  useSetAside.setState({ aside: [] });
});

test("the stored settings are set aside before the readable ones are written over them", async () => {
  let problems = [problem];
  const done: string[] = [];
  vi.stubGlobal("fetch", async (asked: Request | string) => {
    const [method, path] =
      typeof asked === "string" ? ["GET", asked] : [asked.method, new URL(asked.url).pathname];
    done.push(`${method} ${path} aside ${useSetAside.getState().aside.length}`);
    if (path.endsWith("/stored")) {
      return new Response(stored, { headers: { "Content-Type": "text/plain" } });
    }

    problems = method === "PUT" ? [] : problems;
    return new Response(JSON.stringify({ version: 4, house: { rules: {} }, pace: {}, problems }), {
      headers: { "Content-Type": "application/json" },
    });
  });
  renderWithQueries(<BrokenHouse />);
  expect(await screen.findByText(problem)).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Keep what can be read" }));
  await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
  expect(useSetAside.getState().aside).toMatchObject([{ key: "house", text: stored }]);
  expect(done.find((one) => one.startsWith("PUT"))).toBe("PUT /api/house aside 1");
  vi.unstubAllGlobals();
});
