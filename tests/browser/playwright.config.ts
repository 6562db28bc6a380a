import { execFileSync } from "node:child_process";
import { defineConfig } from "@playwright/test";

const executablePath = execFileSync("sh", ["-c", "command -v chromium"], { encoding: "utf8" }).trim();

export default defineConfig({
  testDir: ".",
  testMatch: "*.spec.ts",
  workers: 1,
  fullyParallel: false,
  // Generous: a machine three times as slow, with other work beside it, takes so long now and then.
  timeout: 240_000,
  expect: { timeout: 75_000 },
  outputDir: "../../out/browser",
  use: {
    baseURL: process.env.WRAPPER_URL ?? "http://127.0.0.1:5180",
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath, args: ["--no-sandbox"] },
  },
});
