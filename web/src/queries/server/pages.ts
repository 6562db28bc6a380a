const lockPrefix = "wrapper-page/";
const lastPage = "wrapper-page";

/** This page, as long as it lives: what was typed on it waits under its name. */
export const thisPage = crypto.randomUUID();

let others: ReadonlySet<string> = new Set();

/** Whether a page is open in another tab or window: it sends for itself what waits of it. As it was last looked. */
export function livesElsewhere(page: string): boolean {
  return others.has(page);
}

/** Looks which other pages are open; every page holds a lock that ends with it, also when the browser falls down. */
export async function lookForPages(): Promise<void> {
  const held = (await locks()?.query())?.held ?? [];
  const pages = held.flatMap(({ name }) =>
    name?.startsWith(lockPrefix) ? [name.slice(lockPrefix.length)] : [],
  );
  others = new Set(pages.filter((page) => page !== thisPage && page !== pageBefore));
}

/** The page this tab showed before it was loaded again: gone, although its lock may not have ended yet. */
const pageBefore = sessionStorage.getItem(lastPage);
sessionStorage.setItem(lastPage, thisPage);
void locks()?.request(lockPrefix + thisPage, () => new Promise(() => undefined));

/** Not there outside a secure context: every other page then counts as gone. */
function locks(): LockManager | undefined {
  return (navigator as Partial<Navigator>).locks;
}
