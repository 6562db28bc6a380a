import type { Print } from "../../api/client";
import { pictureNamed } from "../../model/cloth/pictures";
import { petals, type Mark } from "../../model/cloth/print";

/** One mark of a print, in millimetres from the corner of its repeat. */
export function PrintMark({ mark, print }: { mark: Mark; print: Print }) {
  switch (mark.kind) {
    case "bar":
      return (
        <rect
          x={mark.x}
          y={mark.y}
          width={mark.width}
          height={mark.height}
          fill={print.ink}
          opacity={mark.opacity}
        />
      );
    case "motif":
      return (
        <path
          fill={print.ink}
          d={petals(mark)
            .map((petal) => `M${petal.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join("L")}Z`)
            .join("")}
        />
      );
    case "picture": {
      const picture = pictureNamed(print.picture);
      return picture ? (
        <image
          href={picture}
          x={mark.x}
          y={mark.y}
          width={mark.width}
          height={mark.height}
          preserveAspectRatio="none"
        />
      ) : null;
    }
  }
}
