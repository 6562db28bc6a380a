import type { Cover } from "../api/client";

interface Zone {
  name?: string;
  width?: string;
  height?: string;
  count?: number;
  tucks?: string[];
}

/** The zones of a loose cover as they were measured, each with the edges that go down a gap. */
export function ZoneList({ cover }: { cover: Cover }) {
  const zones = (cover.lists.zones ?? []) as Zone[];
  return (
    <div className="zone-list">
      <table>
        <caption>
          {zones.reduce((sum, zone) => sum + (zone.count ?? 1), 0)} zones, between their seams
        </caption>
        <tbody>
          {zones.map((zone, i) => (
            <tr key={i}>
              <th scope="row">{zone.name}</th>
              <td>{zone.count && zone.count > 1 ? `${zone.count} ×` : ""}</td>
              <td>
                {zone.width} × {zone.height}
              </td>
              <td>{zone.tucks?.length ? `tucks in ${zone.tucks.join(", ")}` : ""}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
