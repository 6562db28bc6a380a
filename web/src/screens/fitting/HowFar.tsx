import type { Unit } from "../../api/client";
import { Figure } from "../../drawing/Figure";
import { oneTouch, shownMove, type Moves } from "../../model/work/fitting";

interface Props {
  sides: { side: string; name: string }[];
  side: string;
  moves: Moves;
  unit: Unit;
  onSide: (side: string) => void;
  onMove: (by: number) => void;
}

const most = 64; // four inches, or 64 mm: beyond that it is measured again

/** The sides, and how far the one that is spoken of is taken in or let out on each layer. */
export function HowFar({ sides, side, moves, unit, onSide, onMove }: Props) {
  const now = moves[side] ?? 0;
  const name = sides.find((one) => one.side === side)?.name ?? "";
  const step = (by: number) => (
    <button
      type="button"
      className="hand-button"
      disabled={!name || Math.abs(now + by) > most}
      onClick={() => onMove(by)}
      aria-label={`${by > 0 ? "In" : "Out"} ${shownMove(by, unit)} ${unit}`}
    >
      {by > 0 ? "in" : "out"} <Figure text={shownMove(by, unit)} />
    </button>
  );
  return (
    <>
      <div className="fit-sides" role="radiogroup" aria-label="Where">
        {sides.map((one) => {
          const move = moves[one.side] ?? 0;
          return (
            <button
              key={one.side}
              type="button"
              role="radio"
              aria-checked={side === one.side}
              onClick={() => onSide(one.side)}
            >
              {one.name}
              {move !== 0 && (
                <strong>
                  {move > 0 ? "in" : "out"} {shownMove(move, unit)}
                </strong>
              )}
            </button>
          );
        })}
      </div>
      <div className="fit-far">
        {step(-oneTouch)}
        {step(-1)}
        <p role="status">
          {name ? (
            <>
              <span>{name}</span>
              <strong>
                <Figure text={shownMove(now, unit)} unit={unit} />
              </strong>
              <span>{now > 0 ? "in, on each layer" : now < 0 ? "out, on each layer" : "sits"}</span>
            </>
          ) : (
            <span>Where does it not sit?</span>
          )}
        </p>
        {step(1)}
        {step(oneTouch)}
      </div>
    </>
  );
}
