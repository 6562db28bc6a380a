import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, type SewingCards } from "../../api/client";
import { workerHere } from "../../model/work/atWork";
import { isSamePattern, withBlock, type BlockJoin, type TrimmedRow } from "../../model/cover/trimmed";
import { told } from "../../model/work/work";
import { writeCover } from "../saving/writeCover";
import { tell } from "../saving/workOutbox";

interface Trimmed {
  /** The block that was trimmed, with its points; null where only its seams are written down. */
  block: { key: string; name: string; rows: TrimmedRow[] } | null;
  /** All seams between blocks; null where they stay. */
  joins: BlockJoin[] | null;
}

/** Writes down a block as it was trimmed, and what is sewn to what; the cover follows, and the record has it. */
export function useTrimmed(job: string, sewing: SewingCards) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ block, joins }: Trimmed) => {
      const { data } = await api.GET("/api/jobs/{id}", { params: { path: { id: job } } });
      const stored = data?.covers.find(({ id }) => id === sewing.cover);
      if (!data || !stored) {
        throw new Error("This cover was taken off the job: bring it back to go on.");
      }

      const options: Record<string, unknown> = { ...stored.cover.options };
      if (block) {
        options.trimmed = withBlock(options.trimmed, block.key, block.rows);
      }

      if (joins) {
        options.joins = joins;
      }

      const cover = { ...stored.cover, options } as typeof stored.cover;
      const trial = await api.POST("/api/draft", { body: { ...cover, unit: data.unit } });
      const checks = (
        trial.data ?? (trial.error as { checks?: { level: string; text: string }[] } | undefined)
      )?.checks;
      const wrong = checks?.find(({ level }) => level === "error");
      if (wrong) {
        throw new Error(wrong.text);
      }

      await writeCover(
        job,
        stored,
        cover,
        "This cover was changed elsewhere just now: look at it, and keep it then.",
      );
      if (block) {
        tell(job, ...entriesOf(sewing, block, options.corrections));
      }
    },
    onSettled: () => {
      for (const what of ["job", "sewing-cards", "cutting"]) {
        void queries.invalidateQueries({ queryKey: [what, job] });
      }
    },
  });
}

/** Every one of the set hears of it: what was cut roughly is trimmed by the pattern, and is no trouble. */
function entriesOf(sewing: SewingCards, block: { key: string; name: string }, corrections: unknown) {
  const standing = (Array.isArray(corrections) ? corrections : []) as { side: string; by: string }[];
  const copies = sewing.pieces.filter(({ key }) => isSamePattern(key, block.key));
  return Array.from({ length: sewing.count }, (_, at) =>
    told("finding", workerHere(), {
      cover: sewing.cover,
      number: at + 1,
      subject: block.key,
      finding: {
        found: [],
        carried: true,
        cut: standing,
        next: standing,
        sewn: standing,
        lies: copies.flatMap(({ key, quantity }) =>
          Array.from({ length: quantity / sewing.count }, (__, copy) => ({
            piece: key,
            copy: copy + 1,
            x: 0,
            y: 0,
          })),
        ),
        reopened: [],
        trimmed: [block.name],
      },
    }),
  );
}
