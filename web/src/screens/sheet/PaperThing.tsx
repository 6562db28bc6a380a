import type { Catalogue, Shape, Unit } from "../../api/client";
import { LetteredParts } from "../../drawing/things/LetteredParts";
import { LetteredThing } from "../../drawing/things/LetteredThing";
import { lists, rowsOf } from "../../model/cover/columns";
import type { Cover } from "../../model/cover/cover";
import { partsOf } from "../../model/cover/parts";
import { tapeLies, withExamples } from "../../model/cover/shape";

interface Props {
  /** What it is called. */
  name: string;
  cover: Cover;
  shape: Shape;
  unit: Unit;
  catalogue: Catalogue;
  /** As it stands; else with nothing written in. */
  isFilled: boolean;
}

const drawing = { width: 640, height: 250 };

/** Rows left free in a list that is measured row by row. */
const freeRows = 4;

/** One thing on the measuring sheet: drawn large with a letter on every dimension, and the letters with room for a pencil. */
export function PaperThing({ name, cover, shape, unit, catalogue, isFilled }: Props) {
  const letters = new Map(shape.measures.map((measure, i) => [measure.name, letterOf(i)]));
  const said = (group: Record<string, string>, measure: string) => (isFilled ? group[measure] : "");
  const shown = withExamples(shape, cover, unit);
  const lies = tapeLies(catalogue, cover);
  return (
    <section>
      <h2>
        {name} <small>{cover.count} alike</small>
      </h2>
      {lies.length > 1 && (
        <p className="paper-from">
          {lies.map((known) => (
            <span key={known.word}>
              {isFilled && known.word === cover.measuredFrom ? "☒" : "☐"} {known.label}
            </span>
          ))}
        </p>
      )}
      {shape.list === "zones" ? (
        <LetteredParts cover={shown} unit={unit} size={drawing} />
      ) : (
        <LetteredThing cover={shown} shape={shape} unit={unit} letters={letters} size={drawing} />
      )}
      <div className="paper-measures">
        {shape.measures.map((measure) => (
          <div key={measure.name} className="paper-measure">
            <b className="paper-letter">{letters.get(measure.name)}</b>
            <span>
              {measure.label} <small>{measure.guidance}</small>
            </span>
            <span className="paper-blank">{said(cover.measures, measure.name)}</span>
            <span className="paper-blank second">{said(cover.secondReadings, measure.name)}</span>
            {said(cover.notes, measure.name) && <em>{said(cover.notes, measure.name)}</em>}
          </div>
        ))}
      </div>
      {shape.list && <PaperList list={shape.list} cover={shown} isFilled={isFilled} />}
      <p className="paper-note">Details to keep: {isFilled ? cover.notes[""] : ""}</p>
    </section>
  );
}

/** What is measured row by row, with some rows free. */
function PaperList({ list, cover, isFilled }: { list: string; cover: Cover; isFilled: boolean }) {
  const known = lists[list];
  const rows = rowsOf(cover.lists[list], known?.columns ?? []);
  const names = list === "zones" ? partsOf(cover).map((part) => part.name) : [];
  const columns = (known?.columns ?? []).filter(({ name, isAside }) => name !== "name" && !isAside);
  return (
    <table className="paper-list">
      <thead>
        <tr>
          <th />
          {columns.map((column) => (
            <th key={column.name}>{column.label}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {Array.from({ length: rows.length + freeRows }, (_, i) => (
          <tr key={i}>
            <th scope="row">
              {i + 1} {names[i]}
            </th>
            {columns.map(({ name }) => (
              <td key={name}>{isFilled ? written(rows[i]?.[name]) : ""}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function written(value: string | number | boolean | string[] | undefined): string {
  return typeof value === "boolean"
    ? value
      ? "yes"
      : ""
    : Array.isArray(value)
      ? value.join(", ")
      : `${value ?? ""}`;
}

/** Small letters: the capitals are the covers’. */
const letterOf = (place: number) => String.fromCharCode(97 + place);
