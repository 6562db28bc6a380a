import type { Catalogue } from "../../../api/client";
import {
  firstStrips,
  giveAnotherCloth,
  giveCloth,
  pieceRole,
  withPieced,
  withRoles,
  type Role,
} from "../../../model/job/roles";
import { another, ClothSelect, own } from "./ClothSelect";

interface Props {
  role: Role;
  coverId: string;
  /** It was chosen to be joined from strips. */
  onPieced: () => void;
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

const strips = "strips";

/** Which cloth a part of the cover is cut from, or that it is joined from strips. */
export function RoleCloth({ role, coverId, onPieced, catalogue, houseRules }: Props) {
  const { word, given, goesRound, pieced, canBePieced } = role;
  const take = (chosen: string[]) => {
    const last = chosen.at(-1);
    if (last === another) {
      giveAnotherCloth(word);
    } else if (last === strips) {
      pieceRole(word, pieced ?? firstStrips(given[0] ?? ""));
      onPieced();
    } else {
      if (pieced) {
        pieceRole(word, null);
      }

      const keys = chosen.filter((key) => key !== own && key !== strips);
      giveCloth(word, last === undefined || last === own ? [] : goesRound ? keys : [last]);
    }
  };
  return (
    <ClothSelect
      label={`${role.label}: cut from`}
      {...(goesRound && { title: "Several take turns, from the front round to the left" })}
      coverId={coverId}
      several={goesRound}
      chosen={pieced ? [strips] : given.length === 0 ? [own] : given}
      besides={
        canBePieced
          ? [{ key: strips, label: pieced ? `${pieced.parts.length} strips` : "strips, joined" }]
          : []
      }
      change={(cover, key) =>
        key === strips
          ? withPieced(cover, word, pieced ?? firstStrips(given[0] ?? ""))
          : withRoles(withPieced(cover, word, null), [word], key === own ? [] : [key])
      }
      onChoose={take}
      catalogue={catalogue}
      houseRules={houseRules}
    />
  );
}
