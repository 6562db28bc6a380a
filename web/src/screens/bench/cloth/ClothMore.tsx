import type { Cloth } from "../../../model/cloth/cloth";
import { Drawer, Segmented } from "antd";
import { useState, type ReactNode } from "react";
import type { Check, Unit } from "../../../api/client";
import { editCloth, giveRole } from "../../../model/job/benchCloth";
import {
  counted,
  emptyFlaw,
  emptyRemnant,
  flawColumns,
  layingOf,
  patternOf,
  remnantColumns,
  titles,
  type Part,
} from "./clothParts";
import { RowsEditor } from "../measure/lists/RowsEditor";
import type { ListRow } from "../../../model/cover/columns";
import { useCatalogue } from "../../../queries/server/useCatalogue";
import { ClothFacts } from "./ClothFacts";
import { ClothText, type TextOf } from "./ClothText";
import { FaceFields } from "./FaceFields";
import { ReadyMadeFields } from "./ReadyMadeFields";
import { SoldWidths } from "./SoldWidths";
import { ShelfPick } from "./ShelfPick";

interface Props {
  cloth: Cloth;
  unit: Unit;
  checks: Check[];
  /** What would be bought by over what the pattern is matched. */
  matchings: Record<string, string>;
}

/** What else there is to say of a cloth, a part at a time; each part says on its button what stands in it. */
export function ClothMore({ cloth, unit, checks, matchings }: Props) {
  const [open, setOpen] = useState<Part | null>(null);
  const { data: catalogue } = useCatalogue();
  const traits = catalogue?.traits ?? [];
  const called = (trait: string) => traits.find(({ word }) => word === trait)?.label ?? trait;
  const text = (name: TextOf, label: string, usual: string, width?: number) => (
    <ClothText cloth={cloth} checks={checks} name={name} label={label} usual={usual} width={width} />
  );
  const choice = <Name extends "match" | "over" | "grain" | "layers" | "role" | "prewash">(
    name: Name,
    label: string,
    options: [Cloth[Name], string][],
    put = (value: Cloth[Name]) => editCloth({ [name]: value }),
  ) => (
    <Segmented<Cloth[Name]>
      size="small"
      aria-label={label}
      value={cloth[name] || options[0]?.[0]}
      options={options.map(([value, words]) => ({ value, label: words }))}
      onChange={put}
    />
  );
  const parts: Record<Part, { label: string; body: ReactNode }> = {
    sold: { label: counted("sold in", cloth.soldIn.length), body: <SoldWidths cloth={cloth} unit={unit} /> },
    pattern: {
      label: patternOf(cloth),
      body: (
        <>
          {text("repeatLength", "repeat down the roll", "none")}
          {text("repeatWidth", "repeat across", "none")}
          {choice("match", "Match", [
            ["straight", "straight match"],
            ["half-drop", "half drop"],
          ])}
          {choice("over", "Matched over", [
            ["set", priced("the whole set", matchings["set"])],
            ["cover", priced("each cover", matchings["cover"])],
            ["none", priced("not met", matchings["none"])],
          ])}
          {text("motif", "centre plates on the motif, from the left edge", "no")}
          <FaceFields cloth={cloth} checks={checks} />
        </>
      ),
    },
    laying: {
      label: layingOf(cloth),
      body: (
        <>
          {choice("layers", "Layers", [
            ["single", "laid single"],
            ["fold", "on the fold"],
          ])}
          {choice("grain", "Grain", [
            ["down", "along the roll"],
            ["either", "quarter turns too"],
          ])}
          {cloth.key !== "" &&
            choice(
              "role",
              "What is cut from it",
              [
                ["main", "the covers’ cloth"],
                ["lining", "lining"],
                ["padding", "padding"],
              ],
              giveRole,
            )}
          {text("space", "between pieces", "0", 56)}
          {text("curveSpace", "at curves", unit === "in" ? "⅛" : "3 mm", 56)}
        </>
      ),
    },
    washing: {
      label: cloth.shrinkageAlong || cloth.shrinkageAcross || cloth.spare ? "washing ✓" : "washing",
      body: (
        <>
          <span>Washed before cutting it loses</span>
          {text("shrinkageAlong", "% of its length", "0", 50)}
          {text("shrinkageAcross", "% of its width", "0", 50)}
          {text("spare", "% to spare", "0", 50)}
          {choice("prewash", "Washed before cutting", [
            ["", "as the cover says"],
            ["true", "washed first"],
            ["false", "cut unwashed"],
          ])}
        </>
      ),
    },
    ready: {
      label: cloth.length ? `ready made, ${cloth.length} long` : "ready made",
      body: <ReadyMadeFields cloth={cloth} checks={checks} />,
    },
    hand: {
      label: cloth.traits.length > 0 ? cloth.traits.map(called).join(", ") : "how it is",
      body: <ClothFacts cloth={cloth} checks={checks} traits={traits} />,
    },
    flaws: {
      label: counted("flaws", cloth.flaws.length),
      body: (
        <>
          <span>From the cut end, and from the left edge where a flaw does not go right across.</span>
          <RowsEditor
            label="Flaws, from the cut end and from the left edge"
            row="flaw"
            columns={flawColumns}
            rows={cloth.flaws.map((flaw): ListRow => ({ ...flaw }))}
            onChange={(rows) => editCloth({ flaws: rows.map((row) => ({ ...emptyFlaw, ...row })) })}
          />
        </>
      ),
    },
    remnants: {
      label: counted("remnants", cloth.remnants.length),
      body: (
        <>
          <RowsEditor
            label="Remnants of this cloth, tried before the roll"
            row="remnant"
            columns={remnantColumns}
            rows={cloth.remnants.map((remnant): ListRow => ({ ...remnant }))}
            onChange={(rows) => editCloth({ remnants: rows.map((row) => ({ ...emptyRemnant, ...row })) })}
          />
          <ShelfPick cloth={cloth} />
        </>
      ),
    },
  };
  return (
    <div className="cloth-more">
      <div className="cloth-parts" role="group" aria-label="More of this cloth">
        <Segmented<Cloth["nap"]>
          size="small"
          aria-label="Nap"
          value={cloth.nap || "either"}
          options={[
            { value: "either", label: "either way up" },
            { value: "one-way", label: "nap, one way" },
          ]}
          onChange={(nap) => editCloth({ nap })}
        />
        {(Object.keys(parts) as Part[]).map((part) => (
          <button
            key={part}
            type="button"
            className="cloth-take"
            aria-expanded={open === part}
            onClick={() => setOpen(open === part ? null : part)}
          >
            {parts[part].label}
          </button>
        ))}
      </div>
      {/* Beside the roll, which stays in reach: what is said here is seen on it at once. */}
      <Drawer
        open={open !== null}
        onClose={() => setOpen(null)}
        title={open ? titles[open] : ""}
        mask={false}
        size={380}
        destroyOnHidden
        rootClassName="cloth-drawer"
      >
        {open && <div className="cloth-fields cloth-part">{parts[open].body}</div>}
      </Drawer>
    </div>
  );
}

/** A way to match with what would be bought for it. */
const priced = (words: string, buy: string | undefined) => (buy ? `${words}: ${buy}` : words);
