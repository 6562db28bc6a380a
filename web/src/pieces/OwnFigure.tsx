import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Cover, type Unit } from "../api/client";
import { useSettled } from "../bench/useSettled";
import { draftRequest } from "../measure/useFoldUp";
import { Figure } from "../ui/Figure";

interface Props {
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  /** The number it is held against, named as in the working. */
  number: string;
}

const rest = 300;

/** The maker's own paper figure beside a number: whether it agrees, and which slip explains it if not. */
export function OwnFigure({ cover, unit, houseRules, number }: Props) {
  const [figure, setFigure] = useState("");
  const asked = useSettled(figure.trim(), rest);
  const { data } = useQuery({
    queryKey: ["own-figure", draftRequest(cover, unit, houseRules), number, asked],
    enabled: asked !== "",
    retry: false,
    queryFn: async ({ signal }) => {
      const { data, error } = await api.POST("/api/own-figure", {
        body: { cover: draftRequest(cover, unit, houseRules), for: number, figure: asked } as never,
        signal,
      });
      return (
        data ?? {
          problem: (error as { detail?: string } | undefined)?.detail ?? "This figure could not be read.",
        }
      );
    },
  });
  return (
    <p className="own-figure">
      <label>
        Your figure{" "}
        <input value={figure} placeholder="as on paper" onChange={(event) => setFigure(event.target.value)} />
      </label>
      <span role="status">
        {asked === "" || !data ? null : "problem" in data ? (
          data.problem
        ) : data.agrees ? (
          <strong className="agrees">It agrees.</strong>
        ) : (
          <>
            <strong className="differs">
              It differs by <Figure text={data.differenceShown} />.
            </strong>{" "}
            {data.slips[0]?.text ?? "No usual slip gives this figure: add it up once more."}
          </>
        )}
      </span>
    </p>
  );
}
