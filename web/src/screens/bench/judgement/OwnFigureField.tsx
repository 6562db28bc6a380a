import { Input } from "antd";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type OwnFigureAgainst } from "../../../api/client";
import { useSettled } from "../../../queries/figures/useSettled";
import { Figure } from "../../../drawing/Figure";
import "./own-figure.css";

interface Props {
  label: string;
  placeholder: string;
  /** What the figure is held against. */
  against: OwnFigureAgainst;
}

const rest = 300;

/** No more slips than these are named: who reads a list looks for the mistake in the list. */
const most = 2;

/** The maker's own paper figure beside a number: whether it agrees, and which slips explain it if not, the likelier first. */
export function OwnFigureField({ label, placeholder, against }: Props) {
  const [figure, setFigure] = useState("");
  const asked = useSettled(figure.trim(), rest);
  const { data } = useQuery({
    queryKey: ["own-figure", against, asked],
    enabled: asked !== "",
    retry: false,
    queryFn: async ({ signal }) => {
      const { data, error } = await api.POST("/api/own-figure", {
        body: { ...against, figure: asked },
        signal,
      });
      return (
        data ?? {
          problem: (error as { detail?: string } | undefined)?.detail ?? "This figure could not be read.",
        }
      );
    },
  });
  const slips = data && !("problem" in data) ? data.slips.slice(0, most) : [];
  return (
    <p className="own-figure">
      <label>
        {label}{" "}
        <Input
          size="small"
          value={figure}
          placeholder={placeholder}
          onChange={(event) => setFigure(event.target.value)}
        />
      </label>
      <span role="status">
        {asked === "" ? null : !data ? (
          "Holding it against ours…"
        ) : "problem" in data ? (
          data.problem
        ) : data.agrees ? (
          <strong className="agrees">It agrees.</strong>
        ) : (
          <>
            <strong className="differs">
              It differs by <Figure text={data.differenceShown} />.
            </strong>{" "}
            {slips.length > 0 ? (
              slips.map((slip) => slip.text).join(" Or: ")
            ) : data.nearest ? (
              <>
                No usual slip gives just this figure. The nearest gives{" "}
                <Figure text={data.nearest.slip.shown} />: yours is{" "}
                <Figure text={data.nearest.remainingShown} /> {data.nearest.remaining < 0 ? "less" : "more"}.{" "}
                {data.nearest.slip.text}
              </>
            ) : (
              "No usual slip gives this figure: add it up once more."
            )}
          </>
        )}
      </span>
    </p>
  );
}
