import { Button, Input, Segmented } from "antd";
import type { Catalogue } from "../../../api/client";
import type { Pieced } from "../../../model/cover/cover";
import { editStrip, giveStripAnotherCloth, pieceRole, withStrip, type Role } from "../../../model/job/roles";
import { another, ClothSelect, own } from "./ClothSelect";

interface Props {
  role: Role;
  pieced: Pieced;
  coverId: string;
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

const most = 24;

/** The strips a part of the cover is joined from: which way they run, the cloth of each, and its width or its share of the rest. */
export function StripsEditor({ role, pieced, coverId, catalogue, houseRules }: Props) {
  const { run, parts } = pieced;
  const ends = run === "across" ? ["front", "back"] : ["left", "right"];
  const change = (changed: Partial<Pieced>) => pieceRole(role.word, { ...pieced, ...changed });
  return (
    <div className="strips" role="group" aria-label={`The strips of the ${role.label}`}>
      <Segmented<Pieced["run"]>
        size="small"
        aria-label="The strips run"
        value={run}
        options={[
          { value: "along", label: "front to back" },
          { value: "across", label: "side to side" },
        ]}
        onChange={(way) => change({ run: way })}
      />
      <ol className="strip-rows">
        {parts.map((strip, i) => {
          const end = i === 0 ? ends[0] : i === parts.length - 1 ? ends[1] : "";
          const name = `Strip ${i + 1} of the ${role.label}`;
          return (
            <li key={i}>
              <span className="strip-place">
                {i + 1}
                {end && ` ${end}`}
              </span>
              <ClothSelect
                label={`${name}: cut from`}
                coverId={coverId}
                chosen={[strip.cloth || own]}
                change={(cover, key) => withStrip(cover, role.word, i, { cloth: key === own ? "" : key })}
                onChoose={([key = own]) =>
                  key === another
                    ? giveStripAnotherCloth(role.word, i)
                    : editStrip(role.word, i, { cloth: key === own ? "" : key })
                }
                catalogue={catalogue}
                houseRules={houseRules}
              />
              <Input
                size="small"
                className="strip-width"
                aria-label={`${name}, finished width`}
                placeholder="its share"
                value={strip.width}
                onChange={(event) => editStrip(role.word, i, { width: event.target.value })}
              />
              <Button
                size="small"
                type="text"
                aria-label={`Take ${name.toLowerCase()} out`}
                disabled={parts.length <= 2}
                onClick={() => change({ parts: parts.filter((_, at) => at !== i) })}
              >
                −
              </Button>
            </li>
          );
        })}
      </ol>
      <span className="strip-more">
        <Button
          size="small"
          disabled={parts.length >= most}
          onClick={() => change({ parts: [...parts, { cloth: parts.at(-2)?.cloth ?? "", width: "" }] })}
        >
          One more strip
        </Button>
        <Button size="small" onClick={() => pieceRole(role.word, null)}>
          Leave it whole
        </Button>
      </span>
    </div>
  );
}
