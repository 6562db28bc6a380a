import { editCover } from "../../../model/job/benchStore";
import type { Matter } from "../../../model/cover/cover";
import { matters, mostMatters } from "../../../model/cover/choices";

/** What matters on this cover, up to three things: the advice follows them. */
export function Matters({ chosen }: { chosen: Matter[] }) {
  const full = chosen.length >= mostMatters;
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
      {matters.map(({ value, label }) => {
        const pressed = chosen.includes(value);
        return (
          <button
            key={value}
            type="button"
            className="cloth-take"
            aria-pressed={pressed}
            disabled={full && !pressed}
            onClick={() => touch(value)}
          >
            {label}
          </button>
        );
      })}
    </div>
  );
}
