import { saidOf } from "../../../../queries/server/faults";
import { fetchAnswer } from "../../../../api/client";
import { useState } from "react";
import { editCover } from "../../../../model/job/benchStore";
import { FilePick } from "../../../../ui/FilePick";

const largest = 8_000_000;

/** Takes the outline of the thing out of a drawing somebody made of it: SVG or DXF. */
export function ImportOutline({ onTaken }: { onTaken: () => void }) {
  const [said, setSaid] = useState("");
  const read = async (file: File) => {
    if (file.size > largest) {
      setSaid("This drawing is larger than 8 MB: save only the outline and try again.");
      return;
    }

    setSaid("Reading the drawing…");
    try {
      const response = await fetchAnswer("/api/outlines", {
        method: "POST",
        headers: { "Content-Type": "text/plain" },
        body: await file.text(),
      });
      const answer = (await response.json()) as { text?: string; notes?: string[]; detail?: string };
      if (response.ok && answer.text) {
        const points = answer.text;
        editCover("lists.points", (cover) => ({
          ...cover,
          lists: {
            ...Object.fromEntries(Object.entries(cover.lists).filter(([name]) => name !== "baseline")),
            points: points.split("; ").map((point) => point.split(", ")),
          },
        }));
        onTaken();
        setSaid(answer.notes?.join(" ") || "The outline was taken over.");
      } else {
        setSaid(answer.detail ?? "The drawing could not be read.");
      }
    } catch (error) {
      setSaid(
        saidOf(
          error,
          "The workroom’s computer does not answer: the drawing was not read, what was here stays.",
        ),
      );
    }
  };
  return (
    <>
      <FilePick
        button="From a drawing…"
        label="A drawing of the outline"
        accept=".svg,.dxf"
        onPick={(file) => void read(file)}
      />

      <span role="status" className="list-said">
        {said}
      </span>
    </>
  );
}
