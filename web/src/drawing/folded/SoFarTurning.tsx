import { useEffect, useRef, useState } from "react";
import type { SewingCard, SewingCards } from "../../api/client";
import { pieceColour } from "../../model/pieces/pieceColours";
import type { CoverScene } from "./scene";
import { SoFarPicture } from "./SoFarPicture";
import { turnByKey } from "./turnByKey";
import { useSize } from "../useSize";

interface Props {
  facets: SewingCards["facets"];
  card: SewingCard;
}

/**
 * The cover so far in the hand: turned with a finger, the pieces of the card in another colour. Drawn still
 * where the screen cannot turn it.
 */
export function SoFarTurning({ facets, card }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<CoverScene | null>(null);
  const [failed, setFailed] = useState(false);
  const { ref, size } = useSize<HTMLDivElement>({ width: 240, height: 200 });
  useEffect(() => {
    let left = false;
    const hangs = new Set(card.soFar.map(({ piece, copy }) => `${piece} ${copy}`));
    const inHand = new Set(card.pieces.map(({ piece }) => piece));
    const sewn = facets.filter(({ piece, copy }) => hangs.has(`${piece} ${copy}`));
    const surface = canvas.current;
    if (surface && sewn.length > 0) {
      import("./scene")
        .then(({ coverScene }) => {
          if (!left) {
            const colour = (piece: string) =>
              inHand.has(piece) ? "#f2bd3c" : pieceColour(piece.replace(/-\d+$/, ""));
            scene.current = coverScene(surface, sewn, colour, () => undefined);
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
  }, [facets, card]);
  useEffect(() => scene.current?.resize(), [size.width, size.height]);
  return failed || card.soFar.length === 0 ? (
    <SoFarPicture facets={facets} card={card} />
  ) : (
    <div className="so-far" ref={ref}>
      <canvas
        key={card.id} // a canvas whose scene is gone takes no other
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label="The cover so far; a finger or the arrow keys turn it"
        onKeyDown={(event) => turnByKey(event, scene.current)}
      />
    </div>
  );
}
