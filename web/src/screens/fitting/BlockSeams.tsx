import { useState } from "react";
import type { SewingCards, Unit } from "../../api/client";
import { fineLength } from "../../model/work/fitting";
import { blockEdges, edgeWords, type BlockJoin } from "../../model/cover/trimmed";

type Block = SewingCards["pieces"][number];

interface Props {
  blocks: Block[];
  joins: BlockJoin[];
  unit: Unit;
  isTrimmed: (key: string) => boolean;
  isWorking: boolean;
  onChange: (joins: BlockJoin[]) => void;
}

/** What the edges of a block are called on its stitch line. */
const stitched: Record<string, string> = { bottom: "front", right: "right", top: "back", left: "left" };

/** The seams between blocks: each with how long both its sides are, once both are trimmed. */
export function BlockSeams({ blocks, joins, unit, isTrimmed, isWorking, onChange }: Props) {
  const [one, setOne] = useState("");
  const [other, setOther] = useState("");
  const sides = blocks.flatMap(({ key, name }) =>
    blockEdges.map((edge) => ({ value: `${key} ${edge}`, said: `${name}, ${edgeWords[edge]} edge` })),
  );
  const lengthOf = (key: string, edge: string) =>
    isTrimmed(key)
      ? blocks.find((block) => block.key === key)?.edges.find(({ name }) => name === stitched[edge])?.length
      : undefined;
  const pick = (label: string, value: string, onPick: (value: string) => void) => (
    <select aria-label={label} value={value} onChange={(event) => onPick(event.target.value)}>
      <option value="">an edge…</option>
      {sides.map((side) => (
        <option key={side.value} value={side.value}>
          {side.said}
        </option>
      ))}
    </select>
  );
  const nameOf = (key: string, edge: string) =>
    sides.find(({ value }) => value === `${key} ${edge}`)?.said ?? `${key}, ${edge}`;
  return (
    <section className="sheet fit-seams">
      <h2>What is sewn to what</h2>
      {joins.length > 0 && (
        <ul>
          {joins.map((join, i) => {
            const [first, second] = [lengthOf(join.block, join.edge), lengthOf(join.to, join.toEdge)];
            const apart = first !== undefined && second !== undefined ? Math.abs(first - second) : null;
            return (
              <li key={i}>
                {nameOf(join.block, join.edge)} to {nameOf(join.to, join.toEdge)}:{" "}
                <strong>
                  {apart === null
                    ? "known when both are trimmed"
                    : `${fineLength(first ?? 0, unit)} and ${fineLength(second ?? 0, unit)}${
                        apart > 1.6
                          ? `: ease ${fineLength(apart, unit)} in, or trim once more`
                          : ", they meet"
                      }`}
                </strong>{" "}
                <button
                  type="button"
                  className="hand-small"
                  disabled={isWorking}
                  onClick={() => onChange(joins.filter((_, at) => at !== i))}
                >
                  Take out
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <p>
        {pick("One edge", one, setOne)} is sewn to {pick("The other edge", other, setOther)}{" "}
        <button
          type="button"
          className="hand-small"
          disabled={isWorking || one === "" || other === "" || one === other}
          onClick={() => {
            const [block = "", edge = ""] = one.split(" ");
            const [to = "", toEdge = ""] = other.split(" ");
            onChange([...joins, { block, edge, to, toEdge }]);
            setOne("");
            setOther("");
          }}
        >
          Add this seam
        </button>
      </p>
    </section>
  );
}
