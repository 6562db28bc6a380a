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
