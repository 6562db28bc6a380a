import type { Yardage } from "../api/client";

/** What the job needs besides its cloth: zips at the next length sold, cord, foam. */
export function Notions({ yardage }: { yardage: Yardage }) {
  return yardage.notions.length > 0 ? (
    <ul className="notions" aria-label="Notions to buy">
      {yardage.notions.map((notion) => (
        <li key={notion.text}>
          {notion.kind === "cord" ? "" : <strong>{notion.quantity} × </strong>}
          {notion.text}
        </li>
      ))}
    </ul>
  ) : null;
}
