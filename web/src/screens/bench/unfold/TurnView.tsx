import type { Cover } from "../../../model/cover/cover";
import { Button, Slider } from "antd";
import { useEffect, useRef, useState } from "react";
import type { Draft, Unit } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import { useColours } from "../../../model/job/useColours";
import { turnByKey } from "../../../drawing/folded/turnByKey";
import { UnfoldingPicture } from "../../../drawing/folded/UnfoldingPicture";
import { useFoldUp } from "../../../queries/figures/useFoldUp";
import { useSize } from "../../../drawing/useSize";
import type { PrintOf } from "../../../model/cloth/print";
import type { CoverScene } from "../../../drawing/folded/scene";
import "./unfold.css";

interface Props {
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  draft: Draft | null;
  /** The print a piece shows where it lies on its cloth; a new one when the lay or the print has changed. */
  printOf: PrintOf;
  /** Goes back to the measures; null where it stands for itself. */
  onLeave: (() => void) | null;
}

/** The finished cover in the hand: turned with a finger or the arrow keys, unfolded into its pieces and back. */
export function TurnView({ cover, unit, houseRules, draft, printOf, onLeave }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<CoverScene | null>(null);
  const latestPrint = useRef(printOf);
  const [failed, setFailed] = useState(false);
  const [share, setShare] = useState(0);
  const lit = useBench((state) => state.litPiece);
  const { data } = useFoldUp(cover, unit, houseRules);
  const facets = data?.facets;
  const { ref, size } = useSize<HTMLDivElement>({ width: 720, height: 320 });

  const ofPiece = useColours(draft);
  const colourOf = (key: string) =>
    ofPiece(draft?.pieces.find((known) => known.key === key) ?? { id: key.replace(/-\d+$/, ""), cloth: "" });

  useEffect(() => {
    let left = false;
    if (facets && facets.length > 0 && canvas.current) {
      const surface = canvas.current;
      import("../../../drawing/folded/scene")
        .then(({ coverScene }) => {
          if (!left) {
            scene.current = coverScene(surface, facets, colourOf, (piece) =>
              useBench.setState({ litPiece: piece, ...(piece && { touchedPiece: piece }) }),
            );
            scene.current.dress(latestPrint.current);
            surface.dataset.ready = "true";
          }
        })
        .catch(() => setFailed(true));
    }

    return () => {
      left = true;
      scene.current?.dispose();
      scene.current = null;
    };
    // The scene is built anew only when the cover itself changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [facets]);

  useEffect(() => {
    latestPrint.current = printOf;
    scene.current?.dress(printOf);
  }, [printOf, facets]);
  useEffect(() => scene.current?.light(lit), [lit, facets]);
  useEffect(() => scene.current?.resize(), [size.width, size.height]);
  useEffect(() => () => useBench.setState({ litPiece: null }), []);

  const name = draft?.pieces.find((piece) => piece.key === lit)?.name;
  return (
    <section className="sheet turn-view" aria-label="The cover in the hand">
      <header>
        <h2 className="panel-heading">The finished cover: turn it, touch a piece</h2>
        <span role="status">{name ?? ""}</span>
        {onLeave && <Button onClick={onLeave}>Back to the measures</Button>}
      </header>
      <div className="turn-space" ref={ref}>
        {failed ? (
          <>
            <UnfoldingPicture facets={facets ?? []} colourOf={colourOf} share={share / 100} size={size} />
            <p className="turn-fallback">
              This screen cannot show it turning; it opens and closes as it is drawn.
            </p>
          </>
        ) : data && data.facets.length === 0 ? (
          <p className="turn-fallback">
            This cover is pinned on the thing: there is nothing to fold before that.
          </p>
        ) : (
          <canvas
            ref={canvas}
            tabIndex={0}
            role="img"
            aria-label="The finished cover; the arrow keys turn it"
            onKeyDown={(event) => turnByKey(event, scene.current)}
          />
        )}
      </div>
      <div className="unfold-slider">
        <span>made up</span>
        <Slider
          min={0}
          max={100}
          value={share}
          tooltip={{ open: false }}
          ariaLabelForHandle="Unfold into the flat pieces"
          onChange={(value) => {
            setShare(value);
            scene.current?.unfold(value / 100);
          }}
        />
        <span>flat pieces</span>
      </div>
    </section>
  );
}
