import { useFault } from "../../queries/server/faults";
import "./trouble.css";

/** A fault of the program itself: it is said, and not taken for a lost connection. */
export function Fault() {
  const fault = useFault((state) => state.fault);
  return fault === null ? null : (
    <p className="panel-trouble" role="alert">
      Something went wrong in Wrapper itself ({fault}). What you typed is kept. Load the page again to go on.
      <button type="button" onClick={() => useFault.setState({ fault: null })}>
        Close
      </button>
    </p>
  );
}
