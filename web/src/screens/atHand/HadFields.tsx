import { Input, Segmented } from "antd";
import type { Unit } from "../../api/client";
import type { Had } from "./had";

const strips = [1, 2, 3, 4].map((count) => ({
  value: count,
  label: count === 1 ? "faces whole" : count === 2 ? "faces joined from 2" : String(count),
}));

interface Props {
  cloth: Had;
  onCloth: (cloth: Had) => void;
  unit: Unit;
  onUnit: (unit: Unit) => void;
}

/** What is asked of a cloth one has. */
export function HadFields({ cloth, onCloth, unit, onUnit }: Props) {
  return (
    <div className="at-hand-cloth">
      <Segmented<Had["kind"]>
        aria-label="It is"
        value={cloth.kind}
        options={[
          { value: "roll", label: "off a roll" },
          { value: "sheet", label: "a sheet or towel" },
        ]}
        onChange={(kind) => onCloth({ ...cloth, kind })}
      />
      <HadField name="width" label="across" cloth={cloth} onCloth={onCloth} />
      <HadField name="length" label="along" cloth={cloth} onCloth={onCloth} />
      {cloth.kind === "sheet" ? (
        <SheetFields cloth={cloth} onCloth={onCloth} />
      ) : (
        <HadField name="selvage" label="cut off each side" cloth={cloth} onCloth={onCloth} />
      )}
      <Segmented<Had["nap"]>
        aria-label="Nap"
        value={cloth.nap}
        options={[
          { value: "either", label: "either way up" },
          { value: "one-way", label: "nap, one way" },
        ]}
        onChange={(nap) => onCloth({ ...cloth, nap })}
      />
      <Segmented
        aria-label="Unit"
        value={unit}
        options={["in", "cm", "mm"]}
        onChange={(value) => onUnit(value as Unit)}
      />
    </div>
  );
}

/** What is asked of a ready sheet only: how many, its hems, how its faces are joined. */
function SheetFields({ cloth, onCloth }: Pick<Props, "cloth" | "onCloth">) {
  return (
    <>
      <HadField name="count" label="how many of it" cloth={cloth} onCloth={onCloth} />
      <HadField name="hem" label="hem at each edge" cloth={cloth} onCloth={onCloth} />
      <Segmented
        aria-label="Its hems"
        value={String(cloth.keeps)}
        options={[
          { value: "false", label: "hems cut off" },
          { value: "true", label: "hems kept" },
        ]}
        onChange={(keeps) => onCloth({ ...cloth, keeps: keeps === "true" })}
      />
      <Segmented
        aria-label="Faces"
        value={cloth.joinedFrom}
        options={strips}
        onChange={(joinedFrom) => onCloth({ ...cloth, joinedFrom })}
      />
    </>
  );
}

interface FieldProps extends Pick<Props, "cloth" | "onCloth"> {
  name: "width" | "length" | "selvage" | "hem" | "count";
  label: string;
}

function HadField({ name, label, cloth, onCloth }: FieldProps) {
  return (
    <label>
      {label}
      <Input
        value={cloth[name]}
        onChange={(event) => onCloth({ ...cloth, [name]: event.target.value })}
        autoFocus={name === "width"}
      />
    </label>
  );
}
