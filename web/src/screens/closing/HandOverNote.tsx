import type { EntryOf, SewingCards } from "../../api/client";
import { strictestCare } from "../../model/cloth/care";
import type { Heading } from "../../model/job/document";
import type { CoverNumber } from "../../model/work/work";
import { RecordLabel, type LabelCloth } from "./RecordLabel";

interface Props {
  heading: Heading;
  which: CoverNumber;
  sewing: SewingCards;
  cloths: LabelCloth[];
  closed: EntryOf<"closed"> | null;
  code: string;
}

/** One page for whoever has the cover: what it is, how it goes on, how it is kept, and its label. */
export function HandOverNote({ heading, which, sewing, cloths, closed, code }: Props) {
  const { opening, unpick, cautions } = sewing.closing;
  const care = strictestCare(cloths.map((cloth) => cloth.care));
  const record = closed?.handOver;
  const found = sewing.fitted.find(({ number }) => number === which.number)?.found ?? [];
  const point = record ? record.unpick : (unpick ?? "");
  return (
    <article className="closing-note sheet">
      <header>
        <h2>
          {sewing.name}
          {sewing.count > 1 && `, ${which.number} of ${sewing.count}`}
        </h2>
        <p>{[heading.client, heading.place].filter(Boolean).join(", ")}</p>
      </header>
      <section>
        <h3>On and off</h3>
        <p>{opening.join(" ")}</p>
        {point !== "" && (
          <p>
            <strong>Unpick point:</strong> {point}.{record?.thread && ` Thread: ${record.thread}.`}
          </p>
        )}
      </section>
      <section>
        <h3>Care</h3>
        {care.length > 0 ? (
          <ul>
            {care.map(({ line, text }) => (
              <li key={line + text}>
                {line}: <strong>{text}</strong>
              </li>
            ))}
          </ul>
        ) : (
          <p>No care was recorded with its cloth: ask the supplier before it is washed.</p>
        )}
        {care.length > 0 && cloths.length > 1 && (
          <p>The strictest of all its cloths is said. A filling that comes out is washed apart.</p>
        )}
      </section>
      <section>
        <h3>Made of</h3>
        <ul>
          {cloths.map(({ name, batch, fire }) => (
            <li key={name}>
              {name}
              {batch && `, batch ${batch}`}
              {fire && `; its label says of fire: ${fire}`}
            </li>
          ))}
        </ul>
        {record?.leftOver && <p>Left over: {record.leftOver}</p>}
        {found.length > 0 && <p>Fitted: {[...found].reverse().join(" ")}</p>}
      </section>
      {cautions.length > 0 && (
        <section>
          <h3>Mind</h3>
          <ul>
            {cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        </section>
      )}
      <RecordLabel sewing={sewing} which={which} cloths={cloths} closed={closed} code={code} />
    </article>
  );
}
