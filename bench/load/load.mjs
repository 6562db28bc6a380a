// Fifty clients, three lays and whoever leaves: figures as shares of what is allowed. Loopback only, two minutes at the most.
import { setTimeout as pause } from "node:timers/promises";
import {
  cushion,
  deepDrawing,
  firstYardage,
  largeFile,
  listen,
  manyAlike,
  send,
  sendText,
} from "./requests.mjs";
import { machineTime, memory, processorTime, start } from "./server.mjs";

const clients = 50;
const think = 1000; // on average
const seconds = 30;
const warmUp = 8;
const allowed = { draft: 50, save: 50, yardage: 400, quiet: 200, memory: 400, rested: 200, end: 1000 };
const restFor = 30_000;

/** Nobody thinks for the same time twice: with a fixed time, clients that were once held up together would ask together for ever. */
const thought = () => think * (0.5 + Math.random());

const server = await start();
console.log(
  `${clients} clients of ${think / 1000} s think time, ${seconds} s after ${warmUp} s to warm up, three lays running`,
);
await underLoad();
for (const leaving of [1, 30]) {
  await untilQuiet(leaving);
}
await hostile();
await ending();

/** Drafts and saves of all clients while three lays run. */
async function underLoad() {
  const lays = new AbortController();
  const laying = [1, 2, 3].map((seed) => relisten(seed, lays.signal));
  const taken = { draft: [], save: [], yardage: [] };
  const failed = new Map();
  const [began, used] = [machineTime(), processorTime(server.pid)];
  const begin = performance.now();
  const until = begin + (warmUp + seconds) * 1000;
  let most = 0;
  const watching = setInterval(() => (most = Math.max(most, memory(server.pid))), 200);
  await Promise.all([buyer(), ...Array.from({ length: clients }, (_, i) => client(i))]);
  clearInterval(watching);
  const [ended, busy] = [machineTime(), (processorTime(server.pid) - used) / (performance.now() - begin)];
  lays.abort();
  await Promise.all(laying);
  for (const [what, times] of Object.entries(taken)) {
    times.sort((a, b) => a - b);
    const at = (rank) => times[Math.min(times.length - 1, Math.floor(rank * times.length))] ?? Number.NaN;
    const share = (rank) => (at(rank) / allowed[what]).toFixed(2);
    console.log(
      `  ${times.length} ${what}s: median ${share(0.5)}, 95th percentile ${share(0.95)}, worst ${share(1)} of ${allowed[what]} ms`,
    );
  }
  console.log(
    `  answers that failed: ${[...failed].map(([what, count]) => `${count} × ${what}`).join(", ") || "none"}`,
  );
  const elsewhere = ((100 * (ended.stolen - began.stolen)) / (ended.all - began.all)).toFixed(0);
  console.log(
    `  the server kept ${busy.toFixed(1)} processors busy; a host took ${elsewhere} of 100 of the machine's time for others`,
  );
  console.log(`  memory at most ${(most / allowed.memory).toFixed(2)} of ${allowed.memory} MB`);

  async function client(i) {
    const id = `load-${i}`;
    await timed("job", () => send("POST", "/api/jobs", { id, name: id, unit: "in" }), [201]);
    let tag = null;
    await pause((i * think) / clients);
    for (let turn = 0; performance.now() < until; turn++) {
      await timed("draft", () => send("POST", "/api/draft", cushion(i + turn)), [200]);
      const headers = tag ? { "If-Match": tag } : { "If-None-Match": "*" };
      const body = { position: 0, cover: cushion(i + turn) };
      tag =
        (await timed("save", () => send("PUT", `/api/jobs/${id}/covers/a`, body, headers), [200]))?.tag ??
        tag;
      await pause(thought());
    }
  }

  /** One who opens a job every second: its first figure comes before any looking for a shorter lay. */
  async function buyer() {
    for (let turn = 0; performance.now() < until; turn++) {
      await timed("yardage", () => send("POST", "/api/yardage", firstYardage(turn)), [200]);
      await pause(thought());
    }
  }

  async function timed(what, ask, good) {
    const from = performance.now();
    try {
      const answer = await ask();
      if (from > begin + warmUp * 1000) {
        taken[what]?.push(performance.now() - from);
      }
      if (!good.includes(answer.status)) {
        failed.set(`${what} ${answer.status}`, (failed.get(`${what} ${answer.status}`) ?? 0) + 1);
      }
      return answer;
    } catch (error) {
      failed.set(`${what} ${error.message}`, (failed.get(`${what} ${error.message}`) ?? 0) + 1);
      return null;
    }
  }

  async function relisten(seed, signal) {
    while (!signal.aborted) {
      await listen(seed, signal);
    }
  }
}

/** So many lays run, their clients leave, and the processor is quiet. */
async function untilQuiet(leaving) {
  const gone = new AbortController();
  const all = Array.from({ length: leaving }, (_, seed) => listen(seed, gone.signal));
  await pause(2000);
  const before = processorTime(server.pid);
  await pause(500);
  const busy = (processorTime(server.pid) - before) / 500;
  gone.abort();
  const from = performance.now();
  let last = from;
  for (
    let seen = processorTime(server.pid);
    performance.now() - from < 30_000 && performance.now() - last < 1000;

  ) {
    await pause(10);
    const now = processorTime(server.pid);
    if (now - seen > 10) {
      last = performance.now();
      seen = now;
    }
  }
  await Promise.all(all);
  console.log(
    `  ${leaving} leave (${busy.toFixed(1)} cores busy): quiet after ${((last - from) / allowed.quiet).toFixed(2)} of ${allowed.quiet} ms`,
  );
}

/** Everything that once took all the memory there is, at once; and what is held half a minute later. */
async function hostile() {
  let most = 0;
  const watching = setInterval(() => (most = Math.max(most, memory(server.pid))), 50);
  const file = largeFile(50);
  const from = performance.now();
  const answers = await Promise.all([
    ...Array.from({ length: 8 }, () => sendText("/api/jobs/import", file, "application/json")),
    ...Array.from({ length: 12 }, () => send("POST", "/api/sewing", manyAlike(10_000))),
    ...Array.from({ length: 4 }, () => sendText("/api/outlines", deepDrawing(99_000), "text/plain")),
  ]);
  clearInterval(watching);
  const statuses = [...new Set(answers.map(({ status }) => status))].join(", ");
  const seconds = ((performance.now() - from) / 1000).toFixed(1);
  console.log(
    `  eight job files of 50 MB, twelve sets of 10,000, four deep drawings at once (${statuses}) in ${seconds} s:`,
    `memory at most ${(most / allowed.memory).toFixed(2)} of ${allowed.memory} MB`,
  );
  await pause(restFor);
  console.log(
    `  half a minute later ${(memory(server.pid) / allowed.rested).toFixed(2)} of ${allowed.rested} MB`,
  );
}

/** The server is told to end while lays run. */
async function ending() {
  const all = [1, 2, 3].map((seed) => listen(seed, AbortSignal.timeout(60_000)));
  await pause(1000);
  console.log(
    `  told to end with three lays running: ended after ${((await server.stop()) / allowed.end).toFixed(2)} of ${allowed.end} ms`,
  );
  await Promise.all(all);
}
