import { coverTo, emptyCover } from "../model/cover";
import { clothTo, emptyCloth } from "../model/cloth";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Job } from "../api/client";
import { hasUnsaved, keepMine, startSaving, takeTheirs, useSaving } from "./autosave";
import { addCover, editHeading, editText, removeCover, useBench } from "../model/benchStore";
import { documentOf } from "../model/document";

const job: Job = {
  id: "job",
  name: "Saloon",
  client: "",
  place: "",
  unit: "in",
  version: 3,
  updated: "2026-03-01T09:00:00Z",
  cloth: {
    version: 5,
    cloth: clothTo({ ...emptyCloth, width: "54" }),
  },
  covers: [{ id: "a", position: 0, version: 7, complete: false, cover: coverTo(emptyCover) }],
};

/** What was sent: method, path and the version it was made from. */
let sent: string[] = [];
let answer: (request: Request) => Response;

const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });

beforeEach(() => {
  vi.useFakeTimers();
  sent = [];
  answer = () => json({ version: 100 + sent.length, complete: null });
  vi.stubGlobal("fetch", async (request: Request) => {
    const version = request.headers.get("If-Match") ?? request.headers.get("If-None-Match") ?? "";
    sent.push(`${request.method} ${new URL(request.url).pathname} ${version}`.trim());
    return answer(request);
  });
  useBench.getState().open("job", documentOf(job));
  startSaving(job);
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

test("while the store does not answer nothing is lost, and it is tried again", async () => {
  answer = () => {
    throw new TypeError("no network");
  };
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState().state).toBe("waiting");
  expect(hasUnsaved()).toBe(true);
  answer = () => json({ version: 8, complete: null });
  await vi.advanceTimersByTimeAsync(3000);
  expect(useSaving.getState().state).toBe("saved");
  expect(sent).toHaveLength(2);
});

test("a stale write stops saving until the maker chooses, and keeping mine writes over the version now there", async () => {
  answer = () => json({ version: 9 }, 412);
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState()).toEqual({ state: "conflict", conflict: { key: "cover/a", version: 9 } });
  editText("measures", "depth", "19");
  await vi.advanceTimersByTimeAsync(5000);
  expect(sent).toHaveLength(1);
  answer = () => json({ version: 10, complete: null });
  keepMine();
  await vi.advanceTimersByTimeAsync(400);
  expect(sent[1]).toBe('PUT /api/jobs/job/covers/a "9"');
  expect(useSaving.getState().state).toBe("saved");
});

test("taking theirs reads the job anew and goes on from its versions", async () => {
  answer = () => json({ version: 9 }, 412);
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  const theirs = { ...emptyCover, measures: { width: "23" } };
  answer = () => json({ ...job, covers: [{ ...job.covers[0], version: 9, cover: theirs }] });
  await takeTheirs();
  expect(useBench.getState().document?.covers[0]?.cover.measures.width).toBe("23");
  expect(hasUnsaved()).toBe(false);
});
