import { Select } from "antd";
import type { Catalogue, Shape } from "../../../api/client";
import type { Cover } from "../../../model/cover/cover";
import { optionsFor, type Option } from "../../../model/cover/options";
import { editText } from "../../../model/job/benchStore";
import { ChoiceRow, Row } from "./ChoiceRow";

const spoken: Record<string, string> = { true: "yes", false: "no" };

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  shape: Shape | null;
}

/** Every choice that makes a difference to this cover and is not compared side by side, from the catalogue. */
export function OptionRows({ catalogue, cover, shape }: Props) {
  return (
    <>
      {optionsFor(catalogue, cover, shape).map((option) => (
        <OptionRow key={option.name} option={option} chosen={cover.options[option.name] ?? ""} />
      ))}
    </>
  );
}

/** One choice: a few words that are all in sight, or a list to open. */
function OptionRow({ option, chosen }: { option: Option; chosen: string }) {
  const { name, label, words, said, leftToTheDraft } = option;
  const put = (value: string) => editText("options", name, value);
  const options = words.map((word) => ({
    value: word,
    label: said[word] ?? spoken[word] ?? word.replaceAll("-", " "),
  }));
  return Object.keys(said).length > 0 ? (
    <ChoiceRow label={label} value={chosen || (words[0] ?? "")} options={options} onChange={put} />
  ) : (
    <Row label={label}>
      <Select
        size="small"
        aria-label={label}
        value={chosen || (leftToTheDraft ? "" : words[0])}
        options={[...(leftToTheDraft ? [{ value: "", label: "as fits" }] : []), ...options]}
        onChange={put}
      />
    </Row>
  );
}
