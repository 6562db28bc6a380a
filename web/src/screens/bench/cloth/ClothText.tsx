import type { Cloth } from "../../../model/cloth/cloth";
import { Input } from "antd";
import type { Check } from "../../../api/client";
import { Glossed } from "../../../ui/Glossed";
import { editCloth } from "../../../model/job/benchCloth";

/** What is said of a cloth in a text, as typed. */
export type TextOf = { [K in keyof Cloth]: Cloth[K] extends string ? K : never }[keyof Cloth];

interface Props {
  cloth: Cloth;
  name: TextOf;
  label: string;
  /** What holds while nothing is said. */
  usual: string;
  width?: number | undefined;
  checks: Check[];
}

/** One thing said of the cloth, marked where it cannot be read. */
export function ClothText({ cloth, name, label, usual, width = 64, checks }: Props) {
  return (
    // eslint-disable-next-line jsx-a11y/label-has-associated-control -- its words are in Glossed, its control is the Input
    <label className="cloth-field">
      <span>
        <Glossed text={label} />
      </span>
      <Input
        size="small"
        style={{ width }}
        value={cloth[name]}
        placeholder={usual}
        status={checks.some((check) => check.measure === `cloth.${name}`) ? "error" : ""}
        onChange={(event) => editCloth({ [name]: event.target.value })}
      />
    </label>
  );
}
