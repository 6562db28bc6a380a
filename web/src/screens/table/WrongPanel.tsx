import { useState } from "react";
import type { ClothCutting, WorkEntry } from "../../api/client";
import { workerHere } from "../../model/work/atWork";
import type { CutTurn } from "../../model/work/cutting";
import { readFigure } from "../../model/pieces/readFigure";
import { told } from "../../model/work/work";

interface Props {
  unit: string;
  cloth: ClothCutting;
  now: CutTurn | null;
  onTell: (entry: WorkEntry) => void;
  onSpoiledNow: () => void;
  onClose: () => void;
}

/** What goes wrong at a table: a piece is spoiled, the cloth has a flaw, or there is less of it. */
export function WrongPanel({ unit, cloth, now, onTell, onSpoiledNow, onClose }: Props) {
  const [flaw, setFlaw] = useState(["", "", "", ""]);
  const [length, setLength] = useState("");
  const [problem, setProblem] = useState("");
  const tellFlaw = () => {
    const [from, to, left, right] = flaw.map((text) => readFigure(text, unit));
    const stretch = [left ?? 0, right ?? cloth.usableWidth, from ?? NaN, to ?? NaN];
    if (!stretch.every(Number.isFinite)) {
      setProblem(`Say where the flaw begins and ends along the roll, in ${unit}: 12, 12½ or 12 1/2.`);
    } else if (!((stretch[0] ?? 0) < (stretch[1] ?? 0) && (stretch[2] ?? 0) < (stretch[3] ?? 0))) {
      setProblem("The flaw has to end after it begins.");
    } else {
      onTell(told("flaw", workerHere(), { subject: cloth.key, stretch }));
    }
  };
  const tellLength = () => {
    const there = readFigure(length, unit);
    if (there === null || there <= 0) {
      setProblem(`Say how much cloth there is, in ${unit}: 96, 96½ or 96 1/2.`);
    } else {
      onTell(told("shorter", workerHere(), { subject: cloth.key, length: there }));
    }
  };
  const field = (at: number, label: string) => (
    <label>
      {label}
      <input
        inputMode="decimal"
        value={flaw[at]}
        onChange={(event) => setFlaw(flaw.map((text, i) => (i === at ? event.target.value : text)))}
      />
    </label>
  );
  return (
    <section className="cut-wrong" role="dialog" aria-label="Something is wrong">
      <div>
        <h2>This piece is spoiled</h2>
        <p>
          {now
            ? `${now.card.code} ${now.card.name}: its cloth is gone, and it is laid again on what is left.`
            : "All pieces are cut."}
        </p>
        <button type="button" className="hand-small" onClick={onSpoiledNow} disabled={!now}>
          Spoiled: lay it again
        </button>
        <p>For one that was ticked before, go back to it.</p>
      </div>
      <div>
        <h2>The cloth has a flaw</h2>
        <p className="cut-fields">
          {field(0, "from the end")}
          {field(1, "to")}
          {field(2, "from the left")}
          {field(3, "to")}
        </p>
        <button type="button" className="hand-small" onClick={tellFlaw}>
          Lay round it
        </button>
        <p>Left empty, it goes from edge to edge.</p>
      </div>
      <div>
        <h2>There is less cloth</h2>
        <p className="cut-fields">
          <label>
            from the end, {unit}
            <input inputMode="decimal" value={length} onChange={(event) => setLength(event.target.value)} />
          </label>
        </p>
        <button type="button" className="hand-small" onClick={tellLength}>
          Lay on that much
        </button>
      </div>
      {problem && <p role="alert">{problem}</p>}
      <button type="button" className="hand-small cut-close" onClick={onClose}>
        Nothing is wrong
      </button>
    </section>
  );
}
