import { Tooltip } from "antd";
import { useEffect, useState } from "react";
import { meaningOf } from "../model/words/glossary";

interface At {
  said: string;
  box: DOMRect;
}

/** Says what a touched word of the trade means, at the word; one note for all words of the page. */
export function TermNote() {
  const [at, setAt] = useState<At | null>(null);
  useEffect(() => {
    const touched = (event: MouseEvent) => {
      const term = event.target instanceof Element ? event.target.closest<HTMLElement>(".term") : null;
      const said = term && meaningOf(term.dataset["term"] ?? "");
      if (said) {
        event.preventDefault(); // a word in a label is read, not written into
      }

      setAt(
        term && said ? { said: `${term.dataset["term"]}: ${said}`, box: term.getBoundingClientRect() } : null,
      );
    };
    const away = () => setAt(null);
    document.addEventListener("click", touched);
    document.addEventListener("scroll", away, true);
    document.addEventListener("keydown", away);
    return () => {
      document.removeEventListener("click", touched);
      document.removeEventListener("scroll", away, true);
      document.removeEventListener("keydown", away);
    };
  }, []);
  return at ? (
    <Tooltip open title={at.said} placement="top">
      <span
        className="term-anchor"
        style={{ left: at.box.left, top: at.box.top, width: at.box.width, height: at.box.height }}
      />
    </Tooltip>
  ) : null;
}
