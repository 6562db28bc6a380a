import { execFileSync } from "node:child_process";
import { defineConfig } from "@playwright/test";

const executablePath = execFileSync("sh", ["-c", "command -v chromium-headless-shell"], {
  encoding: "utf8",
}).trim();

export default defineConfig({
  testDir: ".",
  testMatch: "*.spec.ts",
  // Each worker has a server of its own; files side by side, the tests of one file one after the other.
  workers: 2,
  fullyParallel: false,
  // Generous: a machine three times as slow, with other work beside it, takes so long now and then.
  timeout: 480_000,
  expect: { timeout: 150_000 },
  outputDir: "../../out/browser",
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath, args: ["--no-sandbox"] },
  },
});
