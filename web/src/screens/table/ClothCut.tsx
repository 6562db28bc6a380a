import { Link } from "react-router";
import type { ClothCutting } from "../../api/client";
import { useHouse, useShelf } from "../../queries/saving/useHouse";

interface Props {
  job: string;
  /** What the job is called. */
  name: string;
  cloth: ClothCutting;
  /** The next cloth to lay on the table. */
  next: { key: string; name: string } | null;
  onCloth: (key: string) => void;
}

/** All of a cloth is cut. */
export function ClothCut({ job, name, cloth, next, onCloth }: Props) {
  const { mutate, isPending, isError } = useShelf();
  const shelf = useHouse().data?.shelf;
  const left = cloth.leftOver.map(({ widthShown, lengthShown }) => ({
    cloth: cloth.name,
    width: widthShown,
    length: lengthShown,
    from: name,
  }));
  const isOnShelf = left.every((one) =>
    shelf?.some(
      (known) =>
        known.cloth === one.cloth &&
        known.from === one.from &&
        known.width === one.width &&
        known.length === one.length,
    ),
  );
  return (
    <section className="sheet cut-back">
      <h2>All of {cloth.name} is cut.</h2>
      <p>
        {cloth.lengthShown} of the roll are gone.{" "}
        {left.length > 0 &&
          `Worth keeping, across × along: ${cloth.leftOver.map(({ shown }) => shown).join("; ")}. Chalk the warp on each.`}
      </p>
      {left.length > 0 &&
        shelf &&
        (isOnShelf ? (
          <p role="status">On the house’s shelf.</p>
        ) : (
          <p>
            <button
              type="button"
              className="hand-small"
              disabled={isPending}
              onClick={() => mutate({ put: left })}
            >
              Put {left.length === 1 ? "it" : "them"} on the house’s shelf
            </button>
          </p>
        ))}
      {isError && <p role="alert">The shelf could not be written: try again.</p>}
      <p className="cut-choices">
        {next && (
          <button type="button" className="hand-small" onClick={() => onCloth(next.key)}>
            Lay {next.name} on the table
          </button>
        )}
        <Link className="hand-small" to={`/jobs/${job}/sewing`}>
          On to the sewing
        </Link>
      </p>
    </section>
  );
}
