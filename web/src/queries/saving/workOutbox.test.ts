// @vitest-environment jsdom
import { beforeEach, expect, test, vi } from "vitest";
import type { WorkEntry } from "../../api/client";
import { told } from "../../model/work/work";
import { jsonAnswer } from "../../testing";

let sent: WorkEntry[][] = [];
let answer: (entries: WorkEntry[]) => Response;

beforeEach(() => {
  vi.resetModules();
  localStorage.clear();
  sent = [];
  answer = (entries) => jsonAnswer({ entries, notes: [] });
  vi.stubGlobal("fetch", async (request: Request) => {
    const { entries } = (await request.json()) as { entries: WorkEntry[] };
    sent.push(entries);
    return answer(entries);
  });
});

const card = (subject: string) => told("sewn", "Wren", { cover: "a", number: 1, subject });
const waits = () => Object.keys(localStorage).filter((key) => key.startsWith("wrapper-work/"));

test("what is told waits in the browser until the store has it", async () => {
  const { tell, useToldHere } = await import("./workOutbox");
  tell("job", card("zip"));
  expect(waits()).toHaveLength(1);
  await vi.waitFor(() => expect(waits()).toHaveLength(0));
  expect(sent.flat().map(({ subject }) => subject)).toEqual(["zip"]);
  expect(useToldHere.getState().waiting.job).toEqual([]);
});

test("while the store does not answer all is kept, also by the page that comes after, and is sent then in order", async () => {
  answer = () => {
    throw new TypeError("nothing answers");
  };
  const first = await import("./workOutbox");
  first.tell("job", { ...card("zip"), at: "2026-03-14T09:00:00Z" });
  first.tell("job", { ...card("turn"), at: "2026-03-14T09:05:00Z" });
  await vi.waitFor(() => expect(sent.length).toBeGreaterThan(0));
  expect(waits()).toHaveLength(2);
  vi.resetModules(); // the page is loaded again
  answer = (entries) => jsonAnswer({ entries, notes: [] });
  sent = [];
  const after = await import("./workOutbox");
  expect(after.useToldHere.getState().waiting.job?.map(({ subject }) => subject)).toEqual(["zip", "turn"]);
  await after.sendTold();
  expect(sent.flat().map(({ subject }) => subject)).toEqual(["zip", "turn"]);
  expect(waits()).toHaveLength(0);
});

test("a job that takes nothing holds up no other, and says so", async () => {
  vi.stubGlobal("fetch", async (request: Request) => {
    const { entries } = (await request.json()) as { entries: WorkEntry[] };
    sent.push(entries);
    return request.url.includes("gone")
      ? jsonAnswer({ detail: "There is no such job." }, 404)
      : jsonAnswer({ entries, notes: [] });
  });
  const { tell, useToldHere } = await import("./workOutbox");
  tell("gone", card("zip"));
  tell("job", card("turn"));
  await vi.waitFor(() => expect(useToldHere.getState().waiting.job).toEqual([]));
  await vi.waitFor(() => expect(useToldHere.getState().notes[0]?.text).toContain("no such job"));
  expect(useToldHere.getState().waiting.gone).toHaveLength(1);
  expect(waits()).toHaveLength(1);
});

test("what the store had to say is shown until it was read", async () => {
  answer = (entries) =>
    jsonAnswer({ entries, notes: [{ entry: entries[0]?.id, code: "done-before", text: "told already" }] });
  const { noteRead, tell, useToldHere } = await import("./workOutbox");
  const entry = card("zip");
  tell("job", entry);
  await vi.waitFor(() => expect(useToldHere.getState().notes).toHaveLength(1));
  noteRead(entry.id);
  expect(useToldHere.getState().notes).toHaveLength(0);
});

test("an entry the store refuses is set aside in sight, and the rest is sent", async () => {
  answer = (entries) =>
    entries.some(({ subject }) => subject === "broken")
      ? jsonAnswer(
          { detail: "no", checks: [{ measure: "entries.1.subject", text: "“entries.1.subject” is empty." }] },
          422,
        )
      : jsonAnswer({ entries, total: entries.length, notes: [] });
  const { tell, useToldHere } = await import("./workOutbox");
  const { useSetAside } = await import("./setAside");
  tell("job", card("zip"), card("broken"), card("turn"));
  await vi.waitFor(() => expect(useToldHere.getState().waiting.job).toEqual([]));
  expect(sent.at(-1)?.map(({ subject }) => subject)).toEqual(["zip", "turn"]);
  const [aside, ...others] = useSetAside.getState().aside;
  expect(others).toHaveLength(0);
  expect(aside?.problem).toContain("is empty");
  expect((JSON.parse(aside?.text ?? "") as WorkEntry).subject).toBe("broken");
});

test("an id that is taken by other content is set aside too", async () => {
  const taken = card("zip");
  answer = (entries) =>
    entries.some(({ id }) => id === taken.id)
      ? jsonAnswer({ detail: "no", entries: [taken.id] }, 409)
      : jsonAnswer({ entries, total: entries.length, notes: [] });
  const { tell, useToldHere } = await import("./workOutbox");
  const { useSetAside } = await import("./setAside");
  tell("job", taken, card("turn"));
  await vi.waitFor(() => expect(useToldHere.getState().waiting.job).toEqual([]));
  expect(sent.at(-1)?.map(({ subject }) => subject)).toEqual(["turn"]);
  expect(useSetAside.getState().aside.map(({ text }) => text)).toEqual([JSON.stringify(taken)]);
});

test("a fault of the program is shown, and not taken for a lost connection", async () => {
  vi.spyOn(console, "error").mockImplementation(() => undefined);
  const { queries } = await import("../server/client");
  vi.spyOn(queries, "getQueryData").mockImplementation(() => {
    throw new TypeError("undefined is not a function");
  });
  const { tell, useToldHere } = await import("./workOutbox");
  const { useFault } = await import("../server/faults");
  tell("job", card("zip"));
  await vi.waitFor(() => expect(useFault.getState().fault).toContain("not a function"));
  expect(useToldHere.getState().waiting.job).toHaveLength(1);
  expect(waits()).toHaveLength(1);
});
