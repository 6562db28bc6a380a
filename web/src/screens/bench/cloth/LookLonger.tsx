import { TextButton } from "../../../ui/TextButton";
import type { Longer } from "../../../queries/figures/useLookLonger";

/** Looks for a shorter lay for as long as one likes; what is found is kept. */
export function LookLonger({ longer, proved }: { longer: Longer; proved: boolean }) {
  if (longer.state === "looking") {
    return (
      <span role="status">
        Looking… {longer.found > 0 ? `${longer.saved} shorter so far.` : "nothing shorter yet."}{" "}
        <TextButton className="longer-look" onClick={longer.keep}>
          {longer.found > 0 ? "Stop and keep it" : "Stop"}
        </TextButton>
      </span>
    );
  }

  return (
    <span role="status">
      {longer.state === "nothing" && "Nothing shorter was found. "}
      {longer.state === "failed" && "The workroom’s computer did not answer. "}
      {!proved && (
        <TextButton className="longer-look" onClick={longer.start}>
          Look longer
        </TextButton>
      )}
    </span>
  );
}
