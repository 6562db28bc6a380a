import type { Catalogue, Unit } from "../../api/client";
import { shapeOf, withExamples } from "../../model/cover/shape";
import { newThing } from "../../model/cover/takeThing";
import { CoverPicture } from "./CoverPicture";

const size = { width: 150, height: 90 };

interface Props {
  catalogue: Catalogue;
  form: string;
  shape: string;
  unit: Unit;
}

/** A thing as it is chosen from, in true proportion by its example measures. */
export function ThingPicture({ catalogue, form, shape, unit }: Props) {
  const bare = newThing(catalogue, form, shape);
  const known = shapeOf(catalogue, bare);
  return <CoverPicture cover={known ? withExamples(known, bare, unit) : bare} unit={unit} size={size} />;
}
