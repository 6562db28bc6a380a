import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Catalogue, Draft, Shape, Unit, Yardage } from "../../../api/client";
import { CoverPicture } from "../../../drawing/things/CoverPicture";
import { Figure } from "../../../drawing/Figure";
import type { PrintOf } from "../../../model/cloth/print";
import { PieceShape } from "../../../drawing/pieces/PieceShape";
import { RollMiniature } from "../../../drawing/roll/RollMiniature";
import { cutRows } from "../../../model/cover/cutRows";
import type { Cover } from "../../../model/cover/cover";
import { extentOf } from "../../../model/pieces/pieceSize";
import { clothName } from "../../../model/job/document";
import type { ClothYardage } from "../../../queries/figures/useYardage";
import { useColours } from "../../../model/job/useColours";
import { isAsked, isMeasured, missingMeasures, missingParts } from "../../../model/cover/shape";
import { addressOf, type Stage } from "../../../model/job/stage";
import { useBench } from "../../../model/job/benchStore";
import { useFoldUp } from "../../../queries/figures/useFoldUp";
import "./stages.css";

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  /** The same with examples where nothing is measured yet. */
  examples: Cover;
  shape: Shape;
  unit: Unit;
  houseRules: Record<string, string>;
  draft: Draft | null;
  /** The print a piece shows where it lies on its cloth. */
  printOf: PrintOf;
  yardage: Yardage | null;
  /** What the job takes of its other cloths. */
  others: ClothYardage[];
  /** What is shown is from before the last entry, which cannot be read. */
  stale: boolean;
}

const pictures = { width: 236, height: 96 };
const mostPieces = 4;

/** The stages one is not at, live: each its one picture and figure, opened at a touch. */
export function Strips({ at, ...of }: Props & { at: Stage }) {
  return (
    <div className="strips" role="group" aria-label="The other stages">
      {at !== "measure" && <MeasureStrip {...of} />}
      {at !== "make-up" && <MakeUpStrip {...of} />}
      {at !== "pieces" && <PiecesStrip {...of} />}
      {at !== "cloth" && <ClothStrip {...of} />}
    </div>
  );
}

function Strip({
  to,
  name,
  said,
  children,
}: {
  to: Stage;
  name: string;
  said?: string;
  children: ReactNode;
}) {
  const jobId = useBench((state) => state.jobId) ?? "";
  return (
    <Link to={addressOf(jobId, to)} className={`sheet strip strip-${to}`}>
      <span className="strip-head">
        <span className="panel-heading">{name}</span>
        {said && <span className="strip-said">{said}</span>}
      </span>
      {children}
    </Link>
  );
}

function MeasureStrip({ cover, examples, shape, unit, houseRules }: Props) {
  const missing = missingMeasures(shape, cover).length + missingParts(shape, cover);
  const taken = shape.measures.filter((measure) => isAsked(measure, cover) && cover.measures[measure.name]);
  return (
    <Strip to="measure" name="Measure" said={missing > 0 ? `${missing} not taken` : ""}>
      <CoverPicture
        cover={examples}
        unit={unit}
        houseRules={houseRules}
        size={pictures}
        pale={!isMeasured(shape, cover)}
      />
      <strong>{taken.map((measure) => cover.measures[measure.name]).join(" × ")}</strong>
    </Strip>
  );
}

function MakeUpStrip({ catalogue, cover }: Props) {
  const way = catalogue.constructions.find((known) => known.id === cover.construction);
  const { closure, edge, piping } = cover.options;
  const said = [closure, edge, piping && piping !== "none" ? `piping ${piping}` : ""].filter(Boolean);
  return (
    <Strip to="make-up" name="Make-up">
      <strong className="strip-way">{way?.label ?? "as is usual"}</strong>
      {said.length > 0 && <span>{said.join(", ").replaceAll("-", " ")}</span>}
    </Strip>
  );
}

function PiecesStrip({ draft, cover, examples, shape, unit, houseRules, stale, printOf }: Props) {
  const { data } = useFoldUp(examples, unit, houseRules);
  const colourOf = useColours(draft);
  if (!draft) {
    return (
      <Strip to="pieces" name="Pieces">
        when the measures can be read
      </Strip>
    );
  }

  const kinds = cutRows(draft);
  const shown = kinds.filter(({ piece }) => piece.id !== "piping").slice(0, mostPieces);
  const widest = (axis: 0 | 1) => Math.max(...shown.map(({ piece }) => extentOf(piece, axis)));
  const scale = Math.min(84 / widest(0), 40 / widest(1));
  return (
    <Strip
      to="pieces"
      name={isMeasured(shape, cover) ? "Pieces" : "Pieces: example"}
      said={
        data && !data.closes
          ? "does not close"
          : stale
            ? "before the last entry"
            : `${draft.seams.length} seams meet`
      }
    >
      <ul className="strip-kinds">
        {shown.map(({ piece, quantity, name }) => (
          <li key={piece.key}>
            <span className="strip-piece">
              <PieceShape
                piece={piece}
                scale={scale}
                fill={colourOf(piece)}
                print={printOf(piece.key, 1, false)}
              />
            </span>
            <span className="strip-count">{quantity}</span>
            <span className="strip-name">
              {name} <Figure text={piece.cutWidthShown} /> × <Figure text={piece.cutLengthShown} />
            </span>
          </li>
        ))}
      </ul>
      {kinds.length > shown.length && (
        <span className="strip-more">
          and {kinds.length - shown.length} more {kinds.length - shown.length === 1 ? "kind" : "kinds"}
        </span>
      )}
    </Strip>
  );
}

function ClothStrip({ yardage, others, stale, unit }: Props) {
  const buy = yardage?.buy;
  return (
    <Strip
      to="cloth"
      name="To buy"
      said={yardage?.example ? "example" : stale ? "before the last entry" : ""}
    >
      {buy ? (
        <span className="buy-figure" data-testid="buy">
          <Figure text={buy.figure} /> <span className="buy-unit">{buy.unit}</span>
        </span>
      ) : (
        <span className="buy-none">Nothing to lay yet.</span>
      )}
      {buy && (
        <span>
          {unit === "in" ? buy.metres : buy.yards}
          {buy.cost !== null && ` · costs ${buy.cost.toFixed(2)}`}
        </span>
      )}
      {others.map(({ cloth, yardage: its }) =>
        its?.buy && !its.example ? (
          <span key={cloth.key} className="strip-other">
            and <Figure text={its.buy.figure} unit={its.buy.unit} /> of {clothName(cloth)}
          </span>
        ) : null,
      )}
      {yardage && <RollMiniature yardage={yardage} unit={unit} />}
    </Strip>
  );
}
