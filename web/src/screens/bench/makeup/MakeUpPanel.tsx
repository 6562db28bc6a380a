import type { Cover } from "../../../model/cover/cover";
import type { Cloth } from "../../../model/cloth/cloth";
import { Input } from "antd";
import type { Catalogue, Check, Draft, Unit } from "../../../api/client";
import { useMemo } from "react";
import { editCover, editText, useBench } from "../../../model/job/benchStore";
import { clothsSent } from "../../../model/job/document";
import { shapeOf, withExamples } from "../../../model/cover/shape";
import { ChecksFor } from "../../../ui/checks/ChecksFor";
import { elsewhere } from "../../../model/cover/choices";
import { Row } from "./ChoiceRow";
import { DetailChoices } from "./DetailChoices";
import { FromRows } from "./FromRows";
import { MakeUpCards } from "./MakeUpCards";
import { Matters } from "./Matters";
import { useNarrow } from "../../../ui/hooks/useNarrow";
import { WaysTable } from "./WaysTable";
import { OptionRows } from "./OptionRows";
import { RuleRows } from "./RuleRows";
import { ThingFields } from "./ThingFields";
import { useMakeUps } from "../../../queries/figures/useMakeUps";
import "./makeup.css";
import "./ways.css";

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  cloth: Cloth;
  draft: Draft | null;
  unit: Unit;
  houseRules: Record<string, string>;
  checks: Check[];
  /** It has the room of a stage: the ways stand side by side. */
  isStage: boolean;
}

/** How the cover is made up: the ways side by side on this very thing, then trims, fit and allowances. */
export function MakeUpPanel({ catalogue, cover, cloth, draft, unit, houseRules, checks, isStage }: Props) {
  const shape = shapeOf(catalogue, cover);
  const measures = new Set(shape?.measures.map((measure) => measure.name));
  const document = useBench((state) => state.document);
  const currentId = useBench((state) => state.currentId);
  const others = useMemo(
    () =>
      document?.covers.filter((entry) => entry.id !== currentId).map((entry) => entry.cover.construction) ??
      [],
    [document, currentId],
  );
  const examples = useMemo(() => (shape ? withExamples(shape, cover, unit) : null), [shape, cover, unit]);
  const cloths = useMemo(() => (document ? clothsSent(document) : null), [document]);
  const made = useMakeUps(examples, cloth, unit, houseRules, others, cloths).data ?? [];
  const isNarrow = useNarrow();
  const isTable = isStage && !isNarrow;
  const ways = made.filter((one) => one.kind === "construction");
  const wrong = (name: string) => checks.some((check) => check.level === "error" && check.measure === name);
  return (
    <section className="sheet makeup-panel" aria-label="Make-up" id="makeup">
      {isStage ? (
        <Matters catalogue={catalogue} chosen={cover.matters} />
      ) : (
        <h2 className="panel-heading">Make-up: the ways to make it, with this cloth</h2>
      )}
      <ChecksFor
        checks={checks.filter(
          (check) =>
            check.measure === null ||
            (!measures.has(check.measure) && check.measure !== shape?.list && !elsewhere.has(check.measure)),
        )}
      />
      {isTable && examples && <WaysTable made={ways} cover={examples} unit={unit} houseRules={houseRules} />}
      <div className="makeup-choices">
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
        {!isTable && <MakeUpCards made={ways} withReasons={isStage} />}
        <DetailChoices made={made} unit={unit} />
        {!isStage && <ThingFields catalogue={catalogue} cover={cover} />}
        <FromRows cover={cover} wrong={wrong("padding")} />
        <OptionRows catalogue={catalogue} cover={cover} shape={shape} />
        <RuleRows
          catalogue={catalogue}
          cover={cover}
          unit={unit}
          houseRules={houseRules}
          obeyed={draft?.rules ?? []}
          wrong={wrong}
        />
        <Row label="Note">
          <Input
            size="small"
            aria-label="Note on this thing"
            placeholder="details to keep"
            maxLength={2000}
            value={cover.notes[""] ?? ""}
            onChange={(event) => editText("notes", "", event.target.value)}
          />
        </Row>
      </div>
    </section>
  );
}
