import { Button } from "antd";
import { useNavigate } from "react-router";
import { useBench } from "../../model/job/benchStore";
import { keepMine, letGo, takeTheirs, useSaving } from "../../queries/saving/autosave";

/** Someone wrote or deleted the same part elsewhere: nothing was overwritten, all else is saved, and the maker chooses. */
export function ConflictNotice() {
  const conflict = useSaving((state) => state.conflict);
  const name = useBench(
    (state) => state.document?.covers.find(({ id }) => conflict?.key === `cover/${id}`)?.cover.name,
  );
  const go = useNavigate();
  if (!conflict) {
    return null;
  }

  const isJob = conflict.key === "job";
  const isGone = conflict.version === null;
  return (
    <div className="conflict" role="alert">
      {isJob
        ? "This job was deleted elsewhere. What was changed here since then is on this page only."
        : isGone
          ? `${name ? `“${name}”` : "This thing"} was deleted elsewhere, and was changed here. All else is saved.`
          : "This was changed elsewhere in the meantime, perhaps in another tab. Nothing was overwritten."}
      <Button onClick={() => void keepMine()}>
        {isJob ? "Bring the job back" : isGone ? "Bring it back" : "Keep what is here"}
      </Button>
      <Button
        onClick={() => {
          if (isJob) {
            letGo();
            void go("/");
          } else {
            void takeTheirs();
          }
        }}
      >
        {isGone ? "Let it go" : "Take what was written there"}
      </Button>
    </div>
  );
}
