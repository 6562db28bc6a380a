import { keepMine, takeTheirs, useSaving } from "../../queries/autosave";

/** Someone wrote the same part elsewhere: nothing was overwritten, and the maker chooses. */
export function ConflictNotice() {
  const conflict = useSaving((state) => state.conflict);
  return conflict ? (
    <div className="conflict" role="alert">
      This was changed elsewhere in the meantime, perhaps in another tab. Nothing was overwritten.
      <button type="button" className="header-button" onClick={keepMine}>
        Keep what is here
      </button>
      <button type="button" className="header-button" onClick={() => void takeTheirs()}>
        Take what was written there
      </button>
    </div>
  ) : null;
}
