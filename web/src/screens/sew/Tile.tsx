import { Link } from "react-router";
import type { SewingCards } from "../../api/client";
import { SoFarPicture } from "../../drawing/folded/SoFarPicture";
import type { BoardTile } from "../../model/work/board";

interface Props {
  tile: BoardTile;
  sewing: SewingCards;
  /** Where its cards are. */
  address: string;
  /** Whoever works here may take it in hand. */
  canHold: boolean;
  onHold: () => void;
  /** Where it is handed over. */
  closing: string;
}

/** One cover of the set: the cover so far, and how far it is. */
export function Tile({ tile, sewing, address, canHold, onHold, closing }: Props) {
  const last = sewing.cards[Math.max(0, tile.sewn.done - 1)];
  const isSewn = tile.sewn.done === tile.sewn.of;
  return (
    <li className={`sheet board-tile${tile.isClosed ? " is-closed" : ""}`}>
      <h3>{sewing.count > 1 ? `${tile.number} of ${sewing.count}` : "the only one"}</h3>
      <div className="board-picture">
        {last && (
          <SoFarPicture
            facets={sewing.facets}
            card={{ ...last, seams: [], soFar: tile.sewn.done === 0 ? [] : last.soFar }}
          />
        )}
      </div>
      <dl>
        <State
          name="cut"
          isDone={tile.cut.done === tile.cut.of}
          figure={`${tile.cut.done} of ${tile.cut.of}`}
        />
        <State name="sewn" isDone={isSewn} figure={`${tile.sewn.done} of ${tile.sewn.of}`} />
        {tile.isTried !== null && (
          <State name="tried" isDone={tile.isTried} figure={tile.isTried ? "yes" : "not yet"} />
        )}
        <State name="handed over" isDone={tile.isClosed} figure={tile.isClosed ? "yes" : "not yet"} />
      </dl>
      {tile.holder && !tile.isClosed && <p className="board-holder">in hand: {tile.holder}</p>}
      <p className="board-doing">
        <Link className="hand-small" to={address}>
          {isSewn ? "Its cards" : tile.sewn.done > 0 ? "Go on sewing" : "Sew"}
        </Link>
        {!isSewn && canHold && (
          <button type="button" className="hand-small" onClick={onHold}>
            Take in hand
          </button>
        )}
        {isSewn && (
          <Link className="hand-small" to={closing}>
            {tile.isClosed ? "Its record" : "Hand over"}
          </Link>
        )}
      </p>
    </li>
  );
}

function State({ name, isDone, figure }: { name: string; isDone: boolean; figure: string }) {
  return (
    <div className={isDone ? "is-done" : undefined}>
      <dt>{name}</dt>
      <dd>{figure}</dd>
    </div>
  );
}
