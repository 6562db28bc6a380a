import type { Dimension } from "../../model/space/thingDimensions";
import { DimensionLine } from "./DimensionLine";
import { linesOf } from "./thingPlace";
import { spread, widthOf } from "../../model/space/labelPlaces";
import type { Flat, Space } from "../../model/space/projection";
import type { Reading } from "../../model/cover/readings";

interface Props {
  dimensions: Dimension[];
  /** Where a point of the thing comes to lie on the drawing. */
  place: (point: Space) => Flat;
  size: { width: number; height: number };
  readings: Record<string, Reading>;
  lit: string | null;
  onAsk: (measure: string) => void;
}

/** All dimension lines of a drawing, their readings apart from one another. */
export function DimensionLines({ dimensions, place, size, readings, lit, onAsk }: Props) {
  const lines = linesOf(dimensions, place);
  const places = spread(
    lines.map(({ from, to }): Flat => [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]),
    size,
    lines.map(({ measure }) => widthOf(readings[measure]?.text ?? "")),
  );
  return lines.map(({ measure, from, to }, i) => (
    <DimensionLine
      key={measure}
      from={from}
      to={to}
      at={places[i] ?? from}
      size={size}
      label={readings[measure]?.text ?? ""}
      name={measure}
      taken={readings[measure]?.taken ?? false}
      wrong={readings[measure]?.wrong ?? false}
      lit={lit === measure}
      onAsk={() => onAsk(measure)}
    />
  ));
}
