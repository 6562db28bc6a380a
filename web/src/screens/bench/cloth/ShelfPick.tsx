import { TextButton } from "../../../ui/TextButton";
import type { Cloth } from "../../../model/cloth/cloth";
import { useHouse, useShelf } from "../../../queries/saving/useHouse";
import { editCloth } from "../../../model/job/benchCloth";
import { clothName } from "../../../model/job/document";

/** The remnants on the house's shelf, to be taken for this cloth: those of the same name first. */
export function ShelfPick({ cloth }: { cloth: Cloth }) {
  const shelf = useHouse().data?.shelf ?? [];
  const { mutate } = useShelf();
  if (shelf.length === 0) {
    return (
      <p className="shelf-note">
        Nothing is on the house’s shelf. The cutting sheet puts there what is left of a job.
      </p>
    );
  }

  const isSame = (name: string) => name.trim().toLowerCase() === clothName(cloth).trim().toLowerCase();
  const sorted = [...shelf].sort((a, b) => Number(isSame(b.cloth)) - Number(isSame(a.cloth)));
  return (
    <ul className="shelf" aria-label="On the house’s shelf">
      {sorted.map((remnant, i) => (
        <li key={`${remnant.cloth}${remnant.width}${remnant.length}${i}`}>
          <TextButton
            onClick={() => {
              editCloth({
                remnants: [
                  ...cloth.remnants,
                  {
                    name: `from ${remnant.from || "the shelf"}`,
                    width: remnant.width,
                    length: remnant.length,
                  },
                ],
              });
              mutate({ take: remnant });
            }}
          >
            Take {remnant.width} × {remnant.length}
          </TextButton>{" "}
          {remnant.cloth}
          {remnant.from && `, left of ${remnant.from}`}
        </li>
      ))}
    </ul>
  );
}
