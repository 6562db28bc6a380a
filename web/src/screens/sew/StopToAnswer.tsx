interface Props {
  text: string;
  isAnswered: boolean;
  /** Somebody wanted to go on before this was answered. */
  isAsked: boolean;
  onAnswer: () => void;
}

/** A stop-sign: a thing one must answer before going on, because it cannot be undone after. */
export function StopToAnswer({ text, isAnswered, isAsked, onAnswer }: Props) {
  return (
    <label className={`sew-stop${isAnswered ? " is-answered" : ""}${isAsked ? " is-asked" : ""}`}>
      <input type="checkbox" checked={isAnswered} disabled={isAnswered} onChange={onAnswer} />
      <span>{text}</span>
      {isAsked && !isAnswered && <strong role="alert">Answer this first.</strong>}
    </label>
  );
}
