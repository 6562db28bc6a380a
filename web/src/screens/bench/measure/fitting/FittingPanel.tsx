import type { Cover } from "../../../../model/cover/cover";
import { Button, Checkbox, Input, Segmented } from "antd";
import { useState } from "react";
import type { Check, Unit } from "../../../../api/client";
import { editCover, useBench, useCurrentCover } from "../../../../model/job/benchStore";
import { ChecksFor } from "../../../../ui/checks/ChecksFor";
import { correctionsOf, splitForCorrection } from "../../../../model/job/corrections";
import { FittingPicture } from "../../../../drawing/things/FittingPicture";
import "./fitting.css";

interface Props {
  unit: Unit;
  houseRules: Record<string, string>;
  checks: Check[];
  /** The cover to draw: as it stands, with examples where nothing is measured yet. */
  drawn: Cover;
  onDone: () => void;
}

/** After trying on: touch where it is too wide or too tight, say by how much, and for which of the set. */
export function FittingPanel({ unit, houseRules, checks, drawn, onDone }: Props) {
  const current = useCurrentCover();
  const [side, setSide] = useState<string>("left");
  const [way, setWay] = useState<"in" | "out">("in");
  const [by, setBy] = useState("");
  const [said, setSaid] = useState("");
  if (!current) {
    return null;
  }

  const count = Number.parseInt(current.cover.count, 10) || 1;
  const cut = new Set(current.cover.cut);
  const uncut = count - [...cut].filter((number) => number <= count).length;
  const standing = correctionsOf(current.cover);
  const write = (forWhom: "one" | "uncut") => {
    const text = by.trim() === "" ? "" : way === "in" ? `-${by.trim().replace(/^-/, "")}` : by.trim();
    const parts = splitForCorrection(current, side, text, forWhom);
    useBench.getState().edit(`fitting.${current.id}.${side}`, (document) => ({
      ...document,
      covers: document.covers.flatMap((entry) => (entry.id === current.id ? parts : [entry])),
    }));
    setSaid(
      parts.length > 1
        ? `${parts[1]?.cover.count} of ${count} now stand by themselves as “${parts[1]?.cover.name}”.`
        : "The pieces follow.",
    );
    const changed = parts.at(-1);
    if (changed) {
      useBench.getState().choose(changed.id);
    }
  };
  return (
    <div className="fitting">
      <h3 className="panel-heading">After trying on: where does it not sit?</h3>
      <FittingPicture
        cover={drawn}
        unit={unit}
        houseRules={houseRules}
        side={side}
        standing={standing}
        onTouch={setSide}
      />
      <div className="fitting-say">
        <Segmented
          aria-label="Which way"
          value={way}
          options={[
            { value: "in", label: "take in" },
            { value: "out", label: "let out" },
          ]}
          onChange={(value) => setWay(value as "in" | "out")}
        />
        <Input
          size="small"
          aria-label="By how much"
          value={by}
          placeholder={unit === "in" ? "3/8" : "10"}
          onChange={(event) => setBy(event.target.value)}
        />
        <span>{unit}</span>
        <Button onClick={() => write("one")} disabled={uncut === 0 && count > 1}>
          this one
        </Button>
        {count > 1 && (
          <Button onClick={() => write("uncut")} disabled={uncut === 0}>
            all {uncut} not cut
          </Button>
        )}
      </div>
      {count > 1 && (
        <fieldset className="cut-ticks">
          <legend>Cut already</legend>
          {Array.from({ length: Math.min(count, 24) }, (_, i) => i + 1).map((number) => (
            <Checkbox
              key={number}
              checked={cut.has(number)}
              onChange={(event) =>
                editCover("cut", (cover) => ({
                  ...cover,
                  cut: event.target.checked
                    ? [...cover.cut, number].sort((a, b) => a - b)
                    : cover.cut.filter((known) => known !== number),
                }))
              }
            >
              {number}
            </Checkbox>
          ))}
        </fieldset>
      )}
      <p role="status">{said}</p>
      <ChecksFor checks={checks.filter((check) => check.measure === "corrections")} />
      <Button onClick={onDone}>Back to the measures</Button>
    </div>
  );
}
