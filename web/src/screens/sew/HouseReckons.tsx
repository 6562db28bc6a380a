import { useState } from "react";
import { useQueryClient } from "@tanstack/react-query";
import {
  asKept,
  figuresOfSewing,
  standing,
  wrongWith,
  type HouseFigure,
} from "../../model/work/houseFigures";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useHouse, useHouseRule } from "../../queries/saving/useHouse";

/**
 * What the house reckons with for its work: minutes and labels, each with whose figure it is; one that is
 * emptied is the usual one again.
 */
export function HouseReckons() {
  const catalogue = useCatalogue().data;
  const house = useHouse().data;
  if (!catalogue || !house) {
    return null;
  }

  return (
    <details className="board-schools house-reckons">
      <summary>What the house reckons with</summary>
      <div>
        {figuresOfSewing(catalogue).map((figure) => (
          <Row key={figure.name} figure={figure} own={house.own} pace={house.pace} />
        ))}
      </div>
      <p>Minutes are guesses for planning. From five ticks of a kind on, your own count.</p>
    </details>
  );
}

interface RowProps {
  figure: HouseFigure;
  own: Record<string, string>;
  pace: Record<string, string>;
}

function Row({ figure, own, pace }: RowProps) {
  const queries = useQueryClient();
  const house = useHouseRule();
  const [typed, setTyped] = useState<string | null>(null);
  const stands = standing(figure, own, pace);
  const wrong = wrongWith(figure, typed ?? "");
  const keep = () => {
    if (typed === null || wrong || asKept(typed) === (own[figure.name] ?? "")) {
      return;
    }

    house.mutate(
      { name: figure.name, text: asKept(typed) },
      {
        onSuccess: () => {
          setTyped(null);
          void queries.invalidateQueries({ queryKey: ["sewing-cards"] });
        },
      },
    );
  };
  return (
    <label>
      {figure.label}
      <input
        inputMode="decimal"
        value={typed ?? own[figure.name] ?? ""}
        placeholder={stands.text}
        aria-invalid={wrong !== ""}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === "Enter" && keep()}
      />
      <small role={wrong || house.error ? "alert" : undefined}>
        {wrong || house.error?.message || stands.whose}
      </small>
    </label>
  );
}
