import { Input } from "antd";
import type { Check, Cloth, Unit } from "../api/client";
import { editCloth } from "../jobs/benchStore";

interface Props {
  cloth: Cloth;
  unit: Unit;
  usable: string | null;
  checks: Check[];
}

/** What the cloth is, edited on the roll itself. */
export function ClothFields({ cloth, unit, usable, checks }: Props) {
  const field = (
    name: "name" | "width" | "selvage" | "price",
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
      {field("name", "Cloth", "name it", 130)}
      {field("width", "wide", unit === "in" ? "54" : "137 cm", 62)}
      {field("selvage", "selvage each side", unit === "in" ? "½" : "12 mm", 56)}
      {usable && (
        <span className="usable">
          {usable} {unit} usable
        </span>
      )}
      {field("price", unit === "in" ? "price a yard" : "price a metre", "–", 64)}
    </div>
  );
}
