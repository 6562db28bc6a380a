import type { Cover } from "../../../model/cover/cover";
import type { Catalogue, Shape } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";

const listNames: Record<string, string> = { points: "outline", stations: "stations", zones: "as a table" };

interface Props {
  catalogue: Catalogue;
  shape: Shape;
  cover: Cover;
  shown: string;
  onShow: (way: string) => void;
}

/** What the measuring sheet shows: the drawing, what is measured row by row, or what trying on taught. */
export function PanelWays({ catalogue, shape, cover, shown, onShow }: Props) {
  const construction = catalogue.constructions.find(({ id }) => id === cover.construction);
  const form = catalogue.forms.find(({ id }) => id === cover.form);
  const ways = [
    ["drawing", shape.list === "zones" ? "its parts" : "drawing"],
    ...(shape.list ? [["list", listNames[shape.list] ?? shape.list]] : []),
    ...(construction?.obstacles ? [["obstacles", "obstacles"]] : []),
    ...(form?.legs ? [["legs", "legs"]] : []),
    ["fitting", "trying on"],
  ];
  return (
    <div className="panel-ways" role="tablist" aria-label="The thing">
      {ways.map(([way = "", label]) => (
        <button key={way} type="button" role="tab" aria-selected={shown === way} onClick={() => onShow(way)}>
          {label}
        </button>
      ))}
      <button
        type="button"
        role="tab"
        aria-selected={false}
        onClick={() => useBench.setState({ turning: true })}
      >
        in the hand
      </button>
    </div>
  );
}
