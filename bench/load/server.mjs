// A server of its own, on this machine only, with a store that is thrown away; and what the system says of its process.
import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as pause } from "node:timers/promises";

const port = Number(process.env.PORT ?? 5196);
export const address = `http://127.0.0.1:${port}`;

/** Starts the published server and waits until it answers. */
export async function start() {
  const data = mkdtempSync(join(tmpdir(), "wrapper-load-"));
  const program = new URL("../../out/server/Wrapper.Web.dll", import.meta.url).pathname;
  const process_ = spawn("dotnet", [program, "--urls", address, "--data", data], {
    stdio: ["ignore", "ignore", "ignore"],
  });
  const ended = new Promise((resolve) => process_.once("exit", resolve));
  for (let tries = 0; tries < 600; tries++) {
    try {
      if (process_.exitCode !== null) {
        throw new Error(`The server did not start; is ${address} taken?`);
      }
      if ((await fetch(`${address}/api/health`)).ok) {
        return {
          pid: process_.pid,
          /** Asks it to end and says how long that took, in milliseconds. */
          async stop() {
            const from = performance.now();
            process_.kill("SIGTERM");
            await ended;
            rmSync(data, { recursive: true, force: true });
            return performance.now() - from;
          },
        };
      }
    } catch (error) {
      if (process_.exitCode !== null) {
        throw error;
      } // else it does not listen yet
    }
    await pause(100);
  }
  throw new Error("The server does not answer.");
}

/** Processor time of a process so far, in milliseconds. */
export function processorTime(pid) {
  const fields = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ").at(-1).split(" ");
  return (Number(fields[11]) + Number(fields[12])) * 10; // in hundredths of a second
}

/**
 * What the machine's processors were there for so far, in hundredths of a second: all of it, and what a host took for others.
 * Where a host takes much, the times measured meanwhile are the host's, not the server's.
 */
export function machineTime() {
  const [user, nice, system, idle, wait, irq, soft, stolen] = /^cpu +(.*)$/m
    .exec(readFileSync("/proc/stat", "utf8"))[1]
    .split(" ")
    .map(Number);
  return { all: user + nice + system + idle + wait + irq + soft + stolen, stolen };
}

/** Memory of a process, in megabytes. */
export function memory(pid) {
  return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))[1]) / 1024;
}
