import { storedHouseAddress, useHouse, useHouseRepair } from "../../queries/saving/useHouse";
import { BrokenDocument } from "../../ui/trouble/BrokenDocument";
import "../../ui/trouble/trouble.css";

/** The house’s settings break a rule: what is wrong, and the ways out. Until then what can be read of them counts. */
export function BrokenHouse() {
  const house = useHouse().data;
  const repair = useHouseRepair();
  return house && house.problems.length > 0 ? (
    <section className="panel-trouble" role="alert" aria-label="The house’s settings">
      <BrokenDocument
        title="The house’s own rules and shelf cannot be read whole"
        problems={house.problems}
        onRepair={() => repair.mutate()}
        isRepairing={repair.isPending}
        storedAddress={storedHouseAddress}
      />
      {repair.error && <p>{repair.error.message}</p>}
    </section>
  ) : null;
}
