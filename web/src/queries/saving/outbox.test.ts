// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Job } from "../../api/client";
import { editHeading, editText, useBench } from "../../model/job/benchStore";
import { clothTo, emptyCloth } from "../../model/cloth/cloth";
import { coverTo, emptyCover } from "../../model/cover/cover";
import { hasUnsaved, openJob, useSaving } from "./autosave";
import { documentOf } from "../../model/job/document";
import { sendUnsent, useUnsent } from "./outbox";
import { lookForPages } from "../server/pages";
import { storedOf } from "./parts";
import { jsonAnswer } from "../../testing";

const jobOf = (id: string, version = 1, width = ""): Job => ({
  id,
  name: id,
  client: "",
  place: "",
  unit: "in",
  version: 3,
  updated: "2026-03-01T09:00:00Z",
  archived: false,
  broken: [],
  cloth: { version: 5, cloth: clothTo({ ...emptyCloth, width: "54" }) },
  cloths: [{ key: "main", version: 5, cloth: clothTo({ ...emptyCloth, width: "54" }) }],
  covers: [
    {
      id: "a",
      position: 0,
      letter: "A",
      version,
      complete: false,
      cover: coverTo({ ...emptyCover, measures: width ? { width } : {} }),
    },
  ],
});

let sent: string[] = [];
let answer: (request: Request) => Response;
let stop: (() => void) | undefined;

/** A page that was closed holds nothing: what waits is in the browser alone. */
const closed = () => {
  useBench.setState({ jobId: null, document: null });
};

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  sent = [];
  answer = () => jsonAnswer({ version: 100 + sent.length, complete: null });
  vi.stubGlobal("fetch", async (request: Request) => {
    sent.push(`${request.method} ${new URL(request.url).pathname} ${request.headers.get("If-Match") ?? ""}`);
    return answer(request);
  });
});

afterEach(() => {
  stop?.();
  closed();
  vi.unstubAllGlobals();
  void lookForPages();
  vi.useRealTimers();
});

test("what was typed while the store answered 500 is sent from where it waits, although another job is on the bench", async () => {
  answer = () => jsonAnswer({}, 500);
  openJob(jobOf("one"));
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState().state).toBe("waiting");
  openJob(jobOf("two"));
  expect(useUnsent.getState().ids).toEqual(["one"]);
  stop = sendUnsent(() => useBench.getState().jobId);
  await vi.advanceTimersByTimeAsync(400);
  expect(useUnsent.getState().ids).toEqual(["one"]); // it still answers 500
  answer = () => jsonAnswer({ version: 8, complete: null });
  await vi.advanceTimersByTimeAsync(3000);
  expect(sent.at(-1)).toBe('PUT /api/jobs/one/covers/a "1"');
  expect(useUnsent.getState().ids).toEqual([]);
  expect(hasUnsaved()).toBe(false);
});

test("a job opened again stands as it was typed, and what others wrote on its other parts is there too", async () => {
  answer = () => jsonAnswer({}, 503);
  openJob(jobOf("one"));
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  closed();
  answer = () => jsonAnswer({ version: 2, complete: null });
  openJob({ ...jobOf("one"), name: "Renamed elsewhere", version: 4 });
  expect(useBench.getState().document?.heading.name).toBe("Renamed elsewhere");
  expect(useBench.getState().document?.covers[0]?.cover.measures.width).toBe("21");
  const before = sent.length;
  await vi.advanceTimersByTimeAsync(400);
  expect(sent.slice(before)).toEqual(['PUT /api/jobs/one/covers/a "1"']); // only what was changed here
  expect(localStorage).toHaveLength(0);
});

test("what was changed here and elsewhere is not sent over it: it waits until the job is opened and someone chooses", async () => {
  answer = () => jsonAnswer({}, 503);
  openJob(jobOf("one"));
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  closed();
  answer = () => jsonAnswer({ version: 2 }, 412);
  stop = sendUnsent(() => useBench.getState().jobId);
  await vi.advanceTimersByTimeAsync(10000);
  expect(sent.filter((line) => line.startsWith("PUT"))).toHaveLength(2); // not asked for ever
  expect(useUnsent.getState().ids).toEqual(["one"]);
  openJob(jobOf("one", 2, "30"));
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState().conflict).toEqual({ key: "cover/a", version: 2 });
  expect(useBench.getState().document?.covers[0]?.cover.measures.width).toBe("21");
});

test("nothing is kept once all is in the store", async () => {
  openJob(jobOf("one"));
  editHeading({ name: "Cabin" });
  expect(localStorage).toHaveLength(1);
  await vi.advanceTimersByTimeAsync(400);
  expect(localStorage).toHaveLength(0);
});

/** What another page of this browser left waiting: a width typed on a version of the cover. */
const left = (page: string, width: string, version = 1, cover = "a") => {
  const job = {
    ...jobOf("one", version),
    covers: [{ ...jobOf("one", version).covers[0], id: cover }],
  } as Job;
  const document = documentOf(job);
  const stored = [...storedOf(job, document)];
  const typed = document.covers.map((entry) => ({
    ...entry,
    cover: { ...entry.cover, measures: { ...entry.cover.measures, width } },
  }));
  localStorage.setItem(
    `wrapper-unsent/one/${page}`,
    JSON.stringify({ document: { ...document, covers: typed }, stored }),
  );
};

const open = (...pages: string[]) => {
  const held = pages.map((page) => ({ name: `wrapper-page/${page}` }));
  vi.stubGlobal("navigator", { ...navigator, locks: { query: () => Promise.resolve({ held }) } });
};

test("what waits of a page that is still open is left to it: neither taken, nor sent, nor written over", async () => {
  left("other", "30");
  open("other");
  await lookForPages();
  answer = () => jsonAnswer({}, 500);
  openJob(jobOf("one"));
  expect(useBench.getState().document?.covers[0]?.cover.measures.width).toBeUndefined();
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  expect(localStorage).toHaveLength(2);
  openJob(jobOf("two"));
  sent = [];
  answer = () => jsonAnswer({ version: 8, complete: null });
  stop = sendUnsent(() => useBench.getState().jobId);
  await vi.advanceTimersByTimeAsync(400);
  expect(sent).toEqual(['PUT /api/jobs/one/covers/a "1"']);
  expect(Object.keys(localStorage)).toEqual(["wrapper-unsent/one/other"]);
  open(); // it is closed
  await vi.advanceTimersByTimeAsync(3000);
  expect(sent).toHaveLength(2);
  expect(localStorage).toHaveLength(0);
});

test("two pages that are gone: both are taken where they changed different parts, one after the other where it is the same", async () => {
  left("p1", "30");
  left("p2", "31");
  left("p3", "40", 1, "b");
  openJob(jobOf("one"));
  const covers = () => useBench.getState().document?.covers.map((entry) => entry.cover.measures.width);
  expect(covers()).toEqual(["30", "40"]);
  await vi.advanceTimersByTimeAsync(400);
  expect(Object.keys(localStorage)).toEqual(["wrapper-unsent/one/p2"]);
  closed();
  openJob(jobOf("one", 2, "30"));
  expect(covers()).toEqual(["31"]);
  answer = () => jsonAnswer({ version: 2 }, 412);
  await vi.advanceTimersByTimeAsync(400);
  expect(useSaving.getState().conflict).toEqual({ key: "cover/a", version: 2 });
});

test("a part that someone has to choose about, or that the store cannot take, keeps no other part waiting", async () => {
  answer = () => jsonAnswer({}, 500);
  openJob(jobOf("one"));
  editHeading({ name: "Cabin" });
  editText("measures", "width", "21");
  await vi.advanceTimersByTimeAsync(400);
  openJob(jobOf("two"));
  sent = [];
  answer = (request) =>
    request.url.endsWith("/one") ? jsonAnswer({ version: 9 }, 412) : jsonAnswer({}, 500);
  stop = sendUnsent(() => useBench.getState().jobId);
  await vi.advanceTimersByTimeAsync(400);
  expect(sent).toEqual(['PUT /api/jobs/one "3"', 'PUT /api/jobs/one/covers/a "1"']);
  answer = () => jsonAnswer({ version: 8, complete: null });
  await vi.advanceTimersByTimeAsync(6000);
  expect(sent.slice(2)).toEqual(['PUT /api/jobs/one/covers/a "1"']); // the name waits for someone to choose
  expect(useUnsent.getState().ids).toEqual(["one"]);
});

test.each(["{", "null", "[]", '{"document":{"covers":5},"stored":[]}', '{"document":{},"stored":7}'])(
  "a record that cannot be read (%s) is put aside, and the job opens",
  (text) => {
    localStorage.setItem("wrapper-unsent/one/p1", text);
    openJob(jobOf("one"));
    expect(useBench.getState().document?.heading.name).toBe("one");
    expect(Object.keys(localStorage)).toEqual(["wrapper-spoilt/typed/one/p1"]);
    expect(localStorage.getItem("wrapper-spoilt/typed/one/p1")).toBe(text);
  },
);

test("what an earlier edition left under the job alone is taken as well", async () => {
  left("", "30");
  localStorage.setItem("wrapper-unsent/one", localStorage.getItem("wrapper-unsent/one/") ?? "");
  localStorage.removeItem("wrapper-unsent/one/");
  openJob(jobOf("one"));
  expect(useBench.getState().document?.covers[0]?.cover.measures.width).toBe("30");
  await vi.advanceTimersByTimeAsync(400);
  expect(localStorage).toHaveLength(0);
});
