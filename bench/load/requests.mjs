// What the made-up clients ask for: drafts and saves of cushions, and lays that take their time.
import { address } from "./server.mjs";

export async function send(method, path, body, headers = {}, signal) {
  const answer = await fetch(address + path, {
    method,
    body: JSON.stringify(body),
    headers: { "Content-Type": "application/json", ...headers },
    signal,
  });
  return { status: answer.status, tag: answer.headers.get("etag"), text: await answer.text() };
}

export const cushion = (i) => ({
  unit: "in",
  form: "box-cushion",
  measures: { width: `${20 + (i % 30)} 1/4`, depth: `${18 + (i % 20)}`, thickness: "4" },
  options: { piping: "both" },
  count: 1 + (i % 3),
});

const corners = (i) => [
  [0, 0],
  [300 + 40 * (i % 7), 0],
  [260 + 35 * (i % 7), 200 + 30 * (i % 5)],
  [120, 260 + 25 * (i % 6)],
  [0, 180],
];

/** A lay of true shapes that no planner is done with soon. */
export const longLay = (seed) => ({
  cloth: { usableWidth: 1370, space: 3 },
  seconds: 60,
  pieces: Array.from({ length: 30 }, (_, i) => ({
    id: `piece-${i}`,
    quantity: 1 + ((i + seed) % 3),
    outline: corners(i + seed),
    turns: [0, 90, 180, 270],
  })),
});

/** Begins a lay as a stream, and ends it when told; gives what it ended with. */
export async function listen(seed, signal) {
  try {
    const answer = await fetch(`${address}/api/lay/live`, {
      method: "POST",
      body: JSON.stringify(longLay(seed)),
      headers: { "Content-Type": "application/json" },
      signal,
    });
    if (answer.status !== 200) {
      return answer.status;
    }
    for await (const part of answer.body) {
      void part;
    }
    return 200;
  } catch {
    return signal.aborted ? "left" : "broken";
  }
}

/** A text as it is: too large to be made JSON of once more. */
export async function sendText(path, body, type) {
  const answer = await fetch(address + path, { method: "POST", body, headers: { "Content-Type": type } });
  return { status: answer.status, text: await answer.text() };
}

/** The first figure of a job of four cushions. */
export const firstYardage = (i) => ({
  unit: "in",
  steps: 1,
  cloth: { width: "54" },
  covers: Array.from({ length: 4 }, (_, at) => ({ key: `c${at}`, cover: cushion(i + at) })),
});

/** A set so large that its covers cannot be answered one by one. */
export const manyAlike = (count) => ({ ...cushion(1), count });

/** Groups one in another. */
export const deepDrawing = (levels) =>
  `<svg xmlns="http://www.w3.org/2000/svg">${"<g>".repeat(levels)}${"</g>".repeat(levels)}</svg>`;

/** A job file of so many megabytes, which are photographs that cannot be kept. */
export function largeFile(megabytes) {
  const content = "A".repeat(8 * 1024 * 1024);
  const photo = (name) => ({ cover: "a", measure: "", name, type: "image/jpeg", content });
  return JSON.stringify({
    format: 2,
    name: "Large",
    unit: "in",
    cloth: { width: "54" },
    covers: [{ id: "a", form: "pouf" }],
    photos: Array.from({ length: Math.round(megabytes / 8) }, (_, i) => photo(`p${i}`)),
  });
}
