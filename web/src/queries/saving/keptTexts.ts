import { openDB, type DBSchema, type IDBPDatabase } from "idb";

const version = 1;
const hasDatabase = typeof indexedDB !== "undefined";

/** One text as it is kept. A later version of Wrapper may keep it otherwise, and says so. */
interface Kept {
  version: number;
  text: string;
}

interface Storage extends DBSchema {
  texts: { key: string; value: Kept };
}

let opened: Promise<IDBPDatabase<Storage> | null> | null = null;

/** The browser's database; null where there is none, as in some private windows: texts then stay where they were first written. */
function database(): Promise<IDBPDatabase<Storage> | null> {
  opened ??= !hasDatabase
    ? Promise.resolve(null)
    : openDB<Storage>("wrapper", version, {
        upgrade: (fresh) => void fresh.createObjectStore("texts"),
      }).catch(() => null);
  return opened;
}

/**
 * Texts that outlive the page, the tab and the browser. Each is written at once to the browser's small storage, where it is safe
 * before a page can be closed, and moves from there to IndexedDB, which has room for all of them. What an older page left in
 * the small storage is read like everything else.
 */
export class KeptTexts {
  private readonly held = new Map<string, string>();
  private writes: Promise<unknown> = Promise.resolve();

  constructor(private readonly prefix: string) {}

  /** The keys of all texts, as it was last looked. */
  keys(): string[] {
    const small = Object.keys(localStorage).filter((key) => key.startsWith(this.prefix));
    return [...new Set([...this.held.keys(), ...small.map((key) => key.slice(this.prefix.length))])];
  }

  get(key: string): string | null {
    return localStorage.getItem(this.prefix + key) ?? this.held.get(key) ?? null;
  }

  /** Keeps a text; false where the browser has no room: the page still holds it. */
  set(key: string, text: string): boolean {
    try {
      localStorage.setItem(this.prefix + key, text);
    } catch {
      localStorage.removeItem(this.prefix + key); // an older text would be taken for this one
      if (!hasDatabase) {
        return false;
      }
    }

    this.move(key, text);
    return true;
  }

  remove(key: string) {
    this.held.delete(key);
    localStorage.removeItem(this.prefix + key);
    this.write((texts) => texts.delete("texts", this.prefix + key));
  }

  /** Looks again what is kept: other pages of this browser keep and remove texts too. */
  async look(): Promise<void> {
    await this.writes;
    const texts = await database();
    const range = keyRangeOf(this.prefix);
    if (!texts || !range) {
      return;
    }

    const [keys, kept] = await Promise.all([texts.getAllKeys("texts", range), texts.getAll("texts", range)]);
    const found = new Map(keys.map((key, at) => [key.slice(this.prefix.length), kept[at]]));
    for (const key of this.held.keys()) {
      if (!found.has(key) && localStorage.getItem(this.prefix + key) === null) {
        this.held.delete(key);
      }
    }

    for (const [key, one] of found) {
      if (one && one.version <= version) {
        this.held.set(key, one.text);
      }
    }
  }

  /** Looks what earlier visits kept, and moves what they left in the small storage. */
  async lookForEarlier(isLeft: (key: string) => boolean = () => true): Promise<void> {
    this.adopt(isLeft);
    await this.look();
  }

  /** Moves what an older page left in the small storage; not what a page that is open just wrote. */
  adopt(isLeft: (key: string) => boolean) {
    for (const key of Object.keys(localStorage).filter((name) => name.startsWith(this.prefix))) {
      const text = localStorage.getItem(key);
      if (text !== null && isLeft(key.slice(this.prefix.length))) {
        this.move(key.slice(this.prefix.length), text);
      }
    }
  }

  /** Done when everything that was kept or removed until now is on the disk. */
  async settled(): Promise<void> {
    await this.writes;
  }

  private move(key: string, text: string) {
    if (!hasDatabase) {
      return;
    }

    this.held.set(key, text);
    this.write(async (texts) => {
      await texts.put("texts", { version, text }, this.prefix + key);
      if (localStorage.getItem(this.prefix + key) === text && this.held.has(key)) {
        localStorage.removeItem(this.prefix + key);
      }
    });
  }

  /** Writes follow one another; one that fails leaves its text in the small storage. */
  private write(change: (texts: IDBPDatabase<Storage>) => Promise<unknown>) {
    this.writes = this.writes
      .then(database)
      .then((texts) => (texts ? change(texts) : undefined))
      .catch(() => undefined);
  }
}

/** All keys that begin so; null where the browser has no such thing. */
function keyRangeOf(prefix: string): IDBKeyRange | null {
  return typeof IDBKeyRange === "undefined" ? null : IDBKeyRange.bound(prefix, `${prefix}\uffff`);
}
