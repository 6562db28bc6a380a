import { Input, Segmented } from "antd";
import type { Check, Cloth, Unit } from "../api/client";
import { cutFromAnother, editCloth } from "../jobs/benchStore";

interface Props {
  cloth: Cloth;
  unit: Unit;
  usable: string | null;
  checks: Check[];
  /** The job has no other cloth. */
  isOnly: boolean;
}

/** What the cloth is, edited on the roll itself. */
export function ClothFields({ cloth, unit, usable, checks, isOnly }: Props) {
  const field = (
    name: "name" | "width" | "selvage" | "repeatLength" | "price",
    label: string,
    placeholder: string,
    width: number,
  ) => (
    <label className="cloth-field">
      <span>{label}</span>
      <Input
        size="small"
        style={{ width }}
        value={cloth[name]}
        placeholder={placeholder}
        status={checks.some((check) => check.measure === `cloth.${name}`) ? "error" : ""}
        onChange={(event) => editCloth({ [name]: event.target.value })}
      />
    </label>
  );
  return (
    <div className="cloth-fields">
      {field("name", "Cloth", "name it", 150)}
      {field("width", "wide", unit === "in" ? "54" : "137 cm", 62)}
      {field("selvage", "selvage each side", unit === "in" ? "½" : "12 mm", 56)}
      {usable && (
        <span className="usable">
          {usable} {unit} usable
        </span>
      )}
      {field("repeatLength", "repeat", "none", 60)}
      <Segmented
        size="small"
        aria-label="Nap"
        value={cloth.nap || "either"}
        options={[
          { value: "either", label: "either way up" },
          { value: "one-way", label: "nap, one way" },
        ]}
        onChange={(nap) => editCloth({ nap })}
      />
      {field("price", unit === "in" ? "price a yard" : "price a metre", "–", 64)}
      {isOnly && (
        <button type="button" className="plain-button" onClick={cutFromAnother}>
          + cut this cover from another cloth
        </button>
      )}
    </div>
  );
}
