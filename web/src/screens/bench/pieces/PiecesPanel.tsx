import { TextButton } from "../../../ui/TextButton";
import { Button } from "antd";
import type { Cover } from "../../../model/cover/cover";
import { useState } from "react";
import type { Catalogue, Check, Draft, Unit } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import { ChecksFor } from "../../../ui/checks/ChecksFor";
import { Glossed } from "../../../ui/Glossed";
import { extentOf } from "../../../model/pieces/pieceSize";
import { useColours } from "../../../model/job/useColours";
import { useNarrow } from "../../../ui/hooks/useNarrow";
import { useSize } from "../../../drawing/useSize";
import { cutRows } from "../../../model/cover/cutRows";
import type { PrintOf } from "../../../model/cloth/print";
import { PieceShape } from "../../../drawing/pieces/PieceShape";
import { clothCalled } from "../../../model/job/document";
import { PieceCloths } from "../roles/PieceCloths";
import { FinishedSizes } from "./FinishedSizes";
import { ProofMark } from "../proof/ProofMark";
import { OwnFigure } from "./OwnFigure";
import { TouchedSize } from "./TouchedSize";
import { WorkingLine } from "./WorkingLine";
import "./pieces.css";

interface Props {
  catalogue: Catalogue;
  draft: Draft | null;
  example: boolean;
  stale: boolean;
  /** What is said of the whole cover is said here; else it stands with the make-up already. */
  isOnlyPlace: boolean;
  /** The print a piece shows where it lies on its cloth. */
  printOf: PrintOf;
  /** What is said of the cover as it is now, also where it cannot be drafted. */
  coverChecks: Check[];
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
}

/** Every piece in its true shape at one scale, with its cut size; a touched number shows its sum. */
export function PiecesPanel({
  catalogue,
  draft,
  example,
  stale,
  isOnlyPlace,
  printOf,
  coverChecks,
  cover,
  unit,
  houseRules,
}: Props) {
  const litPiece = useBench((state) => state.litPiece);
  const letter = useBench((state) => state.letters[state.currentId ?? ""]);
  const coverId = useBench((state) => state.currentId);
  const touched = useBench((state) => state.touchedPiece);
  const document = useBench((state) => state.document);
  const cloths = document ? document.cloths : [];
  const [target, show] = useState<string | null>(null);
  const setTarget = (line: string) => {
    show(line);
    useBench.setState({ touchedPiece: line.split(".")[0] ?? null });
  };
  const colourOf = useColours(draft);
  const isNarrow = useNarrow();
  const { ref, size } = useSize<HTMLDivElement>({ width: 440, height: 300 });
  if (!draft) {
    return (
      <section className="sheet pieces-panel" aria-label="Pieces" id="pieces" ref={ref}>
        <h2 className="panel-heading">Pieces</h2>
        <p className="nothing">The pieces appear when the measures can be read.</p>
      </section>
    );
  }

  const shapes = draft.pieces.filter((piece) => piece.id !== "piping");
  const longest = Math.max(...shapes.map((piece) => extentOf(piece, 0)));
  const tallest = Math.max(...shapes.map((piece) => extentOf(piece, 1)));
  const kinds = cutRows(draft);
  // Where there are many, what each is cut from stands beside its size and not below it.
  const isWide = size.width > rows.wide;
  const lines =
    lineWays[kinds.length <= (isWide ? rows.few : rows.many) ? "roomy" : isWide ? "two" : "dense"];
  const row = Math.max(
    lines.least,
    Math.min(
      isNarrow ? rows.mostNarrow : rows.most,
      (size.height - rows.besides) / Math.ceil(kinds.length / lines.across),
    ),
  );
  const scale = Math.min((size.width * lines.drawn) / longest, (row - rows.rule) / tallest);
  const shown = target ?? `${draft.pieces[0]?.key}.cutWidth`;
  const working =
    draft.working.find((line) => line.for === shown) ??
    draft.working.find((line) => line.for.endsWith(".cutWidth"));
  return (
    <section
      className={stale ? "sheet pieces-panel stale" : "sheet pieces-panel"}
      aria-label="Pieces"
      id="pieces"
      ref={ref}
    >
      <header className="pieces-header">
        <h2 className="panel-heading">Cut sizes in {unitWords[draft.unit] ?? draft.unit}; red is stitched</h2>
        {example && <span className="example-mark">example</span>}
        {stale && <span className="example-mark">before the last entry</span>}
        <ProofMark draft={draft} cover={cover} unit={unit} houseRules={houseRules} />
      </header>
      <ul className={lines.className}>
        {kinds.map(({ piece, quantity, name, keys, numbers }) => (
          <li
            key={piece.key}
            className={keys.includes(litPiece ?? "") ? "lit" : undefined}
            onPointerEnter={() => useBench.setState({ litPiece: piece.key })}
            onFocus={() => useBench.setState({ litPiece: piece.key })}
          >
            <span className="piece-drawing">
              {piece.id === "piping" ? (
                <span
                  className="casing"
                  style={{ background: printOf(piece.key, 1, false)?.print.ground ?? colourOf(piece) }}
                />
              ) : (
                <PieceShape
                  piece={piece}
                  scale={scale}
                  fill={colourOf(piece)}
                  print={printOf(piece.key, 1, false)}
                />
              )}
            </span>
            <span className="piece-count">{quantity}</span>
            <span className="piece-name">
              <span className="piece-title">
                {letter && (
                  <strong className="piece-code">
                    {numbers.map((number) => `${letter}${number}`).join(", ")}
                  </strong>
                )}{" "}
                <span className="piece-words">
                  <Glossed text={name} />
                </span>
              </span>
              <span className="piece-size">
                <TouchedSize
                  line={`${piece.key}.cutWidth`}
                  text={piece.cutWidthShown}
                  label={`${piece.name}, cut width`}
                  shown={shown}
                  onTouch={setTarget}
                />{" "}
                ×{" "}
                <TouchedSize
                  line={`${piece.key}.cutLength`}
                  text={piece.cutLengthShown}
                  label={`${piece.name}, cut length`}
                  shown={shown}
                  onTouch={setTarget}
                />
              </span>
              {isOnlyPlace && cloths.length > 1 && (
                <TextButton
                  className="piece-cloth"
                  onClick={() => useBench.setState({ touchedPiece: piece.key })}
                >
                  {clothCalled(cloths, piece)}
                </TextButton>
              )}
            </span>
          </li>
        ))}
      </ul>
      <FinishedSizes draft={draft} shown={shown} onTouch={setTarget} />
      {isOnlyPlace && coverId && (
        <PieceCloths
          draft={draft}
          piece={touched}
          cover={cover}
          checks={coverChecks}
          coverId={coverId}
          catalogue={catalogue}
          houseRules={houseRules}
          printOf={printOf}
          unit={unit}
        />
      )}
      {working && (
        <div className="working-block">
          <WorkingLine working={working} lines={draft.working} onTouch={setTarget} />
          <div className="working-more">
            <OwnFigure
              key={working.for}
              cover={cover}
              unit={unit}
              houseRules={houseRules}
              number={working.for}
            />
            <Button onClick={() => useBench.setState({ reading: true })}>Whole working</Button>
          </div>
        </div>
      )}
      {isOnlyPlace && <ChecksFor checks={draft.checks.filter((check) => check.measure === null)} />}
    </section>
  );
}

/**
 * How high a piece’s row may be, in pixels, where the panel has a height of its own and where it grows with
 * its rows; and what stands above and below them all.
 */
const rows = { few: 3, many: 6, wide: 560, most: 230, mostNarrow: 110, besides: 246, rule: 8 };

/** How pieces stand in lines: how many across, how high a line is at least, and what share of the panel a drawing has. */
const lineWays = {
  roomy: { className: "pieces", across: 1, least: 54, drawn: 0.44 },
  dense: { className: "pieces dense", across: 1, least: 44, drawn: 0.27 },
  two: { className: "pieces two", across: 2, least: 54, drawn: 0.15 },
};

const unitWords: Record<string, string> = { in: "inches" };
