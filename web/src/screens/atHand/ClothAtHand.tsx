import { useQuery } from "@tanstack/react-query";
import { Input, Segmented } from "antd";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, type LargestCover, type Unit } from "../../api/client";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useSettled } from "../../queries/figures/useSettled";
import { useHouse } from "../../queries/saving/useHouse";
import { createJob } from "../../queries/job/createJob";
import type { Pieced } from "../../model/cover/cover";
import { newThing } from "../../model/cover/takeThing";
import { clothOf, type Had } from "./had";
import { LargestCard } from "./LargestCard";
import "./atHand.css";

const rest = 450;

const strips = [1, 2, 3, 4].map((count) => ({
  value: count,
  label: count === 1 ? "faces whole" : count === 2 ? "faces joined from 2" : String(count),
}));

interface Found {
  covers: LargestCover[];
  usable: number;
  length: number;
  /** How long one sheet is, where there are several. */
  sheet: number | null;
  problem: string;
}

/** A cloth one has: for each thing and way of making it, the largest that it gives, with the lay to prove it. */
export function ClothAtHand() {
  const navigate = useNavigate();
  const catalogue = useCatalogue();
  const house = useHouse();
  const [unit, setUnit] = useState<Unit>("in");
  const [cloth, setCloth] = useState<Had>({
    width: "54",
    length: "60",
    selvage: "0",
    hem: "1",
    keeps: false,
    nap: "either",
    kind: "roll",
    count: "1",
    joinedFrom: 1,
  });
  const [form, setForm] = useState("");
  const [problem, setProblem] = useState("");
  const asked = useSettled(cloth, rest);
  const { data, isFetching, isPlaceholderData } = useQuery<Found>({
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
          ...(asked.kind === "sheet" && {
            count: /^\d{1,3}$/.test(asked.count.trim()) ? Number(asked.count) : 0,
            joinedFrom: asked.joinedFrom,
          }),
        },
        signal,
      });
      return data
        ? {
            covers: data.covers as LargestCover[],
            usable: data.usableWidth,
            length: data.length,
            sheet: data.sheet ?? null,
            problem: "",
          }
        : {
            covers: [],
            usable: 0,
            length: 0,
            sheet: null,
            problem: (error as { detail?: string } | undefined)?.detail ?? "The cloth could not be read.",
          };
    },
  });
  // What was tried on the cloth typed before is no measure of the one typed now.
  const isOutdated = isPlaceholderData || asked !== cloth;
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
      pieced: Object.fromEntries(
        largest.pieced.map((role): [string, Pieced] => [
          role,
          {
            run: "along",
            parts: Array.from({ length: cloth.joinedFrom }, () => ({ cloth: "", width: "" })),
          },
        ]),
      ),
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
  const field = (name: "width" | "length" | "selvage" | "hem" | "count", label: string) => (
    <label>
      {label}
      <Input
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
        <Segmented<Had["kind"]>
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
        {cloth.kind === "sheet" ? (
          <>
            {field("count", "how many of it")}
            {field("hem", "hem at each edge")}
            <Segmented
              aria-label="Its hems"
              value={String(cloth.keeps)}
              options={[
                { value: "false", label: "hems cut off" },
                { value: "true", label: "hems kept" },
              ]}
              onChange={(keeps) => setCloth({ ...cloth, keeps: keeps === "true" })}
            />
            <Segmented
              aria-label="Faces"
              value={cloth.joinedFrom}
              options={strips}
              onChange={(joinedFrom) => setCloth({ ...cloth, joinedFrom })}
            />
          </>
        ) : (
          field("selvage", "cut off each side")
        )}
        <Segmented<Had["nap"]>
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
          (isFetching || isOutdated ? "Trying every thing on it…" : `${covers.length} ways to use it.`)}
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
              sheet={data?.sheet ?? null}
              unit={unit}
              isOutdated={isOutdated}
              onBegin={() => void begin(cover)}
            />
          ))}
      </ul>
    </main>
  );
}
