import type { Print } from "../api/client";
import { petals, tileOf } from "../model/print";

interface Props {
  /** What the fill is called in this drawing. */
  id: string;
  print: Print;
  /** From places on the cloth, x across and y along in millimetres, to the drawing. */
  transform: string;
}

/** The print of a cloth as a fill, true to its repeat. */
export function PrintFill({ id, print, transform }: Props) {
  const tile = tileOf(print);
  return (
    <pattern
      id={id}
      patternUnits="userSpaceOnUse"
      width={tile.width}
      height={tile.height}
      patternTransform={`${transform} translate(${print.x} ${print.y})`}
    >
      <rect width={tile.width} height={tile.height} fill={print.ground} />
      {tile.marks.map((mark, i) =>
        mark.kind === "bar" ? (
          <rect
            key={i}
            x={mark.x}
            y={mark.y}
            width={mark.width}
            height={mark.height}
            fill={print.ink}
            opacity={mark.opacity}
          />
        ) : (
          <path
            key={i}
            fill={print.ink}
            d={petals(mark)
              .map((petal) => `M${petal.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join("L")}Z`)
              .join("")}
          />
        ),
      )}
    </pattern>
  );
}
