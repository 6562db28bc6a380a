import { Button } from "antd";
import type { Cloth } from "../../model/cloth/cloth";
import type { Unit } from "../../api/client";
import { editCloth } from "../../model/job/benchCloth";
import { lengthShown } from "../../model/pieces/figures";
import type { RollHand } from "./useRollHand";

interface Props {
  hand: RollHand;
  cloth: Cloth;
  unit: Unit;
  codes: ReadonlyMap<string, string>;
}

/** What the hand has hold of on the roll, and what can be done with it. */
export function RollHandBar({ hand, cloth, unit, codes }: Props) {
  const { chosen } = hand;
  const piece = chosen && hand.pieceOf(chosen);
  return (
    <p className="roll-hand">
      {piece && chosen ? (
        <>
          <strong>
            {codes.get(piece.id)} {piece.name}
            {piece.copies > 1 && ` ${chosen.copy} of ${piece.copies}`}
          </strong>{" "}
          <span className="roll-hand-place">
            {lengthShown(chosen.y, unit)} along, {lengthShown(chosen.x, unit)} across
          </span>
          {piece.turns.length > 1 && (
            <Button type="text" className="plain-button" onClick={() => hand.turn(chosen)}>
              Turn
            </Button>
          )}
          {hand.isPinned(chosen) ? (
            <Button type="text" className="plain-button" onClick={() => hand.unpin(chosen)}>
              Take its pin out
            </Button>
          ) : (
            <Button type="text" className="plain-button" onClick={() => hand.pin(chosen)}>
              Pin it here
            </Button>
          )}
        </>
      ) : (
        <span>Drag a piece to pin it; the others go round it.</span>
      )}
      {cloth.pinned.length > (chosen && hand.isPinned(chosen) ? 1 : 0) && (
        <Button type="text" className="plain-button" onClick={() => editCloth({ pinned: [] })}>
          Take {cloth.pinned.length === 1 ? "the pin" : `all ${cloth.pinned.length} pins`} out
        </Button>
      )}
    </p>
  );
}
