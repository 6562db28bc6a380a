import type { Cover } from "../../../model/cover/cover";
import { Select } from "antd";
import type { Catalogue, Shape } from "../../../api/client";
import { editText } from "../../../model/job/benchStore";
import { Row } from "./ChoiceRow";

/** Choices that have rows of their own beside a boxing strip. */
const boxed = new Set(["piping", "bias", "slidePocket", "strips"]);

/** Choices that are compared side by side above. */
const compared = new Set(["closure", "zipSides", "edge", "piping", "layers", "skirt"]);

/** Choices that are left to the draft while nothing is said. */
const asFits = new Set(["plates", "strips", "join"]);

const spoken: Record<string, string> = { true: "yes", false: "no" };

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  shape: Shape | null;
}

/** Every choice this construction has that is not compared side by side, from the catalogue. */
export function OptionRows({ catalogue, cover, shape }: Props) {
  const construction = catalogue.constructions.find((known) => known.id === cover.construction);
  const measures = new Set(shape?.measures.map((measure) => measure.name));
  return (
    <>
      {construction?.options.map((option) => {
        const words = option.words;
        const meant =
          !(cover.construction === "boxing-strip" && boxed.has(option.name)) &&
          !compared.has(option.name) &&
          !(option.name === "roundedCorners" && !measures.has("cornerRadius")) &&
          !(option.name === "topCorners" && !cover.measures.topDrop) &&
          !(option.name === "returnCorners" && !cover.measures.return) &&
          !(option.name === "back" && cover.form !== "duvet") &&
          !(option.name === "earSide" && cover.shape !== "l-shape");
        return meant && words.length > 1 ? (
          <Row key={option.name} label={option.label}>
            <Select
              size="small"
              aria-label={option.label}
              value={cover.options[option.name] || (asFits.has(option.name) ? "" : words[0])}
              options={[
                ...(asFits.has(option.name) ? [{ value: "", label: "as fits" }] : []),
                ...words.map((word) => ({ value: word, label: spoken[word] ?? word.replaceAll("-", " ") })),
              ]}
              onChange={(value) => editText("options", option.name, value)}
            />
          </Row>
        ) : null;
      })}
    </>
  );
}
