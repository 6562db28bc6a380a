// The browser tests that failed, each with the first lines of what went wrong: for the end of a long log.
import { existsSync, readFileSync } from "node:fs";

const colours = new RegExp(String.fromCharCode(27) + "\\[[0-9;]*m", "g");

function tell(suite) {
  for (const spec of suite.specs ?? []) {
    for (const result of spec.tests.flatMap((test) => test.results)) {
      if (result.status !== "passed" && result.status !== "skipped") {
        const lines = (result.error?.message ?? result.status).replace(colours, "").split("\n").slice(0, 10);
        console.log(`[FAIL] ${spec.file}: ${spec.title}\n  ${lines.join("\n  ")}`);
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
