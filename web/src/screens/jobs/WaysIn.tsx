import { Link } from "react-router";

interface Props {
  onNew: () => void;
}

/** The ways into work that is not on the shelf yet. */
export function WaysIn({ onNew }: Props) {
  return (
    <div className="ways-in">
      <button type="button" className="new-job" autoFocus onClick={onNew}>
        A thing to cover
        <span>measure it and see</span>
      </button>
      <Link className="new-job other" to="/cloth-at-hand">
        A cloth I have
        <span>what can be made of it?</span>
      </Link>
      <Link className="new-job other" to="/practice">
        Practice
        <span>a sum a day, five minutes</span>
      </Link>
    </div>
  );
}
