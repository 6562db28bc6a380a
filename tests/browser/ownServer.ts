import { spawn, spawnSync, type ChildProcess } from "node:child_process";
import { createServer, type AddressInfo } from "node:net";
import { once } from "node:events";
import { closeSync, mkdtempSync, openSync, rmSync, truncateSync, writeSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect } from "@playwright/test";

/** What is mounted is seen by this process alone, and goes with it. */
const apart = ["--map-root-user", "--mount"];
const root = join(import.meta.dirname, "../..");

interface Ways {
  /** Where given, the data lies on a disk of this many megabytes; it is gone with the server. */
  megabytes?: number;
  /** Whether it begins with the demo jobs. */
  demo?: boolean;
}

/** A server of one test or one worker alone, which may be killed, started again on the same data, and run out of disk. */
export class OwnServer {
  private process: ChildProcess | null = null;
  private readonly data = mkdtempSync(join(tmpdir(), "wrapper-own-"));
  private port = 0;

  constructor(private readonly ways: Ways = {}) {}

  /** Whether this machine lets a process mount a disk of its own. */
  static mayHaveDisk(): boolean {
    return spawnSync("unshare", [...apart, "mount", "-t", "tmpfs", "tmpfs", tmpdir()]).status === 0;
  }

  get address() {
    return `http://127.0.0.1:${this.port}`;
  }

  async start() {
    this.port ||= await freePort();
    const options = `--urls ${this.address} --data ${this.data} --web web/dist${this.ways.demo ? " --demo demo" : ""}`;
    const serve = `exec dotnet out/server/Wrapper.Web.dll ${options}`;
    const small = `mount -t tmpfs -o size=${this.ways.megabytes}m tmpfs ${this.data} && ${serve}`;
    const [command, ...words] = this.ways.megabytes
      ? ["unshare", ...apart, "sh", "-c", small]
      : ["sh", "-c", serve];
    const begin = () => spawn(command ?? "", words, { cwd: root, stdio: "ignore" });
    this.process = begin();
    await expect(async () => {
      if (hasEnded(this.process)) {
        this.process = begin(); // the port was taken for a moment, by a page that asked for the server
      }

      expect((await fetch(`${this.address}/api/health`)).ok).toBe(true);
    }).toPass({ timeout: 240_000 });
  }

  /** Nothing is finished, nothing is said: as when the power goes. */
  async kill() {
    const running = this.process;
    this.process = null;
    if (running && !hasEnded(running)) {
      const ended = once(running, "exit");
      running.kill("SIGKILL");
      await ended;
    }
  }

  async end() {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }

  /** Fills the disk to its last page; gives what makes room again. */
  fill(): () => void {
    // The server's own disk, as it sees it: it stands in no other process's tree of files.
    const disk = join("/proc", String(this.process?.pid), "root", this.data);
    const filler = join(disk, "filler");
    // The server may write meanwhile: so many bytes are written as there is room for, until there is none.
    const open = openSync(filler, "w");
    try {
      for (let size = 1024 * 1024; size >= 1; ) {
        size = writeSome(open, size) ? size : Math.floor(size / 2);
      }
    } finally {
      closeSync(open);
    }

    return () => truncateSync(filler);
  }
}

/** One that has ended says so no second time: nobody may wait for it. */
const hasEnded = (process: ChildProcess | null) =>
  !process || process.exitCode !== null || process.signalCode !== null;

/** False where the disk has no room for so many bytes; what of them it had room for is written. */
function writeSome(open: number, bytes: number): boolean {
  try {
    return writeSync(open, Buffer.alloc(bytes)) === bytes;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === "ENOSPC") {
      return false;
    }

    throw error;
  }
}

async function freePort(): Promise<number> {
  const server = createServer().listen(0, "127.0.0.1");
  await once(server, "listening");
  const { port } = server.address() as AddressInfo;
  server.close();
  await once(server, "close");
  return port;
}
