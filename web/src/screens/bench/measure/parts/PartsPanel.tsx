import { TextButton } from "../../../../ui/TextButton";
import { useState } from "react";
import type { Check, ReadMeasure, Shape, Unit } from "../../../../api/client";
import { editCover, useBench } from "../../../../model/job/benchStore";
import type { Cover } from "../../../../model/cover/cover";
import { editPart, rewriteParts } from "../../../../model/job/editParts";
import {
  isTaken,
  lengthsOf,
  partRow,
  partsOf,
  renamed,
  saidOf,
  usualParts,
  type Part,
  type PartLength,
  type PartSecond,
} from "../../../../model/cover/parts";
import { sizesOf } from "../../../../model/cover/partsNet";
import { useLastGood } from "../../../../queries/figures/useLastGood";
import { PartMore } from "./PartMore";
import { PartPresets } from "./PartPresets";
import { lengthNames, PartTaking, type PartChange } from "./PartTaking";
import { PartsNetDrawing } from "./PartsNetDrawing";
import "./parts.css";

interface Props {
  cover: Cover;
  coverId: string;
  shape: Shape;
  unit: Unit;
  checks: Check[];
  readings: Record<string, ReadMeasure>;
  onDone: () => void;
}

interface Asked {
  at: number;
  length: PartLength;
}

/** A thing that is covered in parts, measured on a drawing of them laid open: one part is lit, one length is asked for. */
export function PartsPanel({ cover, coverId, shape, unit, checks, readings, onDone }: Props) {
  const measure = useBench((state) => state.measure);
  const ask = useBench((state) => state.ask);
  const parts = partsOf(cover);
  const [chosen, setChosen] = useState<Asked | null>(null);
  const [turns, setTurns] = useState(0);
  // What can be read now, or could be before the last key.
  const read = useLastGood(coverId, Object.keys(readings).length > 0 ? readings : null) ?? {};
  if (parts.length === 0) {
    return <PartPresets onBlank={() => rewriteParts("begin", () => [partRow({ name: "Inside back" })])} />;
  }

  const walk = parts.flatMap((part, at) => lengthsOf(part).map((length): Asked => ({ at, length })));
  const isOpen = ({ at, length }: Asked) => !parts[at]?.[length].trim();
  const asked =
    walk.find(({ at, length }) => at === chosen?.at && length === chosen.length) ??
    walk.find(isOpen) ??
    walk[0];
  const part = asked && parts[asked.at];
  if (!asked || !part) {
    return null;
  }

  const isPart = !shape.measures.some((known) => known.name === measure);
  const here = walk.findIndex(({ at, length }) => at === asked.at && length === asked.length);
  const take = (next: Asked) => {
    setChosen(next);
    setTurns(turns + 1);
    ask(null);
  };
  const step = (by: 1 | -1) => {
    // After the last comes what was passed over.
    const next = walk[here + by] ?? (by === 1 ? walk.find(isOpen) : undefined);
    if (next) {
      take(next);
    } else if (by === 1) {
      onDone();
    }
  };
  const following =
    walk[here + 1] ??
    walk.find((open) => isOpen(open) && (open.at !== asked.at || open.length !== asked.length));
  const sizes = sizesOf(parts, read);
  return (
    <>
      <PartsNetDrawing
        parts={parts}
        sizes={sizes}
        said={parts.map(saidOf)}
        lit={isPart ? asked.at : null}
        asked={isPart ? asked.length : null}
        onTake={(at) => take({ at, length: firstUntaken(parts[at]) })}
        onTuck={(at, edge) => {
          const tucks = parts[at]?.tucks ?? [];
          change(at, {
            tucks: tucks.includes(edge) ? tucks.filter((known) => known !== edge) : [...tucks, edge],
          });
        }}
      />
      {isPart && (
        <>
          <PartTaking
            part={part}
            asked={asked.length}
            taking={`${asked.at}.${asked.length}.${turns}`}
            next={
              following
                ? `${following.at === asked.at ? "" : `${parts[following.at]?.name.toLowerCase()}, `}${lengthNames[following.length]}`
                : null
            }
            unit={unit}
            checks={checks.filter((check) => check.measure === "zones")}
            besides={shape.measures.map((known) => (
              <TextButton key={known.name} onClick={() => ask(known.name)}>
                {cover.measures[known.name]?.trim()
                  ? `${known.label.toLowerCase()}: ${cover.measures[known.name]}`
                  : `+ ${known.label.toLowerCase()}`}
              </TextButton>
            ))}
            onType={(text) => {
              setChosen(asked); // a length that is typed is not left for the next one that is missing
              editPart(asked.at, asked.length, text);
            }}
            onWalk={step}
            onAsk={(length) => take({ at: asked.at, length })}
            onChange={(said) => change(asked.at, said)}
          />
          <PartMore
            cover={cover}
            coverId={coverId}
            parts={parts}
            part={part}
            asked={asked.length}
            onSecond={(said) => {
              setChosen(asked);
              change(asked.at, said);
            }}
            onRename={(name) =>
              editCover(`lists.zones.${asked.at}.name`, (before) => renamed(before, asked.at, name))
            }
            onTakeOff={() => {
              setChosen(null);
              rewriteParts("off", (rows) => rows.filter((_, at) => at !== asked.at));
            }}
            onAdd={(name) => {
              const usual = usualParts.find((known) => known.name === name);
              rewriteParts("add", (rows) => [...rows, partRow(usual ?? { name: freeName(name, parts) })]);
              take({ at: parts.length, length: "width" });
            }}
          />
        </>
      )}
    </>
  );
}

function firstUntaken(part: Part | undefined): PartLength {
  return part && !isTaken(part) && part.width.trim() ? "height" : "width";
}

function freeName(name: string, parts: Part[]): string {
  const taken = parts.filter((part) => part.name.startsWith(name)).length;
  return taken === 0 ? name : `${name} ${taken + 1}`;
}

/** What else is true of a part; a twin is a second one, of the other hand. */
function change(at: number, said: PartChange & PartSecond) {
  rewriteParts(`${at}.${Object.keys(said).join()}`, (rows) =>
    rows.map((row, i) =>
      i === at
        ? { ...row, ...said, ...(said.pair === undefined ? {} : { count: said.pair ? "2" : "1" }) }
        : row,
    ),
  );
}
