import babel from "@rolldown/plugin-babel";
import react, { reactCompilerPreset } from "@vitejs/plugin-react";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync } from "node:zlib";
import type { Plugin } from "vite";
import { defineConfig } from "vitest/config";

/** Packs what is built once and as small as it goes; the server sends it so to whoever can read it. */
const packed: Plugin = {
  name: "packed",
  apply: "build",
  writeBundle({ dir = "dist" }, bundle) {
    for (const name of Object.keys(bundle).filter((file) => /\.(js|css)$/.test(file))) {
      const file = join(dir, name);
      writeFileSync(`${file}.br`, brotliCompressSync(readFileSync(file)));
    }
  },
};

export default defineConfig({
  plugins: [react(), babel({ presets: [reactCompilerPreset()] }), packed],
  server: { proxy: { "/api": "http://127.0.0.1:5180" } },
  build: { target: "es2023", chunkSizeWarningLimit: 1500 },
  // Tests of what is drawn have a page; the others ask for one where they need it: making one takes longer than they do.
  // No wait of theirs is for a time: the limits are for a machine that is many times as slow.
  test: {
    testTimeout: 120_000,
    hookTimeout: 120_000,
    projects: [
      {
        extends: true,
        test: {
          name: "drawn",
          environment: "jsdom",
          include: ["src/**/*.test.tsx"],
          setupFiles: ["src/patience.ts"],
        },
      },
      { extends: true, test: { name: "reckoned", environment: "node", include: ["src/**/*.test.ts"] } },
    ],
  },
});
