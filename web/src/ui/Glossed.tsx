import { firstTerm } from "../model/words/glossary";

/** A text whose first word of the trade can be touched: what it means is said at the word. The `?` sheet has them all. */
export function Glossed({ text }: { text: string }) {
  const found = firstTerm(text);
  return found ? (
    <>
      {found.before}
      <span className="term" data-term={found.word}>
        {found.word}
      </span>
      {found.after}
    </>
  ) : (
    text
  );
}
