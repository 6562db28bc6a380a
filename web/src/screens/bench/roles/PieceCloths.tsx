import type { Catalogue, Check, Draft } from "../../../api/client";
import type { Cover } from "../../../model/cover";
import { rolesOf } from "../../../model/roles";
import { ChecksFor } from "../../../ui/ChecksFor";
import { RoleCloth } from "./RoleCloth";

interface Props {
  draft: Draft;
  /** The key of the piece that was touched last, of this cover or another; the first is asked of till then. */
  piece: string | null;
  cover: Cover;
  coverId: string;
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

const isOfRoles = (check: Check) => check.measure?.startsWith("roles") === true;

/** The cloth the touched piece is cut from; each part of the cover that is cut by it may have another. */
export function PieceCloths({ draft, piece, cover, coverId, catalogue, houseRules }: Props) {
  const touched = draft.pieces.find(({ key }) => key === piece) ?? draft.pieces[0];
  const roles = rolesOf({ ...draft, pieces: touched ? [touched] : [] }, cover);
  return (
    <>
      {roles.length > 0 && (
        <div className="piece-cloths" role="group" aria-label="Cut from">
          <span className="piece-cloths-of">{touched?.name}, cut from</span>
          {roles.map((role) => (
            <label key={role.word}>
              {roles.length > 1 && <span>{role.label}</span>}
              <RoleCloth role={role} coverId={coverId} catalogue={catalogue} houseRules={houseRules} />
            </label>
          ))}
        </div>
      )}
      <ChecksFor checks={draft.checks.filter(isOfRoles)} />
    </>
  );
}
