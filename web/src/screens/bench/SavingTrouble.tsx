import { useSaving } from "../../queries/saving/autosave";

/** What keeps what was typed from being saved, while it is tried again. */
export function SavingTrouble() {
  const { state, cause } = useSaving();
  return state === "waiting" && cause ? (
    <p className="conflict" role="alert">
      Not saved yet, and tried again: {cause}
    </p>
  ) : null;
}
