// @vitest-environment jsdom
import { coverTo, emptyCover } from "../../model/cover/cover";
import { clothTo, emptyCloth } from "../../model/cloth/cloth";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Job } from "../../api/client";
import { hasUnsaved, keepMine, openJob, saveNow, takeTheirs, useSaving } from "./autosave";
import { addCover, editHeading, editText, removeCover, useBench } from "../../model/job/benchStore";
import { jsonAnswer } from "../../testing";

const job: Job = {
  id: "job",
  name: "Saloon",
  client: "",
  place: "",
  unit: "in",
  version: 3,
  updated: "2026-03-01T09:00:00Z",
  archived: false,
  broken: [],
  cloth: { version: 5, cloth: clothTo({ ...emptyCloth, width: "54" }) },
  cloths: [{ key: "main", version: 5, cloth: clothTo({ ...emptyCloth, width: "54" }) }],
  covers: [{ id: "a", position: 0, letter: "A", version: 7, complete: false, cover: coverTo(emptyCover) }],
};

/** What was sent: method, path and the version it was made from. */
let sent: string[] = [];
let answer: (request: Request) => Response | Promise<Response>;

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  sent = [];
  answer = () => jsonAnswer({ version: 100 + sent.length, complete: null });
  vi.stubGlobal("fetch", async (request: Request) => {
    const version = request.headers.get("If-Match") ?? request.headers.get("If-None-Match") ?? "";
    sent.push(`${request.method} ${new URL(request.url).pathname} ${version}`.trim());
    return answer(request);
  });
  openJob(job);
});

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

test("only what was changed is written, from the version it was made from, after a pause", async () => {
  editText("measures", "width", "2");
  editText("measures", "width", "21");
  expect(useSaving.getState().state).toBe("saving");
  expect(hasUnsaved()).toBe(true);
  await vi.advanceTimersByTimeAsync(400);
  expect(sent).toEqual(['PUT /api/jobs/job/covers/a "7"']);
  expect(useSaving.getState().state).toBe("saved");
  editText("measures", "width", "22");
  editHeading({ name: "Cabin" });
  await vi.advanceTimersByTimeAsync(400);
  expect(sent.slice(1)).toEqual(['PUT /api/jobs/job "3"', 'PUT /api/jobs/job/covers/a "101"']);
  expect(hasUnsaved()).toBe(false);
});

test("a new cover is added as new, a removed one deleted, and undo brings it back as new", async () => {
  addCover({ name: "Back" });
  const id = useBench.getState().currentId!;
  await vi.advanceTimersByTimeAsync(400);
  removeCover(id);
  await vi.advanceTimersByTimeAsync(400);
  useBench.getState().undo();
  await vi.advanceTimersByTimeAsync(400);
  expect(sent).toEqual([
    `PUT /api/jobs/job/covers/${id} *`,
    `DELETE /api/jobs/job/covers/${id} "101"`,
    `PUT /api/jobs/job/covers/${id} *`,
  ]);
});

test("who must have all in the store waits for what is being written, and for what was typed meanwhile", async () => {
  const answers: ((response: Response) => void)[] = [];
  answer = () => new Promise((resolve) => answers.push(resolve));
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  let inStore = false;
  void saveNow().then(() => (inStore = true));
  editHeading({ name: "Cabin" });
  await vi.advanceTimersByTimeAsync(0);
  expect([sent.length, inStore]).toEqual([1, false]);
  answers[0]!(jsonAnswer({ version: 8, complete: null }));
  await vi.advanceTimersByTimeAsync(0);
  expect([sent.length, inStore, hasUnsaved()]).toEqual([2, false, true]);
  answers[1]!(jsonAnswer({ version: 9, complete: null }));
  await vi.advanceTimersByTimeAsync(0);
  expect([sent.length, inStore, hasUnsaved()]).toEqual([2, true, false]);
});

test("while the store does not answer nothing is lost, and it is tried again", async () => {
  answer = () => {
    throw new TypeError("no network");
  };
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState().state).toBe("waiting");
  expect(hasUnsaved()).toBe(true);
  answer = () => jsonAnswer({ version: 8, complete: null });
  await vi.advanceTimersByTimeAsync(3000);
  expect(useSaving.getState().state).toBe("saved");
  expect(sent).toHaveLength(2);
});

test("a stale write stops saving until the maker chooses, and keeping mine writes over the version now there", async () => {
  answer = () => jsonAnswer({ version: 9 }, 412);
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState()).toEqual({
    state: "conflict",
    conflict: { key: "cover/a", version: 9 },
    cause: null,
  });
  editText("measures", "depth", "19");
  await vi.advanceTimersByTimeAsync(5000);
  expect(sent).toHaveLength(1);
  answer = () => jsonAnswer({ version: 10, complete: null });
  await keepMine();
  await vi.advanceTimersByTimeAsync(400);
  expect(sent[1]).toBe('PUT /api/jobs/job/covers/a "9"');
  expect(useSaving.getState().state).toBe("saved");
});

test("taking theirs reads the job anew and goes on from its versions", async () => {
  answer = () => jsonAnswer({ version: 9 }, 412);
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  const theirs = { ...emptyCover, measures: { width: "23" } };
  answer = () => jsonAnswer({ ...job, covers: [{ ...job.covers[0], version: 9, cover: theirs }] });
  await takeTheirs();
  expect(useBench.getState().document?.covers[0]?.cover.measures.width).toBe("23");
  expect(hasUnsaved()).toBe(false);
});

test("a cover deleted elsewhere keeps no other waiting, and comes back or is let go", async () => {
  addCover({ name: "Back" });
  const id = useBench.getState().currentId!;
  await vi.advanceTimersByTimeAsync(400);
  answer = (request) =>
    request.method === "GET"
      ? jsonAnswer(job)
      : request.url.endsWith("/covers/a")
        ? jsonAnswer({}, 404)
        : jsonAnswer({ version: 20, complete: null });
  editHeading({ name: "Cabin" });
  useBench.getState().choose("a");
  editText("measures", "width", "21");
  useBench.getState().choose(id);
  editText("measures", "width", "30");
  await vi.advanceTimersByTimeAsync(400);
  expect(sent).toContain(`PUT /api/jobs/job/covers/${id} "101"`);
  expect(sent).toContain('PUT /api/jobs/job "3"');
  expect(useSaving.getState()).toEqual({
    state: "conflict",
    conflict: { key: "cover/a", version: null },
    cause: null,
  });
  editText("measures", "width", "31");
  await vi.advanceTimersByTimeAsync(400);
  expect(sent.at(-1)).toBe(`PUT /api/jobs/job/covers/${id} "20"`); // saved all the same
  answer = () => jsonAnswer({ version: 30, complete: null });
  await keepMine();
  await vi.advanceTimersByTimeAsync(400);
  expect(sent.at(-1)).toBe("PUT /api/jobs/job/covers/a *");
  expect(useSaving.getState()).toEqual({ state: "saved", conflict: null, cause: null });
});

test("what was deleted elsewhere is let go, and nothing else with it", async () => {
  answer = (request) => (request.method === "GET" ? jsonAnswer({ ...job, covers: [] }) : jsonAnswer({}, 404));
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  await takeTheirs();
  expect(useBench.getState().document?.covers).toEqual([]);
  expect(hasUnsaved()).toBe(false);
});

test("a job deleted elsewhere waits for the maker and is brought back with what was typed", async () => {
  answer = () => jsonAnswer({}, 404);
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState().conflict).toEqual({ key: "job", version: null });
  const before = sent.length;
  await vi.advanceTimersByTimeAsync(20000);
  expect(sent).toHaveLength(before); // asked once, not for ever
  answer = () => jsonAnswer({ version: 8, complete: null });
  await keepMine();
  await vi.advanceTimersByTimeAsync(400);
  expect(sent.slice(before)).toEqual(["POST /api/jobs/job/restore", 'PUT /api/jobs/job/covers/a "7"']);
  expect(useSaving.getState().state).toBe("saved");
});

test("a part the store cannot take keeps no other waiting", async () => {
  answer = (request) =>
    request.url.endsWith("/covers/a") ? jsonAnswer({}, 507) : jsonAnswer({ version: 20, complete: null });
  editText("measures", "width", "21");
  addCover({ name: "Back" });
  const id = useBench.getState().currentId!;
  await vi.advanceTimersByTimeAsync(400);
  expect(sent).toContain(`PUT /api/jobs/job/covers/${id} *`);
  expect(useSaving.getState().state).toBe("waiting");
  expect(hasUnsaved()).toBe(true);
  answer = () => jsonAnswer({ version: 8, complete: null });
  await vi.advanceTimersByTimeAsync(3000);
  expect(useSaving.getState().state).toBe("saved");
});

test("what holds the store up is told in its words until it holds it up no more", async () => {
  const full = "The disk is full: nothing more can be written.";
  answer = () => jsonAnswer({ detail: full }, 507);
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState()).toMatchObject({ state: "waiting", cause: full });
  answer = () => jsonAnswer({ version: 9, complete: null });
  await vi.advanceTimersByTimeAsync(5000);
  expect(useSaving.getState()).toMatchObject({ state: "saved", cause: null });
});
