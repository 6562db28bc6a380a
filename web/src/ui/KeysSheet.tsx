import { Button } from "antd";
import { useEffect, useState } from "react";
import { glossary } from "../model/words/glossary";
import "./keys.css";

const keys: [string, string][] = [
  ["Enter, ↓", "next measure"],
  ["Shift+Enter, ↑", "measure before"],
  ["Ctrl+Z", "undo, over everything on the bench"],
  ["Ctrl+Shift+Z, Ctrl+Y", "redo"],
  ["Alt+A", "all stages at once"],
  ["Alt+M", "to the measures"],
  ["Alt+K", "to the ways to make it up"],
  ["Alt+P", "to the pieces and their sums"],
  ["Alt+C", "to the cloth"],
  ["Alt+N", "another thing to cover"],
  ["Alt+T", "turn the finished cover in the hand, and back"],
  ["Alt+W", "the whole working, and back"],
  ["Alt+S", "the proof, seam by seam, and back"],
  ["← → ↑ ↓", "in a row of choices: the one beside; on the finished cover: turn it"],
  ["← → ↑ ↓, T, P", "on a piece on the roll: move it (Shift: further), turn it, pin it or let it go"],
  ["PgDn, PgUp", "on the roll: the next piece, the one before"],
  ["→, PgDn", "on a card at the table or the machine: done, the next one"],
  ["←, PgUp", "on a card: the one before"],
  ["P", "on a card: pause, and on again"],
  ["Esc", "leave what was opened"],
  ["?", "this sheet"],
];

/** The keys and the words of the trade, on a sheet that a question mark lays on the bench. */
export function KeysSheet() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const typing = target.matches("input:not([type=checkbox]), textarea, select");
      if (event.key === "?" && !(typing && (target as HTMLInputElement).value !== "")) {
        event.preventDefault();
        setOpen((before) => !before);
      } else if (event.key === "Escape") {
        setOpen(false);
      }
    };
    const onAsk = () => setOpen(true);
    window.addEventListener("keydown", onKeyDown);
    window.addEventListener("wrapper:keys", onAsk);
    return () => {
      window.removeEventListener("keydown", onKeyDown);
      window.removeEventListener("wrapper:keys", onAsk);
    };
  }, []);
  return open ? (
    <aside className="keys-sheet" aria-label="Keys and words">
      <header>
        <h2>Keys</h2>
        <Button autoFocus onClick={() => setOpen(false)}>
          Put away
        </Button>
      </header>
      <div className="keys-columns">
        <Entries entries={keys} />
        <section>
          <h2>Words</h2>
          <Entries entries={glossary} />
        </section>
      </div>
    </aside>
  ) : null;
}

function Entries({ entries }: { entries: [string, string][] }) {
  return (
    <dl>
      {entries.map(([name, means]) => (
        <div key={`${name} ${means}`}>
          <dt>{name}</dt>
          <dd>{means}</dd>
        </div>
      ))}
    </dl>
  );
}
