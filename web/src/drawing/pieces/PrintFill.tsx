import type { Print } from "../../api/client";
import { tileOf } from "../../model/cloth/print";
import { PrintMark } from "./PrintMark";

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
      {tile.marks.map((mark, i) => (
        <PrintMark key={i} mark={mark} print={print} />
      ))}
    </pattern>
  );
}
