import type { Yardage } from "../../api/client";
import { RollPiece } from "./RollPiece";
import { keyOf } from "../../model/cloth/pins";

const tallest = 64;

interface Props {
  yardage: Yardage;
  codes: ReadonlyMap<string, string>;
}

/** The remnants that are tried before the roll, each with what lies on it, warp from left to right. */
export function RemnantDrawings({ yardage, codes }: Props) {
  const remnants = yardage.cloth?.remnants ?? [];
  const longest = Math.max(...remnants.map((remnant) => Math.max(remnant.width, remnant.length)));
  const scale = tallest / longest;
  return remnants.length > 0 && yardage.lay ? (
    <ul className="remnants" aria-label="On remnants">
      {remnants.map((remnant) => {
        const places = yardage.lay?.placements.filter((place) => place.remnant === remnant.id) ?? [];
        return (
          <li key={remnant.id}>
            <svg width={remnant.length * scale + 2} height={remnant.width * scale + 2} aria-hidden="true">
              <rect
                className="roll-cloth"
                x={1}
                y={1}
                width={remnant.length * scale}
                height={remnant.width * scale}
              />
              {places.map((place) => {
                const piece = yardage.pieces.find((one) => one.id === place.piece);
                return piece ? (
                  <RollPiece
                    key={keyOf(place)}
                    piece={piece}
                    code={codes.get(piece.id) ?? ""}
                    isOnPaper
                    place={place}
                    left={1 + place.y * scale}
                    top={1 + place.x * scale}
                    scale={scale}
                    isCurrent={false}
                    isHeld={false}
                    hand={undefined}
                    fill={null}
                    within={Infinity}
                  />
                ) : null;
              })}
            </svg>
            <span>
              {remnant.id}:{" "}
              {places.length === 0
                ? "nothing goes on it"
                : places.length === 1
                  ? "1 piece"
                  : `${places.length} pieces`}
            </span>
          </li>
        );
      })}
    </ul>
  ) : null;
}
