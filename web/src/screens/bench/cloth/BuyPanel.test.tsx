import { emptyCover } from "../../../model/cover/cover";
import { emptyCloth } from "../../../model/cloth/cloth";
import { fireEvent, render, screen } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Check, Width } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import { yardage } from "../../../testing";
import { BuyPanel } from "./BuyPanel";

const check = (
  code: string,
  text: string,
  brief: string | null,
  level: Check["level"] = "warning",
): Check => ({
  level,
  code,
  text,
  measure: "plates",
  mend: null,
  mends: [],
  position: null,
  concerns: "cloth",
  brief,
});
const width = (name: string, change: Partial<Width> = {}): Width => ({
  name,
  width: 1000,
  buy: "3 yd",
  length: 2743.2,
  cost: null,
  waste: 0.1,
  joins: 0,
  marks: [],
  checks: [],
  ...change,
});
const widths = [
  width("45 in", {
    joins: 1,
    checks: [check("piece-wider-than-cloth", "it lies turned a quarter", "plates turned")],
  }),
  width("54 in", { joins: 4, checks: [check("join-on-front", "at its thirds", "front joined")] }),
  width("60 in", {
    buy: null,
    checks: [check("piece-wider-than-cloth", "choose a wider cloth", null, "error")],
  }),
  width("280 cm", { marks: ["least-cloth", "fewest-joins"], cost: 72.5 }),
];
const show = (change = {}) =>
  render(
    <BuyPanel
      yardage={yardage}
      stale={false}
      widths={widths}
      comparing={false}
      unit="in"
      leftOut={[]}
      cloth={emptyCloth}
      others={[]}
      longer={null}
      coverOnly={false}
      besideOthers={null}
      asked={null}
      {...change}
    />,
  );
const rows = () => screen.getAllByRole("row").map((row) => row.textContent);

test("the figure, the other system, the cost and what the lay saves stand together", () => {
  show();
  expect(screen.getByTestId("buy").textContent).toContain("yd");
  expect(screen.getByText(/2\.9 m · costs 60\.13|2\.9 m · costs 60\.12/)).toBeTruthy();
  expect(screen.getByText(/On paper 3¾ yd: ½ yd saved/)).toBeTruthy();
  expect(screen.getByText(/no lay is shorter than 92 % of it/i)).toBeTruthy();
});

test("each width says what it does to the job", () => {
  show();
  expect(rows()[0]).toContain("plates turned, 1 join");
  expect(rows()[1]).toContain("front joined, 4 joins");
  expect(rows()[2]).toContain("–too narrow");
  expect(rows()[3]).toContain("no joins · 10 % waste · 72.50 · least cloth · fewest joins");
});

test("figures of other widths are not shown while they are worked out, nor beside a figure from before", () => {
  show({ comparing: true });
  expect(rows()[3]).toBe("280 cm…");
});

test("a figure from before a wrong entry, an example and what is left out are said", () => {
  const { rerender } = show({ stale: true });
  expect(screen.getByText("before the last entry")).toBeTruthy();
  expect(screen.queryAllByRole("row")).toEqual([]);
  const props = {
    stale: false,
    widths,
    comparing: false,
    unit: "in" as const,
    cloth: emptyCloth,
    others: [],
    longer: null,
    coverOnly: false,
    besideOthers: null,
    asked: null,
  };
  rerender(<BuyPanel yardage={{ ...yardage, example: true }} {...props} leftOut={["Step"]} />);
  expect(screen.getByText("example")).toBeTruthy();
  expect(screen.queryByText("Without Step")).toBeNull();
  rerender(<BuyPanel yardage={yardage} {...props} leftOut={["Step", "Seat"]} />);
  expect(screen.getByText("Without Step, Seat")).toBeTruthy();
});

test("touching a width puts the job on it", () => {
  useBench.getState().open("job", {
    heading: { name: "", client: "", place: "", unit: "in" },
    cloths: [{ ...emptyCloth, width: "54" }],
    covers: [{ id: "a", cover: emptyCover }],
  });
  show();
  fireEvent.click(screen.getByRole("button", { name: "280 cm" }));
  expect(useBench.getState().document?.cloths[0].width).toBe("280 cm");
});

test("each other cloth of the job has its own figure, an example none", () => {
  const sheeting = { ...emptyCloth, key: "b", name: "Sheeting", width: "90" };
  const lining = { ...emptyCloth, key: "c", width: "54" };
  show({
    cloth: { ...emptyCloth, name: "Linen" },
    others: [
      { cloth: sheeting, yardage },
      { cloth: lining, yardage: { ...yardage, example: true } },
    ],
  });
  expect(screen.getByText(/To buy of Linen/)).toBeTruthy();
  const [first, second] = screen.getAllByRole("listitem").map((item) => item.textContent);
  expect(first).toContain(`${yardage.buy?.figure} ${yardage.buy?.unit} of Sheeting`);
  expect(second).toContain("– of cloth 54 wide");
});

test("a lay that may still be shorter is looked for longer, a proved one is said to be", () => {
  const start = vi.fn();
  const resting = { state: "resting" as const, start, keep: () => {}, found: 0, saved: "", live: null };
  const { unmount } = show({ longer: resting });
  fireEvent.click(screen.getByRole("button", { name: "Look longer" }));
  expect(start).toHaveBeenCalledOnce();
  unmount();
  show({ yardage: { ...yardage, lay: { ...yardage.lay!, proved: true } }, longer: resting });
  expect(screen.getByText(/No lay can be shorter: that is proved/)).toBeTruthy();
  expect(screen.queryByRole("button", { name: "Look longer" })).toBeNull();
});

test("while it is looked on, what was found so far is said and can be kept", () => {
  const keep = vi.fn();
  const looking = {
    state: "looking" as const,
    start: () => {},
    keep,
    found: 50.8,
    saved: "2.0 in",
    live: null,
  };
  show({ longer: looking });
  expect(screen.getByText(/2\.0 in shorter so far/)).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Stop and keep it" }));
  expect(keep).toHaveBeenCalledOnce();
});

test("what meeting the pattern costs is said, and whose figure it is", () => {
  show({ yardage: { ...yardage, buy: { ...yardage.buy!, matching: "½ yd" } }, coverOnly: true });
  expect(screen.getByText(/Meeting the pattern costs ½ yd/)).toBeTruthy();
  expect(screen.getByText(/To buy for this cover alone/)).toBeTruthy();
});
