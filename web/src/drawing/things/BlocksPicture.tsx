import type { Cover } from "../../model/cover/cover";
import { useQuery } from "@tanstack/react-query";
import { api, type Unit } from "../../api/client";
import { extentOf } from "../../model/pieces/pieceSize";
import { draftRequest } from "../../queries/figures/useFoldUp";

interface Props {
  cover: Cover;
  unit: Unit;
  size: { width: number; height: number };
}

/** The first blocks of a cover that is pinned on the thing, in proportion. */
export function BlocksPicture({ cover, unit, size }: Props) {
  const request = draftRequest(cover, unit);
  const { data } = useQuery({
    queryKey: ["draft", request],
    retry: false,
    queryFn: async () => (await api.POST("/api/draft", { body: request })).data ?? null,
  });
  const pieces = (data?.pieces ?? []).slice(0, 4);
  const widths = pieces.map((piece) => extentOf(piece, 0));
  const heights = pieces.map((piece) => extentOf(piece, 1));
  const total = widths.reduce((sum, width) => sum + width, 0) + 60 * pieces.length;
  const scale = Math.min(
    (size.width - 12) / Math.max(total, 1),
    (size.height - 16) / Math.max(...heights, 1),
  );
  const lefts = widths.map(
    (_, i) => 8 + widths.slice(0, i).reduce((sum, width) => sum + width + 60, 0) * scale,
  );
  return (
    <svg
      width={size.width}
      height={size.height}
      viewBox={`0 0 ${size.width} ${size.height}`}
      aria-hidden="true"
    >
      {pieces.map((piece, i) => {
        const [left = 0, width = 0, height = 0] = [lefts[i], widths[i], heights[i]];
        return (
          <g key={piece.key}>
            <rect
              className="face-top"
              x={left}
              y={size.height - 8 - height * scale}
              width={width * scale}
              height={height * scale}
            />
            <rect
              className="edge"
              x={left}
              y={size.height - 8 - height * scale}
              width={width * scale}
              height={height * scale}
            />
          </g>
        );
      })}
    </svg>
  );
}
