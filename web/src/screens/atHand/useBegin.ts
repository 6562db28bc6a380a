import { useState } from "react";
import { useNavigate } from "react-router";
import type { LargestCover, Unit } from "../../api/client";
import type { Pieced } from "../../model/cover/cover";
import { newThing } from "../../model/cover/takeThing";
import { createJob } from "../../queries/job/createJob";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { clothOf, type Had } from "./had";

/** Begins a job with a cover that a cloth gives and goes to its bench. */
export function useBegin(cloth: Had, unit: Unit) {
  const navigate = useNavigate();
  const { data: catalogue } = useCatalogue();
  const [problem, setProblem] = useState("");
  const begin = async (largest: LargestCover) => {
    if (!catalogue) {
      return;
    }

    const cover = {
      ...newThing(catalogue, largest.form, largest.shape),
      construction: largest.construction,
      measures: largest.measures,
      pieced: Object.fromEntries(largest.pieced.map((role) => [role, joinedFrom(cloth.joinedFrom)])),
    };
    const id = await createJob(unit, cover, {
      ...clothOf(cloth),
      name: cloth.kind === "sheet" ? "the sheet at hand" : "the cloth at hand",
    }).catch(() => null);
    if (id) {
      await navigate(`/jobs/${id}`);
    } else {
      setProblem("The workroom’s computer did not answer: the job was not made.");
    }
  };
  return { begin, problem };
}

const joinedFrom = (count: number): Pieced => ({
  run: "along",
  parts: Array.from({ length: count }, () => ({ cloth: "", width: "" })),
});
