import { Link } from "react-router";
import type { SewingCards, WorkEntry } from "../../api/client";
import { tilesOf } from "../../model/work/board";
import { told } from "../../model/work/work";
import { tell } from "../../queries/saving/workOutbox";
import { HowItIsSewn } from "./HowItIsSewn";
import { Tile } from "./Tile";

interface Props {
  job: string;
  sewing: SewingCards;
  name: string;
  work: WorkEntry[];
  worker: string;
  /** Covers of the job of which nothing is sewn yet. */
  notBegun: string[];
}

/** The covers alike side by side; several are sewn one after another, or each step on all of them. */
export function CoverOnBoard({ job, sewing, name, work, worker, notBegun }: Props) {
  const tiles = tilesOf(sewing, work);
  return (
    <section className="board-cover">
      <h2>
        <span className="sew-letter">{sewing.letter}</span> {name}
        {sewing.count > 1 && <small>{sewing.count} alike</small>}
        {sewing.count > 1 && tiles.some(({ sewn }) => sewn.done < sewn.of) && (
          <Link className="hand-small" to={`/jobs/${job}/sewing/${sewing.cover}/all`}>
            Sew all together, step by step
          </Link>
        )}
      </h2>
      <HowItIsSewn job={job} sewing={sewing} isBegun={!notBegun.includes(sewing.cover)} notBegun={notBegun} />
      <ul>
        {tiles.map((tile) => (
          <Tile
            key={tile.number}
            tile={tile}
            sewing={sewing}
            address={`/jobs/${job}/sewing/${sewing.cover}/${tile.number}`}
            onHold={() =>
              tell(
                job,
                told("holds", worker, { cover: sewing.cover, number: tile.number, subject: "in-hand" }),
              )
            }
            canHold={worker.trim() !== "" && tile.holder !== worker.trim()}
            closing={`/jobs/${job}/hand-over/${sewing.cover}/${tile.number}`}
          />
        ))}
      </ul>
    </section>
  );
}
