import { execFileSync } from "node:child_process";
import { chromium } from "@playwright/test";

/** Debian's chromium, headless. */
export function launch() {
  const executablePath = execFileSync("sh", ["-c", "command -v chromium-headless-shell"], {
    encoding: "utf8",
  }).trim();
  return chromium.launch({ executablePath, args: ["--no-sandbox"] });
}

export const address = process.env.WRAPPER_URL ?? "http://127.0.0.1:5180";
