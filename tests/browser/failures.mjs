// The browser tests that failed, each with the first lines of what went wrong: for the end of a long log.
import { existsSync, readFileSync } from "node:fs";

/** So many lines of what the page showed. */
const mostLines = 150;

const colours = new RegExp(String.fromCharCode(27) + "\\[[0-9;]*m", "g");

function tell(suite) {
  for (const spec of suite.specs ?? []) {
    for (const result of spec.tests.flatMap((test) => test.results)) {
      if (result.status !== "passed" && result.status !== "skipped") {
        const lines = (result.error?.message ?? result.status).replace(colours, "").split("\n").slice(0, 10);
        const record = (result.attachments ?? []).find(({ name, body }) => name === "page" && body);
        const shown = record
          ? Buffer.from(record.body, "base64").toString().split("\n").slice(0, mostLines)
          : [];
        console.log(`[FAIL] ${spec.file}: ${spec.title}\n  ${[...lines, ...shown].join("\n  ")}`);
      }
    }
  }

  (suite.suites ?? []).forEach(tell);
}

const file = process.argv[2];
if (existsSync(file)) {
  JSON.parse(readFileSync(file, "utf8")).suites.forEach(tell);
} else {
  console.log("The browser tests did not come to an end.");
}
