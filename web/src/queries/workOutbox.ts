import { create } from "zustand";
import { api, isNoAnswer, type WorkEntry, type WorkNote } from "../api/client";
import { queries } from "./client";

const prefix = "wrapper-work/";
const pauseBetweenTries = 3000;
const mostAtOnce = 200;

/** What was told on this device and is not in the store yet, and what the store had to say of what was. */
export const useToldHere = create<{ waiting: Record<string, WorkEntry[]>; notes: WorkNote[] }>(() => ({
  waiting: readAll(),
  notes: [],
}));

/** Tells something: it counts here at once, outlives the page, and is sent as soon as the store answers. */
export function tell(job: string, ...entries: WorkEntry[]) {
  for (const entry of entries) {
    try {
      localStorage.setItem(`${prefix}${job}/${entry.id}`, JSON.stringify(entry));
    } catch {
      // no room in the browser: the page still holds it
    }
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
    if (!isNoAnswer(error)) {
      throw error;
    }

    setTimeout(() => void sendTold(), pauseBetweenTries);
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

async function sendOf(job: string) {
  const entries = (useToldHere.getState().waiting[job] ?? []).slice(0, mostAtOnce);
  const known = queries.getQueryData<WorkEntry[]>(["work", job]) ?? [];
  const { data, error } = await api.POST("/api/jobs/{id}/work", {
    params: { path: { id: job } },
    body: { entries, from: known.length },
  });
  if (!data) {
    held.add(job);
    const text = (error as { detail?: string } | undefined)?.detail ?? "This job takes no work just now.";
    useToldHere.setState(({ notes }) => ({
      notes: [
        ...notes,
        { entry: job, code: "held", text: `${text} What was ticked here is kept in this browser.` },
      ],
    }));
    return;
  }

  const sent = new Set(entries.map(({ id }) => id));
  const all = [...known, ...(data.entries as WorkEntry[])];
  queries.setQueryData<WorkEntry[]>(["work", job], (now) => (now && now.length > all.length ? now : all));
  if (entries.some(({ kind }) => kind !== "cut" && kind !== "sewn")) {
    void queries.invalidateQueries({ queryKey: ["cutting", job] });
  }

  useToldHere.setState(({ waiting, notes }) => ({
    waiting: { ...waiting, [job]: (waiting[job] ?? []).filter(({ id }) => !sent.has(id)) },
    notes: [...notes, ...data.notes],
  }));
  sent.forEach((id) => localStorage.removeItem(`${prefix}${job}/${id}`));
}

/** What waited when this page was opened, by job, the earliest first. */
function readAll(): Record<string, WorkEntry[]> {
  const waiting: Record<string, WorkEntry[]> = {};
  for (const key of Object.keys(localStorage).filter((name) => name.startsWith(prefix))) {
    const [job = ""] = key.slice(prefix.length).split("/");
    try {
      (waiting[job] ??= []).push(JSON.parse(localStorage.getItem(key) ?? "") as WorkEntry);
    } catch {
      localStorage.removeItem(key); // written by half: nobody can read it
    }
  }

  Object.values(waiting).forEach((entries) => entries.sort((one, other) => one.at.localeCompare(other.at)));
  return waiting;
}
