import { storedHouseAddress, useHouse, useHouseRepair } from "../../queries/useHouse";
import "../../ui/trouble.css";

/** The house’s settings break a rule: what is wrong, and the ways out. Until then what can be read of them counts. */
export function BrokenHouse() {
  const house = useHouse().data;
  const repair = useHouseRepair();
  return house && house.problems.length > 0 ? (
    <section className="panel-trouble" role="alert" aria-label="The house’s settings">
      <h2>The house’s own rules and shelf cannot be read whole</h2>
      <ul>
        {house.problems.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      <p className="panel-trouble-ways">
        <button type="button" disabled={repair.isPending} onClick={() => repair.mutate()}>
          Keep what can be read
        </button>
        <a href={storedHouseAddress} download>
          Save them as they are stored
        </a>
      </p>
      {repair.error && <p>{repair.error.message}</p>}
    </section>
  ) : null;
}
