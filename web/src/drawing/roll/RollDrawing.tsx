import { Button } from "antd";
import { useState } from "react";
import type { Unit, Yardage } from "../../api/client";
import { useSize } from "../useSize";
import { RollMap } from "./RollMap";
import { RollRows } from "./RollRows";
import { layoutIn } from "./rollScale";
import type { RollHand } from "./useRollHand";

interface Props {
  yardage: Yardage;
  unit: Unit;
  codes: ReadonlyMap<string, string>;
  currentId: string | null;
  hand: RollHand;
}

/** How much nearer one can look, step by step. */
const steps = [1, 1.5, 2.25, 3.5, 5];
const usual = { width: 780, height: 190 };

/** The roll as large as there is room, and nearer where one looks: then a small map shows where one is. */
export function RollDrawing({ yardage, unit, codes, currentId, hand }: Props) {
  const { ref, size } = useSize<HTMLDivElement>(usual);
  const [near, setNear] = useState(0);
  const whole = layoutIn(yardage, unit, size);
  const zoom = steps[near] ?? 1;
  return (
    <div className="roll-view">
      <div className={near > 0 ? "roll-drawing near" : "roll-drawing"} ref={ref} tabIndex={near > 0 ? 0 : -1}>
        <RollRows
          yardage={yardage}
          layout={whole && { ...whole, scale: whole.scale * zoom }}
          codes={codes}
          currentId={currentId}
          hand={hand}
        />
      </div>
      {whole && (
        <div className="roll-near">
          <Button
            aria-label="Look nearer"
            disabled={near === steps.length - 1}
            onClick={() => setNear(near + 1)}
          >
            +
          </Button>
          <Button aria-label="The whole roll" disabled={near === 0} onClick={() => setNear(0)}>
            whole
          </Button>
          {near > 0 && <RollMap yardage={yardage} layout={whole} view={ref} zoom={zoom} />}
        </div>
      )}
    </div>
  );
}
