import { Select } from "antd";
import { useState } from "react";
import type { Catalogue } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import { keyOf } from "../../../model/cloth/clothKey";
import type { Cover } from "../../../model/cover/cover";
import { clothName, clothOf } from "../../../model/job/document";
import { clothsToGive } from "../../../model/job/roles";
import { useRoleTrial } from "../../../queries/figures/useRoleTrial";
import "./roles.css";

/** What the cover’s own cloth and a new one are chosen as. */
export const own = "own";
export const another = "another";

interface Props {
  /** What is chosen for: “top: cut from”. */
  label: string;
  title?: string;
  coverId: string;
  /** The keys of what is chosen now; `own` for the cover’s own cloth. */
  chosen: string[];
  /** Several may be chosen. */
  several?: boolean;
  /** What is offered beside the cloths, before the new one. */
  besides?: { key: string; label: string }[];
  /** The cover with this chosen. */
  change: (cover: Cover, key: string) => Cover;
  onChoose: (chosen: string[]) => void;
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

/** A choice among the cloths of the job; each says what it would add and take before it is chosen. */
export function ClothSelect({
  label,
  title,
  coverId,
  chosen,
  several = false,
  besides = [],
  change,
  onChoose,
  catalogue,
  houseRules,
}: Props) {
  const document = useBench((state) => state.document);
  const [open, setOpen] = useState(false);
  const cloths = document ? clothsToGive(document) : [];
  const ownCloth = document
    ? clothOf(document, document.covers.find((entry) => entry.id === coverId)?.cover)
    : null;
  const offered = [
    ...(ownCloth ? [{ key: own, label: `${clothName(ownCloth)}, the cover’s own` }] : []),
    ...cloths
      .filter((cloth) => cloth !== ownCloth || chosen.includes(keyOf(cloth)))
      .map((cloth) => ({ key: keyOf(cloth), label: clothName(cloth) })),
    ...besides,
  ];
  const trials = useRoleTrial({
    document: open ? document : null,
    coverId,
    tries: offered.map(({ key }) => ({ key, change: (cover) => change(cover, key) })),
    catalogue,
    houseRules,
  });
  if (!ownCloth) {
    return null;
  }

  const named = (key: string) =>
    besides.find((beside) => beside.key === key)?.label ??
    clothName(cloths.find((cloth) => keyOf(cloth) === key) ?? ownCloth);
  const says = (key: string) =>
    chosen.length === 1 && chosen[0] === key
      ? "as it stands"
      : (trials.find((trial) => trial.key === key)?.change ?? "…");
  return (
    <Select<string[]>
      mode={several ? "multiple" : undefined!}
      size="small"
      className="role-cloth"
      aria-label={label}
      title={title!}
      popupMatchSelectWidth={false}
      open={open}
      onOpenChange={setOpen}
      value={chosen}
      options={[
        ...offered.map(({ key, label: name }) => ({ value: key, label: name, says: says(key) })),
        { value: another, label: "+ another cloth", says: "" },
      ]}
      labelRender={({ value }) => named(String(value))}
      optionRender={({ data }) => (
        <span className="role-option">
          {data.label}
          <span className="role-change">{data.says}</span>
        </span>
      )}
      onChange={(now: string[] | string) => onChoose(Array.isArray(now) ? now : [now])}
    />
  );
}
