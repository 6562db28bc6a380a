import { useState } from "react";
import type { CoverDocument, SewingCards, Unit } from "../../api/client";
import { cornersOf, isSamePattern, rowsOfBlock, type BlockJoin } from "../../model/cover/trimmed";
import { useTrimmed } from "../../queries/work/useTrimmed";
import { BlockSeams } from "./BlockSeams";
import { TrimmedPoints } from "./TrimmedPoints";

interface Props {
  job: string;
  /** The cover as it is stored. */
  stored: CoverDocument | undefined;
  unit: Unit;
  sewing: SewingCards;
  onKept: () => void;
}

/** Blocks that were pinned and trimmed: each laid flat and written down becomes the pattern of its pair and of the next of the set. */
export function BlocksTrimmed({ job, stored, unit, sewing, onKept }: Props) {
  const blocks = sewing.pieces.filter(({ id }) => id === "block");
  const [chosen, setChosen] = useState("");
  const { mutate, isPending, error, isSuccess, reset } = useTrimmed(job, sewing);
  const block = blocks.find(({ key }) => key === chosen);
  const trimmed = stored?.options?.trimmed;
  const joins = (Array.isArray(stored?.options?.joins) ? stored.options.joins : []) as BlockJoin[];
  const known = (key: string) => rowsOfBlock(trimmed, key);
  const isTrimmed = (key: string) =>
    blocks.some((one) => isSamePattern(one.key, key) && known(one.key).length > 0);
  return (
    <div className="fit-blocks">
      <div className="fit-sides" role="radiogroup" aria-label="Which block">
        {blocks.map(({ key, name }) => (
          <button
            key={key}
            type="button"
            role="radio"
            aria-checked={key === chosen}
            onClick={() => {
              setChosen(key);
              reset();
            }}
          >
            {name}
            {isTrimmed(key) && <strong>trimmed</strong>}
          </button>
        ))}
      </div>
      {block ? (
        <TrimmedPoints
          key={block.key}
          name={block.name}
          unit={unit}
          rows={
            known(block.key).length > 0
              ? known(block.key)
              : cornersOf(block.cutWidthShown, block.cutLengthShown)
          }
          isWorking={isPending}
          onKeep={(rows) =>
            mutate({ block: { key: block.key, name: block.name, rows }, joins: null }, { onSuccess: onKept })
          }
        />
      ) : (
        <p className="sheet fit-hint">
          Unpin one block at a time, lay it flat with its lower left corner to you, and write down its trimmed
          edge: the corners, and as many points along a curve as it takes. It becomes the pattern of its pair
          and of the next of the set.
        </p>
      )}
      {error && <p role="alert">{error.message}</p>}
      {isSuccess && <p role="status">Kept: its pair and the next of the set are cut so.</p>}
      <BlockSeams
        blocks={blocks}
        joins={joins}
        unit={unit}
        isTrimmed={isTrimmed}
        isWorking={isPending}
        onChange={(next) => mutate({ block: null, joins: next }, { onSuccess: onKept })}
      />
    </div>
  );
}
