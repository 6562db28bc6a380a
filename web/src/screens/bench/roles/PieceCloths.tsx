import { Button, Drawer } from "antd";
import { useState } from "react";
import type { Catalogue, Check, Draft, Unit } from "../../../api/client";
import type { Cover } from "../../../model/cover/cover";
import type { PrintOf } from "../../../model/cloth/print";
import { pieceTouched, rolesOf } from "../../../model/job/roles";
import { ChecksFor } from "../../../ui/checks/ChecksFor";
import { PrintPlacing } from "./PrintPlacing";
import { RoleCloth } from "./RoleCloth";
import { StripsEditor } from "./StripsEditor";

interface Props {
  draft: Draft;
  /** The key of the piece that was touched last, of this cover or another; the first is asked of till then. */
  piece: string | null;
  cover: Cover;
  /** What stands in the way of the cover as it is now. */
  checks: Check[];
  coverId: string;
  catalogue: Catalogue;
  houseRules: Record<string, string>;
  printOf: PrintOf;
  unit: Unit;
}

const isOfStrips = ({ measure }: Check) => measure?.startsWith("options.pieced") === true;
const isOfRoles = ({ measure }: Check) => measure?.startsWith("roles") === true;

/** The cloth the touched piece is cut from; each part of the cover that is cut by it may have another, or be joined from strips. */
export function PieceCloths({
  draft,
  piece,
  cover,
  checks,
  coverId,
  catalogue,
  houseRules,
  printOf,
  unit,
}: Props) {
  const [strips, setStrips] = useState<string | null>(null);
  const [isPlacing, setPlacing] = useState(false);
  const touched = pieceTouched(draft.pieces, piece);
  const roles = rolesOf(catalogue.roles, { ...draft, pieces: touched ? [touched] : [] }, cover);
  const given = { coverId, catalogue, houseRules };
  const pieced = roles.find(({ word }) => word === strips);
  // What stands in the way is said of the cover as it is; what is only worth knowing came with its draft.
  const all = [...checks.filter(({ level }) => level === "error"), ...draft.checks];
  const print = touched?.isFace ? printOf(touched.key, 1, false) : null;
  const canPlace = print !== null && print.print.kind !== "plain" && print.print.width > 0;
  return (
    <>
      {roles.length > 0 && (
        <div className="piece-cloths" role="group" aria-label="Cut from">
          <span className="piece-cloths-of">{touched?.name}, cut from</span>
          {roles.map((role) => (
            <label key={role.word}>
              {roles.length > 1 && <span>{role.label}</span>}
              <RoleCloth role={role} onPieced={() => setStrips(role.word)} {...given} />
            </label>
          ))}
          {roles.map(
            (role) =>
              role.pieced && (
                <Button size="small" key={role.word} onClick={() => setStrips(role.word)}>
                  Its strips
                </Button>
              ),
          )}
          {canPlace && (
            <Button size="small" onClick={() => setPlacing(true)}>
              Place the print
            </Button>
          )}
        </div>
      )}
      {/* Beside the pieces and the cover in the hand: what is said here is seen on both at once. */}
      <Drawer
        open={pieced?.pieced != null}
        onClose={() => setStrips(null)}
        title={pieced ? `The strips of the ${pieced.label}` : ""}
        mask={false}
        size={300}
        destroyOnHidden
        rootClassName="strips-drawer"
      >
        {pieced?.pieced && <StripsEditor role={pieced} pieced={pieced.pieced} {...given} />}
        <ChecksFor checks={all.filter(isOfStrips)} />
      </Drawer>
      <Drawer
        open={isPlacing && canPlace}
        onClose={() => setPlacing(false)}
        title={touched ? `The print on the ${touched.name.toLowerCase()}` : ""}
        mask={false}
        size={400}
        destroyOnHidden
      >
        {canPlace && touched && (
          <PrintPlacing
            piece={touched}
            cover={cover}
            print={print}
            cloth={touched.cloth}
            unit={unit}
            checks={all}
            led={draft.print}
          />
        )}
      </Drawer>
      <ChecksFor checks={all.filter(isOfRoles)} />
    </>
  );
}
