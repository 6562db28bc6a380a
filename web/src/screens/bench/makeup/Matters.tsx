import { editCover } from "../../../model/job/benchStore";
import type { Matter } from "../../../model/cover/cover";
import type { Catalogue } from "../../../api/client";

/** What matters on this cover, up to three things: the advice follows them. */
export function Matters({ catalogue, chosen }: { catalogue: Catalogue; chosen: Matter[] }) {
  const full = chosen.length >= catalogue.mostMatters;
  const touch = (value: Matter) =>
    editCover("matters", (cover) => ({
      ...cover,
      matters: cover.matters.includes(value)
        ? cover.matters.filter((known) => known !== value)
        : [...cover.matters, value],
    }));
  return (
    <div className="matters" role="group" aria-label="What matters here">
      <h2>Which way</h2>
      <span className="matters-ask">
        {full ? "These three matter; touch one to let it go:" : "What matters here?"}
      </span>
      {catalogue.matters.map(({ word, label }) => {
        const pressed = chosen.includes(word);
        return (
          <button
            key={word}
            type="button"
            className="cloth-take"
            aria-pressed={pressed}
            disabled={full && !pressed}
            onClick={() => touch(word)}
          >
            {label}
          </button>
        );
      })}
    </div>
  );
}
