import type { MakeUp } from "../../../api/client";

/** What speaks for a way on this very thing, and what against it. */
export function Reasons({ one }: { one: MakeUp }) {
  return (
    <span className="reasons" role="list">
      {one.reasons.map(({ speaks, text }) => (
        <span key={text} role="listitem" className={speaks === "for" ? "for" : "against"}>
          <span className="visually-hidden">{speaks === "for" ? "for: " : "against: "}</span>
          {speaks === "forbids" ? <strong>{text}</strong> : text}
        </span>
      ))}
    </span>
  );
}
