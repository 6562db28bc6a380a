import { create } from "zustand";
import { api, isNoAnswer, type WorkEntry, type WorkNote } from "../../api/client";
import { changesCutting } from "../../model/work/work";
import { queries } from "../server/client";
import { brokenRule } from "./documentRules";
import { showFault } from "../server/faults";
import { KeptTexts } from "./keptTexts";
import { moveAside, setAside } from "./setAside";

const texts = new KeptTexts("wrapper-work/");
const pauseBetweenTries = 3000;
const mostAtOnce = 200;

/** What was told on this device and is not in the store yet, and what the store had to say of what was. */
/** A word about an entry that was told: the server’s, or that it is held here. */
type ToldNote = Omit<WorkNote, "code"> & { code: WorkNote["code"] | "held" };

export const useToldHere = create<{ waiting: Record<string, WorkEntry[]>; notes: ToldNote[] }>(() => ({
  waiting: readAll(),
  notes: [],
}));

/** Tells something: it counts here at once, outlives the page, and is sent as soon as the store answers. */
export function tell(job: string, ...entries: WorkEntry[]) {
  for (const entry of entries) {
    texts.set(`${job}/${entry.id}`, JSON.stringify(entry));
  }

  useToldHere.setState(({ waiting }) => ({
    waiting: { ...waiting, [job]: [...(waiting[job] ?? []), ...entries] },
  }));
  void sendTold();
}

/** A word of the store was read. */
export function noteRead(entry: string) {
  useToldHere.setState(({ notes }) => ({ notes: notes.filter((note) => note.entry !== entry) }));
}

/** Looks what waits in this browser since earlier visits, and sends it. */
export async function lookForTold() {
  await texts.lookForEarlier();
  const kept = readAll();
  useToldHere.setState(({ waiting }) => {
    const all = { ...kept };
    for (const [job, entries] of Object.entries(waiting)) {
      const known = new Set((all[job] ?? []).map(({ id }) => id));
      all[job] = [...(all[job] ?? []), ...entries.filter(({ id }) => !known.has(id))];
    }

    return { waiting: all };
  });
  await sendTold();
}

let sending = false;

/** Sends what waits, job by job; what the store does not answer to is sent again. */
export async function sendTold() {
  if (sending) {
    return;
  }

  sending = true;
  try {
    for (let job = nextJob(); job; job = nextJob()) {
      await sendOf(job);
    }
  } catch (error) {
    if (isNoAnswer(error)) {
      setTimeout(() => void sendTold(), pauseBetweenTries);
    } else {
      showFault(error);
    }
  } finally {
    sending = false;
  }
}

/** The first job of which something waits that has not been refused. */
function nextJob(): string | undefined {
  const { waiting } = useToldHere.getState();
  return Object.keys(waiting).find((job) => (waiting[job] ?? []).length > 0 && !held.has(job));
}

/** Jobs that take nothing just now: they are gone or full. What waits of them is kept. */
const held = new Set<string>();

/** What the store says where it takes nothing of a batch: the fields of malformed entries, or the ids that are taken. */
interface Refusal {
  detail?: string;
  checks?: { measure: string | null; text: string }[];
  entries?: string[];
}

async function sendOf(job: string) {
  const entries = (useToldHere.getState().waiting[job] ?? []).slice(0, mostAtOnce);
  const known = queries.getQueryData<WorkEntry[]>(["work", job]) ?? [];
  const { data, error } = await api.POST("/api/jobs/{id}/work", {
    params: { path: { id: job } },
    body: { entries, from: known.length },
  });
  if (!data) {
    refused(job, entries, (error ?? {}) as Refusal);
    return;
  }

  if (data.entries.length > 0) {
    const all = [...known, ...(data.entries as WorkEntry[])];
    queries.setQueryData<WorkEntry[]>(["work", job], (now) => (now && now.length > all.length ? now : all));
    if (all.length < data.total) {
      void queries.invalidateQueries({ queryKey: ["work", job] }); // the answer held a page of them
    }
  }

  if (entries.some(({ kind }) => changesCutting(kind))) {
    void queries.invalidateQueries({ queryKey: ["cutting", job] });
  }

  const sent = new Set(entries.map(({ id }) => id));
  forget(job, sent);
  useToldHere.setState(({ notes }) => ({ notes: [...notes, ...data.notes] }));
}

/** Entries that cannot be stored are set aside in sight, and the rest is sent; a job that takes nothing keeps all of them waiting. */
function refused(job: string, entries: WorkEntry[], refusal: Refusal) {
  const problems = new Map<string, string>();
  for (const id of refusal.entries ?? []) {
    problems.set(id, "Something else is stored under the same id.");
  }

  for (const { measure, text } of refusal.checks ?? []) {
    const place = /^entries\.(\d+)/.exec(measure ?? "")?.[1];
    const entry = place === undefined ? undefined : entries[Number(place)];
    if (entry) {
      problems.set(entry.id, text);
    }
  }

  const spoilt = entries.filter(({ id }) => problems.has(id));
  if (spoilt.length > 0) {
    spoilt.forEach((entry) => putAside(job, entry, problems.get(entry.id) ?? ""));
    forget(job, new Set(spoilt.map(({ id }) => id)));
    return;
  }

  held.add(job);
  const text = refusal.detail ?? "This job takes no work just now.";
  useToldHere.setState(({ notes }) => ({
    notes: [
      ...notes,
      { entry: job, code: "held", text: `${text} What was ticked here is kept in this browser.` },
    ],
  }));
}

function putAside(job: string, entry: WorkEntry, problem: string) {
  setAside(
    `work/${job}/${entry.id}`,
    JSON.stringify(entry),
    `Something ticked here (${entry.kind} ${entry.subject}) was not stored. ${problem}`,
  );
}

/** These do not wait any more. */
function forget(job: string, ids: Set<string>) {
  useToldHere.setState(({ waiting }) => ({
    waiting: { ...waiting, [job]: (waiting[job] ?? []).filter(({ id }) => !ids.has(id)) },
  }));
  ids.forEach((id) => texts.remove(`${job}/${id}`));
}

/** What waits in this browser, by job, the earliest first; what cannot be read is set aside in sight. */
function readAll(): Record<string, WorkEntry[]> {
  const waiting: Record<string, WorkEntry[]> = {};
  for (const key of texts.keys()) {
    const [job = ""] = key.split("/");
    const entry = entryOf(texts.get(key) ?? "");
    if (entry) {
      (waiting[job] ??= []).push(entry);
    } else {
      moveAside(texts, key, "work", "Something ticked in this browser cannot be read.");
    }
  }

  Object.values(waiting).forEach((entries) => entries.sort((one, other) => one.at.localeCompare(other.at)));
  return waiting;
}

function entryOf(text: string): WorkEntry | null {
  try {
    const entry = JSON.parse(text) as WorkEntry;
    return typeof entry.id === "string" && typeof entry.at === "string" && brokenRule("work", entry) === null
      ? entry
      : null;
  } catch {
    return null;
  }
}
