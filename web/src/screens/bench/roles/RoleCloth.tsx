import { Select } from "antd";
import { useState } from "react";
import type { Catalogue } from "../../../api/client";
import { useBench } from "../../../model/benchStore";
import { keyOf } from "../../../model/clothKey";
import { clothName, clothOf } from "../../../model/document";
import { clothsToGive, giveAnotherCloth, giveCloth, type Role } from "../../../model/roles";
import { useRoleTrial } from "../../../queries/useRoleTrial";
import "./roles.css";

interface Props {
  role: Role;
  coverId: string;
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

const own = "own";
const another = "another";

/** Which cloth a part of the cover is cut from; each of the others says what it would add and take before it is chosen. */
export function RoleCloth({ role, coverId, catalogue, houseRules }: Props) {
  const document = useBench((state) => state.document);
  const [open, setOpen] = useState(false);
  const { given } = role;
  const cloths = document ? clothsToGive(document) : [];
  const ownCloth = document
    ? clothOf(document, document.covers.find((entry) => entry.id === coverId)?.cover)
    : null;
  const offered = cloths.filter((cloth) => cloth !== ownCloth || given.includes(keyOf(cloth)));
  const trials = useRoleTrial({
    document: open ? document : null,
    coverId,
    role: role.word,
    keys: ["", ...offered.map(keyOf)],
    catalogue,
    houseRules,
  });
  if (!document || !ownCloth) {
    return null;
  }

  const inTurn = role.goesRound;
  const changeTo = (key: string) => trials.find((trial) => trial.key === key)?.change;
  const label = `${role.label}: cut from`;
  const options = [
    { value: own, label: `${clothName(ownCloth)}, the cover’s own`, change: changeTo("") },
    ...offered.map((cloth) => ({
      value: keyOf(cloth),
      label: clothName(cloth),
      change: changeTo(keyOf(cloth)),
    })),
    { value: another, label: "+ another cloth", change: undefined },
  ];
  const take = (chosen: string[]) => {
    const last = chosen.at(-1);
    if (last === another) {
      giveAnotherCloth(role.word);
    } else if (last === undefined || last === own) {
      giveCloth(role.word, []);
    } else {
      giveCloth(role.word, inTurn ? chosen.filter((key) => key !== own) : [last]);
    }
  };
  return (
    <Select<string[]>
      mode={inTurn ? "multiple" : undefined!}
      size="small"
      className="role-cloth"
      aria-label={label}
      title={inTurn ? "Several take turns, from the front round to the left" : undefined!}
      popupMatchSelectWidth={false}
      open={open}
      onOpenChange={setOpen}
      value={given.length === 0 ? [own] : given}
      options={options}
      labelRender={({ value }) =>
        clothName(cloths.find((cloth) => keyOf(cloth) === String(value)) ?? ownCloth)
      }
      optionRender={({ data }) => (
        <span className="role-option">
          {data.label}
          {data.value !== another && (
            <span className="role-change">
              {isGivenNow(String(data.value), given) ? "as it stands" : (data.change ?? "…")}
            </span>
          )}
        </span>
      )}
      onChange={(chosen: string[] | string) => take(Array.isArray(chosen) ? chosen : [chosen])}
    />
  );
}

function isGivenNow(value: string, given: string[]): boolean {
  return given.length === 0 ? value === own : given.length === 1 && given[0] === value;
}
