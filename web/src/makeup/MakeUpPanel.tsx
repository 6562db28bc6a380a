import { Input, Select } from "antd";
import type { Catalogue, Check, Cover, Unit } from "../api/client";
import { editCover, editText } from "../jobs/benchStore";
import { shapeOf } from "../measure/shape";
import { ChecksFor } from "../ui/ChecksFor";
import { constructions, fits, measuredFrom, sources } from "./choices";
import { ChoiceRow, Row } from "./ChoiceRow";
import { PaddingField } from "./PaddingField";
import { RuleField } from "./RuleField";
import "./makeup.css";

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  checks: Check[];
}

/** How the cover is made up: construction, trims, fit and allowances. */
export function MakeUpPanel({ catalogue, cover, unit, houseRules, checks }: Props) {
  const shape = shapeOf(catalogue, cover);
  const measures = new Set(shape?.measures.map((measure) => measure.name));
  const boxed = cover.construction === "boxing-strip";
  const piping = cover.options.piping || "none";
  const pocket = cover.options.slidePocket === "true";
  const wrong = (name: string) => checks.some((check) => check.level === "error" && check.measure === name);
  const rule = (name: string, label?: string) => {
    const known = catalogue.rules.find((entry) => entry.name === name);
    return known ? (
      <RuleField
        key={name}
        rule={known}
        unit={unit}
        text={cover.rules[name] ?? ""}
        houseRules={houseRules}
        wrong={wrong(name)}
        label={label ?? known.label}
      />
    ) : null;
  };
  return (
    <section className="sheet makeup-panel" aria-label="Make-up" id="makeup">
      <h2 className="panel-heading">Make-up</h2>
      <ChecksFor
        checks={checks.filter(
          (check) => check.measure !== null && !measures.has(check.measure) && sources.has(check.measure),
        )}
      />
      <ChoiceRow
        label="Shape"
        value={cover.shape}
        options={catalogue.forms[0]?.shapes.map((known) => ({ value: known.id, label: known.label })) ?? []}
        onChange={(value) =>
          editCover("shape", (before) => ({ ...before, shape: value, construction: "boxing-strip" }))
        }
      />
      <Row label="Measured from">
        <Select
          size="small"
          aria-label="Measured from"
          value={cover.measuredFrom}
          options={[...measuredFrom]}
          onChange={(value) => editCover("measuredFrom", (before) => ({ ...before, measuredFrom: value }))}
        />
      </Row>
      {cover.measuredFrom === "filling" && <PaddingField cover={cover} wrong={wrong("padding")} />}
      {cover.measuredFrom === "old-cover" && (
        <Row label="It shrank (along, across)">
          <span className="pair">
            <Input
              size="small"
              aria-label="Shrinkage along"
              placeholder="0 %"
              value={cover.rules["shrinkage.along"] ?? ""}
              onChange={(event) => editText("rules", "shrinkage.along", event.target.value)}
            />
            <Input
              size="small"
              aria-label="Shrinkage across"
              placeholder="0 %"
              value={cover.rules["shrinkage.across"] ?? ""}
              onChange={(event) => editText("rules", "shrinkage.across", event.target.value)}
            />
          </span>
        </Row>
      )}
      <Row label="How many alike">
        <Input
          size="small"
          id="count"
          onFocus={(event) => event.target.select()}
          inputMode="numeric"
          aria-label="How many alike"
          value={cover.count}
          status={wrong("count") ? "error" : ""}
          onChange={(event) => editCover("count", (before) => ({ ...before, count: event.target.value }))}
        />
      </Row>
      <Row label="Made as">
        <Select
          size="small"
          aria-label="Made as"
          value={cover.construction}
          options={shape?.constructions.map((id) => ({ value: id, label: constructions[id] ?? id })) ?? []}
          onChange={(value) => editCover("construction", (before) => ({ ...before, construction: value }))}
        />
      </Row>
      {boxed && (
        <>
          <ChoiceRow
            label="Piping"
            value={piping}
            options={[
              { value: "none", label: "none" },
              { value: "top", label: "top" },
              { value: "both", label: "both edges" },
            ]}
            onChange={(value) => editText("options", "piping", value)}
          />
          {piping !== "none" && (
            <>
              <ChoiceRow
                label="Casing cut"
                value={cover.options.bias === "false" ? "false" : "true"}
                options={[
                  { value: "true", label: "on the bias" },
                  { value: "false", label: "straight" },
                ]}
                onChange={(value) => editText("options", "bias", value)}
              />
              {rule("cord", "cord thickness")}
              {rule("pipingLap")}
            </>
          )}
          <ChoiceRow
            label="Slide pocket"
            value={pocket ? "true" : "false"}
            options={[
              { value: "false", label: "plain join" },
              { value: "true", label: "pocket" },
            ]}
            onChange={(value) => editText("options", "slidePocket", value)}
          />
          {pocket && rule("pocketLap")}
          <ChoiceRow
            label="Strips on the cloth"
            value={cover.options.strips ?? ""}
            options={[
              { value: "", label: "as fits" },
              { value: "across", label: "across" },
              { value: "down", label: "down" },
            ]}
            onChange={(value) => editText("options", "strips", value)}
          />
        </>
      )}
      <h3 className="panel-heading">Fit</h3>
      {fits.map((fit) => rule(fit.rule, fit.label))}
      <button
        type="button"
        className="preset"
        onClick={() => editText("rules", "fit.thickness", unit === "in" ? "-3/8" : "-10 mm")}
      >
        snug: thinner than the foam
      </button>
      <h3 className="panel-heading">Allowances</h3>
      {rule("seam")}
      {rule("zip")}
      {boxed && rule("zipTurn", "zip turns corner by")}
      {cover.construction === "wrap-notched" && rule("zipReach")}
      {cover.construction === "panels-folded" && rule("zipClear")}
      {rule("joinSeam")}
    </section>
  );
}
