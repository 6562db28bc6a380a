import type { Cloth } from "../../../model/cloth/cloth";
import type { Check, Unit } from "../../../api/client";
import { ClothText } from "./ClothText";

interface Props {
  cloth: Cloth;
  unit: Unit;
  usable: string | null;
  checks: Check[];
}

/** What the cloth is, edited on the roll itself. */
export function ClothFields({ cloth, unit, usable, checks }: Props) {
  const of = { cloth, checks };
  return (
    <div className="cloth-fields">
      <ClothText {...of} name="name" label="Cloth" usual="name it" width={130} />
      <ClothText {...of} name="width" label="wide" usual={unit === "in" ? "54" : "137 cm"} width={62} />
      <ClothText
        {...of}
        name="selvage"
        label="selvage each side"
        usual={unit === "in" ? "½" : "12 mm"}
        width={56}
      />
      {usable && (
        <span className="usable">
          {usable} {unit} usable
        </span>
      )}
      <ClothText
        {...of}
        name="price"
        label={cloth.length ? "price each" : unit === "in" ? "price a yard" : "price a metre"}
        usual="–"
      />
    </div>
  );
}
