import { TextButton } from "../../../ui/TextButton";
import type { Cloth } from "../../../model/cloth/cloth";
import { useBench, useCurrentCover } from "../../../model/job/benchStore";
import { cutFrom, cutFromAnother, removeCloth } from "../../../model/job/benchCloth";
import { keyOf } from "../../../model/cloth/clothKey";
import { useCatalogue } from "../../../queries/server/useCatalogue";
import { partsCutFrom } from "../../../model/job/roles";
import { clothName, clothOf, coversOn, isForInside, type JobDocument } from "../../../model/job/document";

/** Which of the job's cloths this cover is cut from; a job may have several, each with a lay of its own. */
export function ClothChoice({ document, cloth }: { document: JobDocument; cloth: Cloth }) {
  const cloths = document.cloths;
  const roles = useCatalogue().data?.roles ?? [];
  const current = useCurrentCover();
  const own = clothOf(document, current?.cover);
  const partsOf = (one: Cloth) => (current ? partsCutFrom(roles, current.cover, keyOf(one)) : []);
  if (cloths.length === 1) {
    return null;
  }

  return (
    <div className="cloth-choice" role="group" aria-label="This cover is cut from">
      <span>Cut from</span>
      {cloths.map((one) => (
        <button
          key={one.key}
          type="button"
          className="cloth-take"
          aria-pressed={one.key === cloth.key}
          onClick={() =>
            one === own || isForInside(one) || partsOf(one).length > 0
              ? useBench.setState({ shownCloth: one.key })
              : cutFrom(one.key)
          }
        >
          {clothName(one)}
          {isForInside(one) && `, ${one.role}`}
          {partsOf(one).length > 0 && `: ${partsOf(one).join(", ")}`}
        </button>
      ))}
      {cloths
        .filter((one) => one.key !== "" && (isForInside(one) || coversOn(document, one).length === 0))
        .map((one) => (
          <TextButton key={`off-${one.key}`} onClick={() => removeCloth(one.key)}>
            take {clothName(one)} off
          </TextButton>
        ))}
      <TextButton onClick={cutFromAnother}>+ another cloth</TextButton>
    </div>
  );
}
