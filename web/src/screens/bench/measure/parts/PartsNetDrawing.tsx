import { Fragment, type CSSProperties } from "react";
import { useSize } from "../../../../drawing/useSize";
import { partsNet, sideOf, type PlacedPart } from "../../../../model/cover/partsNet";
import { edges, isTaken, type Edge, type Part, type PartLength } from "../../../../model/cover/parts";

interface Props {
  parts: Part[];
  /** In millimetres; the usual size where a part is not taken. */
  sizes: [width: number, height: number][];
  /** What stands on each part: its sizes as read. */
  said: string[];
  lit: number | null;
  asked: PartLength | null;
  onTake: (at: number) => void;
  onTuck: (at: number, edge: Edge) => void;
}

/** Pixels a part has to have before its name stands on it, in one line or in two. */
const least = { high: 18, twoLines: 36 };

/** Below this an edge cannot be touched beside the part itself: its letter under the drawing can. */
const leastForEdges = 60;

/** What a finger can touch; a part that is drawn smaller is touched just beside it too. */
const fingertip = 28;

const beyond = (extent: number) => Math.min(0, (extent - fingertip) / 2);

/** About as wide as a letter of a part's name is. */
const letter = 6.6;

/** The name's longest word fits, or all that stands in one line. */
function hasRoom(name: string, said: string, wide: number, high: number): boolean {
  const words = high > least.twoLines ? [...name.split(" "), said] : [`${name} ${said}`];
  return high > least.high && Math.max(...words.map((word) => word.length)) * letter < wide;
}

/** The cover laid open round its deck: a part is touched to measure it, an edge of the lit one to say that it goes down a gap. */
export function PartsNetDrawing({ parts, sizes, said, lit, asked, onTake, onTuck }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 600, height: 400 });
  const net = partsNet(parts, sizes);
  const scale = Math.min(size.width / Math.max(net.width, 1), size.height / Math.max(net.height, 1));
  const [left, top] = [(size.width - net.width * scale) / 2, (size.height - net.height * scale) / 2];
  const boxOf = (part: PlacedPart): CSSProperties => ({
    left: left + part.left * scale,
    top: top + part.top * scale,
    width: part.width * scale,
    height: part.height * scale,
  });
  return (
    <div className="parts-net" ref={ref} role="group" aria-label="The parts, laid open">
      {net.parts.map((placed) => {
        const part = parts[placed.at];
        if (!part) {
          return null;
        }

        const isLit = placed.at === lit;
        const [wide, high] = [placed.width * scale, placed.height * scale];
        return (
          <div
            key={`${placed.at}.${placed.isTwin}`}
            className={`part ${isLit ? "lit" : ""} ${isTaken(part) ? "" : "untaken"} ${beyond(Math.min(wide, high)) < 0 ? "small" : ""}`}
            style={boxOf(placed)}
          >
            <button
              type="button"
              className="part-take"
              // The other hand of a pair is the same part: one of them is walked to.
              tabIndex={placed.isTwin ? -1 : 0}
              aria-pressed={isLit}
              aria-label={`${part.name}${placed.isTwin ? ", the other hand" : ""}: ${said[placed.at] || "not taken"}`}
              title={part.name}
              style={{ inset: `${beyond(high)}px ${beyond(wide)}px` }}
              onClick={() => onTake(placed.at)}
            >
              {hasRoom(part.name, said[placed.at] ?? "", wide, high) && (
                <span className={high > least.twoLines ? "part-name" : "part-name in-line"}>
                  {part.name.toLowerCase()} {said[placed.at] ? <strong>{said[placed.at]}</strong> : null}
                </span>
              )}
            </button>
            {edges.map((edge) => {
              const side = sideOf(edge, placed);
              const tucks = part.tucks.includes(edge);
              const kinds = `${tucks ? "tucks" : ""} ${part.piped.includes(edge) ? "piped" : ""}`;
              return (
                <Fragment key={edge}>
                  <span className={`part-edge ${side} ${kinds}`} />
                  {isLit && !placed.isTwin && Math.min(wide, high) > leastForEdges && (
                    <button
                      type="button"
                      className={`part-edge touch ${side}`}
                      aria-label={`The ${edge} of the ${part.name.toLowerCase()} goes down a gap`}
                      aria-pressed={tucks}
                      onClick={() => onTuck(placed.at, edge)}
                    />
                  )}
                </Fragment>
              );
            })}
            {isLit && !placed.isTwin && (asked === "width" || asked === "height") && (
              <span
                className={`part-tape ${(asked === "width") === (placed.turn % 180 === 0) ? "across" : "down"}`}
              />
            )}
          </div>
        );
      })}
    </div>
  );
}
