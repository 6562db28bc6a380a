import { useQuery } from "@tanstack/react-query";
import { Segmented } from "antd";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, type LargestCover, type Unit } from "../../api/client";
import { useCatalogue } from "../../queries/useCatalogue";
import { useSettled } from "../../queries/useSettled";
import { useHouse } from "../../queries/useHouse";
import { createJob } from "../../queries/createJob";
import { newThing } from "../../model/takeThing";
import { LargestCard } from "./LargestCard";
import "./atHand.css";

const rest = 450;

interface Found {
  covers: LargestCover[];
  usable: number;
  length: number;
  problem: string;
}

/** The cloth as it is asked about and as a job begins with it: a sheet is as long as it is, its hems cut off first. */
function clothOf(said: {
  width: string;
  length: string;
  selvage: string;
  hem: string;
  nap: string;
  kind: string;
}) {
  const { width, length, selvage, hem, nap, kind } = said;
  const edge = { kind: "hem", depth: hem, keep: "false" };
  return kind === "sheet"
    ? { width, nap, length, edges: { left: edge, right: edge, start: edge, end: edge } }
    : { width, nap, selvage };
}

/** A cloth one has: for each thing and way of making it, the largest that it gives, with the lay to prove it. */
export function ClothAtHand() {
  const navigate = useNavigate();
  const catalogue = useCatalogue();
  const house = useHouse();
  const [unit, setUnit] = useState<Unit>("in");
  const [cloth, setCloth] = useState({
    width: "54",
    length: "60",
    selvage: "0",
    hem: "1",
    nap: "either",
    kind: "roll",
  });
  const [form, setForm] = useState("");
  const [problem, setProblem] = useState("");
  const asked = useSettled(cloth, rest);
  const { data, isFetching } = useQuery<Found>({
    queryKey: ["cloth-at-hand", unit, asked, house.data?.rules],
    enabled: house.data !== undefined,
    placeholderData: (before) => before,
    queryFn: async ({ signal }) => {
      const { data, error } = await api.POST("/api/cloth-at-hand", {
        body: {
          unit,
          houseRules: house.data?.rules ?? {},
          cloth: clothOf(asked),
          length: asked.length,
          forms: null,
        },
        signal,
      });
      return data
        ? {
            covers: data.covers as LargestCover[],
            usable: data.usableWidth,
            length: data.length,
            problem: "",
          }
        : {
            covers: [],
            usable: 0,
            length: 0,
            problem: (error as { detail?: string } | undefined)?.detail ?? "The cloth could not be read.",
          };
    },
  });
  const covers = data?.covers ?? [];
  const forms = [...new Map(covers.map((cover) => [cover.form, cover.formLabel]))];
  const begin = async (largest: LargestCover) => {
    if (!catalogue.data) {
      return;
    }

    const cover = {
      ...newThing(catalogue.data, largest.form, largest.shape),
      construction: largest.construction,
      measures: largest.measures,
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
  const field = (name: "width" | "length" | "selvage" | "hem", label: string) => (
    <label>
      {label}
      <input
        value={cloth[name]}
        onChange={(event) => setCloth({ ...cloth, [name]: event.target.value })}
        autoFocus={name === "width"}
      />
    </label>
  );
  return (
    <main className="at-hand">
      <header>
        <Link to="/">← Jobs</Link>
        <h1>A cloth I have</h1>
        <p>How large is it? Everything below is really drafted and really laid on it.</p>
      </header>
      <div className="at-hand-cloth">
        <Segmented
          aria-label="It is"
          value={cloth.kind}
          options={[
            { value: "roll", label: "off a roll" },
            { value: "sheet", label: "a sheet or towel" },
          ]}
          onChange={(kind) => setCloth({ ...cloth, kind })}
        />
        {field("width", "across")}
        {field("length", "along")}
        {cloth.kind === "sheet"
          ? field("hem", "hems to cut off, each edge")
          : field("selvage", "cut off each side")}
        <Segmented
          aria-label="Nap"
          value={cloth.nap}
          options={[
            { value: "either", label: "either way up" },
            { value: "one-way", label: "nap, one way" },
          ]}
          onChange={(nap) => setCloth({ ...cloth, nap })}
        />
        <Segmented
          aria-label="Unit"
          value={unit}
          options={["in", "cm", "mm"]}
          onChange={(value) => setUnit(value as Unit)}
        />
      </div>
      <p role="status">
        {problem ||
          data?.problem ||
          (isFetching ? "Trying every thing on it…" : `${covers.length} ways to use it.`)}
      </p>
      <nav className="at-hand-forms" aria-label="Things">
        <button type="button" aria-pressed={form === ""} onClick={() => setForm("")}>
          everything
        </button>
        {forms.map(([id, label]) => (
          <button key={id} type="button" aria-pressed={form === id} onClick={() => setForm(id)}>
            {label}
          </button>
        ))}
      </nav>
      <ul>
        {covers
          .filter((cover) => form === "" || cover.form === form)
          .map((cover) => (
            <LargestCard
              key={`${cover.form}.${cover.shape}.${cover.construction}`}
              cover={cover}
              usable={data?.usable ?? 1}
              length={data?.length ?? 1}
              unit={unit}
              onBegin={() => void begin(cover)}
            />
          ))}
      </ul>
    </main>
  );
}
