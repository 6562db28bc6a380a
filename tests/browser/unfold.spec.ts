import type { APIRequestContext } from "@playwright/test";
import { crossings } from "../../web/src/model/space/crossing";
import type { Facet } from "../../web/src/model/space/facet";
import { unfoldedAt, unfolding } from "../../web/src/model/space/unfold";
import { expect, test } from "./house.js";

const frames = 60;

interface Measure {
  name: string;
  exampleMillimetres: string | null;
  optional: boolean;
}

interface Catalogue {
  forms: {
    id: string;
    shapes: { id: string; measures: Measure[]; list: string | null; constructions: string[] }[];
  }[];
}

interface Job {
  unit: string;
  covers: { cover: Record<string, unknown> & { name?: string; form?: string } }[];
}

async function foldUp(request: APIRequestContext, cover: object): Promise<Facet[] | null> {
  const answer = await request.post("/api/fold-up", { data: cover });
  return answer.ok() ? ((await answer.json()) as { facets: Facet[] }).facets : null;
}

/** What speaks against how a cover unfolds; empty where nothing does. */
function faults(facets: Facet[]): string[] {
  const cover = unfolding(facets);
  const found: string[] = [];
  const made = unfoldedAt(cover, 0);
  const off = Math.max(
    0,
    ...facets.flatMap(({ space }, i) =>
      space.map((corner, k) =>
        Math.hypot(...[0, 1, 2].map((axis) => (corner[axis] ?? 0) - (made[i]?.[k]?.[axis as 0] ?? 0))),
      ),
    ),
  );
  if (off > 0.05) {
    found.push(`it is not made up at the beginning: ${off.toFixed(3)} mm`);
  }

  for (let frame = 0; frame <= frames; frame++) {
    for (const { one, other, depth } of crossings(unfoldedAt(cover, frame / frames), 1).slice(0, 1)) {
      found.push(
        `frame ${frame}: ${facets[one]?.piece} goes ${depth.toFixed(1)} mm through ${facets[other]?.piece}`,
      );
    }
  }

  const [flat] = [unfoldedAt(cover, 1)];
  const ground = flat[0]?.[0]?.[2] ?? 0;
  if (flat.some((corners) => corners.some(([, , z]) => Math.abs(z - ground) > 0.01))) {
    found.push("it does not lie flat in the end");
  }

  // All but the loose hang together until the pieces part.
  const loose = cover.net.hung.filter((hung) => hung.on === null).length - 1;
  if (loose > 0) {
    found.push(`${loose} pieces hang on nothing`);
  }

  return found;
}

test("every cover of the demo jobs opens as a net that stays joined, and no part goes through another", async ({
  request,
}) => {
  const jobs = (await (await request.get("/api/jobs")).json()) as { id: string }[];
  let opened = 0;
  for (const { id } of jobs) {
    const job = (await (await request.get(`/api/jobs/${id}`)).json()) as Job;
    for (const { cover } of job.covers) {
      const facets = await foldUp(request, { ...cover, unit: job.unit, cloth: null, count: 1 });
      if (facets && facets.length > 0) {
        expect(faults(facets), `${id}: ${cover.name ?? cover.form}`).toEqual([]);
        opened++;
      }
    }
  }

  expect(opened).toBeGreaterThan(20);
});

test("every form opens so in every shape and way it can be made", async ({ request }) => {
  const catalogue = (await (await request.get("/api/forms")).json()) as Catalogue;
  let opened = 0;
  for (const form of catalogue.forms) {
    for (const shape of form.shapes.filter(({ list }) => !list)) {
      const measures = Object.fromEntries(
        shape.measures
          .filter((measure) => !measure.optional && measure.exampleMillimetres)
          .map((measure) => [measure.name, measure.exampleMillimetres]),
      );
      for (const construction of shape.constructions) {
        const facets = await foldUp(request, {
          form: form.id,
          unit: "mm",
          measures: { ...measures, shape: shape.id },
          construction,
        });
        if (facets && facets.length > 0) {
          expect(faults(facets), `${form.id}, ${shape.id}, ${construction}`).toEqual([]);
          opened++;
        }
      }
    }
  }

  expect(opened).toBeGreaterThan(40);
});
