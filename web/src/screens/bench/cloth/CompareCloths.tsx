import { Button, Drawer } from "antd";
import { useState } from "react";
import type { Catalogue, Width, Yardage } from "../../../api/client";
import { cutInstead, isSameWidth, takeWidth } from "../../../model/job/benchCloth";
import type { Cloth } from "../../../model/cloth/cloth";
import { keyOf } from "../../../model/cloth/clothKey";
import { clothName, clothOf, type JobDocument } from "../../../model/job/document";
import { clothColour } from "../../../model/pieces/pieceColours";
import { partsCutFrom, type KnownRoles } from "../../../model/job/roles";
import type { KnownLays } from "../../../queries/figures/useYardage";
import { useComparedCloths } from "../../../queries/figures/useComparedCloths";
import { joinsOf, markWords } from "./widthNotes";
import "./compare.css";

interface Props {
  document: JobDocument;
  catalogue: Catalogue;
  houseRules: Record<string, string>;
  /** The lays there are of its cloths already: they are not looked for again. */
  lays: KnownLays;
}

/** The cloths of the job side by side, each at the widths it is sold in; what nothing is cut from says what it would take instead. */
export function CompareCloths({ document, catalogue, houseRules, lays }: Props) {
  const [open, setOpen] = useState(false);
  const { data, isPlaceholderData } = useComparedCloths(open ? document : null, catalogue, houseRules, lays);
  const compared = data?.compared ?? [];
  const close = () => setOpen(false);
  return (
    <div className="compare-cloths">
      <Button size="small" onClick={() => setOpen(true)}>
        Compare cloths
      </Button>
      <Drawer open={open} onClose={close} title="The cloths side by side" size={760} destroyOnHidden>
        {!data ? (
          <p role="status">Laying every cloth at every width it is sold in: a few seconds …</p>
        ) : compared.length === 0 ? (
          <p>Nothing can be laid yet: take the measures first.</p>
        ) : (
          <ComparedTable
            roles={catalogue.roles}
            document={document}
            compared={compared}
            busy={isPlaceholderData}
            onChosen={close}
          />
        )}
      </Drawer>
    </div>
  );
}

interface TableProps {
  roles: KnownRoles;
  document: JobDocument;
  compared: NonNullable<Yardage["compared"]>;
  busy: boolean;
  onChosen: () => void;
}

function ComparedTable({ roles, document, compared, busy, onChosen }: TableProps) {
  const cloths = document.cloths;
  const known = (key: string | null) => cloths.find((cloth) => keyOf(cloth) === key);
  return (
    <table className="compared" aria-busy={busy}>
      <caption className="visually-hidden">The cloths of the job</caption>
      <thead>
        <tr>
          <th scope="col">Width</th>
          <th scope="col">To buy</th>
          <th scope="col">Joins</th>
          <th scope="col">Waste</th>
          <th scope="col">Money</th>
          <th scope="col">
            <span className="visually-hidden">Choose</span>
          </th>
        </tr>
      </thead>
      {compared.map(({ key, insteadOf, widths }) => {
        const cloth = known(key);
        const other = known(insteadOf);
        return (
          cloth && (
            <tbody key={key}>
              <tr>
                <th colSpan={6} scope="rowgroup" className="compared-cloth">
                  <span
                    className="compared-look"
                    style={{ background: cloth.face.ground || clothColour(cloths.indexOf(cloth)) }}
                  />
                  {clothName(cloth)}
                  <span className="compared-for">
                    {other ? `instead of ${clothName(other)}` : cutFromIt(roles, document, cloth)}
                  </span>
                </th>
              </tr>
              {widths.map((width) => (
                <Row
                  key={width.name}
                  cloth={cloth}
                  width={width}
                  isNow={!other && isSameWidth(cloth.width, width.name)}
                  choice={
                    other
                      ? `Cut from ${clothName(cloth)}, ${width.name}`
                      : `Lay ${clothName(cloth)} at ${width.name}`
                  }
                  onChoose={() => {
                    if (insteadOf !== null) {
                      cutInstead(insteadOf, cloth, width.name);
                    } else {
                      takeWidth(cloth, width.name);
                    }

                    onChosen();
                  }}
                />
              ))}
            </tbody>
          )
        );
      })}
    </table>
  );
}

interface RowProps {
  cloth: Cloth;
  width: Width;
  isNow: boolean;
  choice: string;
  onChoose: () => void;
}

function Row({ width, isNow, choice, onChoose }: RowProps) {
  const isTooNarrow = width.checks.some((check) => check.level === "error");
  return (
    <tr className={width.marks.length > 0 ? "best" : undefined}>
      <th scope="row">{width.name}</th>
      <td>{width.buy ?? "–"}</td>
      <td>{isTooNarrow ? "too narrow" : joinsOf(width)}</td>
      <td>{width.waste === null ? "" : `${Math.round(width.waste * 100)} %`}</td>
      <td>{width.cost === null ? "no price" : width.cost.toFixed(2)}</td>
      <td className="compared-choice">
        {width.marks.map((mark) => (
          <strong key={mark}>{markWords[mark] ?? mark}</strong>
        ))}
        {isNow ? (
          <span>as it stands</span>
        ) : (
          width.buy !== null && (
            <Button size="small" aria-label={choice} onClick={onChoose}>
              take it
            </Button>
          )
        )}
      </td>
    </tr>
  );
}

/** What is cut from a cloth: whole covers, or parts of some. */
function cutFromIt(roles: KnownRoles, document: JobDocument, cloth: Cloth): string {
  const covers = document.covers.filter(({ cover }) => clothOf(document, cover) === cloth).length;
  const parts = [
    ...new Set(document.covers.flatMap(({ cover }) => partsCutFrom(roles, cover, keyOf(cloth)))),
  ];
  return [covers === 0 ? "" : covers === 1 ? "one cover" : `${covers} covers`, ...parts]
    .filter(Boolean)
    .join(", ");
}
