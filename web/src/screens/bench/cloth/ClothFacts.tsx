import type { Catalogue, Check } from "../../../api/client";
import { editCloth } from "../../../model/job/benchCloth";
import type { Cloth } from "../../../model/cloth/cloth";
import { HandlingOf } from "../../../ui/HandlingOf";
import { ClothText } from "./ClothText";

interface Props {
  cloth: Cloth;
  checks: Check[];
  traits: Catalogue["traits"];
}

/** What a cloth is like under the hands, what that asks for, and what its label says. */
export function ClothFacts({ cloth, checks, traits }: Props) {
  const toggled = (value: Cloth["traits"][number]) =>
    cloth.traits.includes(value) ? cloth.traits.filter((known) => known !== value) : [...cloth.traits, value];
  return (
    <>
      <span>This cloth</span>
      {traits.map(({ word, label }) => (
        <button
          key={word}
          type="button"
          className="cloth-take"
          aria-pressed={cloth.traits.includes(word)}
          onClick={() => editCloth({ traits: toggled(word) })}
        >
          {label}
        </button>
      ))}
      <HandlingOf cloth={cloth} traits={traits} />
      <ClothText cloth={cloth} checks={checks} name="thickness" label="thick" usual="not known" width={84} />
      <ClothText cloth={cloth} checks={checks} name="batch" label="batch" usual="not known" width={120} />
      <ClothText
        cloth={cloth}
        checks={checks}
        name="care"
        label="how it is washed"
        usual="not known"
        width={200}
      />
      <ClothText
        cloth={cloth}
        checks={checks}
        name="fire"
        label="its label says of fire"
        usual="not known"
        width={180}
      />
      <small>What a label says of fire is repeated, never vouched for: check your local rules.</small>
    </>
  );
}
