import { Input } from "antd";
import { TextButton } from "../../../../ui/TextButton";
import { useState } from "react";
import { addCover, editCover, useBench } from "../../../../model/job/benchStore";
import { partsNet } from "../../../../model/cover/partsNet";
import {
  isAcross,
  partsOf,
  presets,
  rowsOfPreset,
  usualSize,
  type PartPreset,
} from "../../../../model/cover/parts";
import { emptyCover } from "../../../../model/cover/cover";

const picture = { width: 150, height: 120 };
const seats = { usual: "3", most: 12 };

/** What a loose cover is begun with: the parts a thing of this kind has, none of them measured yet. */
export function PartPresets({ onBlank }: { onBlank: () => void }) {
  const [cushions, setCushions] = useState(seats.usual);
  const count = Number(cushions);
  const known = Number.isInteger(count) && count >= 1 && count <= seats.most;
  const begin = (preset: PartPreset) => {
    if (preset.id === "sofa") {
      addCushions(count);
    }

    editCover("lists.zones", (cover) => ({
      ...cover,
      name: cover.name || preset.label,
      lists: { ...cover.lists, zones: rowsOfPreset(preset) },
    }));
  };
  return (
    <div className="part-presets">
      <p className="panel-heading">What is it?</p>
      <ul>
        {presets.map((preset, i) => (
          <li key={preset.id}>
            <button
              type="button"
              className="preset-take"
              autoFocus={i === 0}
              disabled={preset.id === "sofa" && !known}
              onClick={() => begin(preset)}
            >
              <PresetPicture preset={preset} wide={preset.id === "sofa" && known ? count : 1} />
              <strong>{preset.label}</strong>
            </button>
            {preset.id === "sofa" && (
              <label>
                with{" "}
                <Input
                  size="small"
                  value={cushions}
                  inputMode="numeric"
                  aria-invalid={!known}
                  aria-label="How many cushions the sofa has"
                  onChange={(event) => setCushions(event.target.value)}
                />{" "}
                {known ? "loose cushions, a cover of their own" : `loose cushions: 1 to ${seats.most}`}
              </label>
            )}
          </li>
        ))}
      </ul>
      <p>
        Every part is measured between its seams and may be added, doubled or taken off afterwards.{" "}
        <TextButton onClick={onBlank}>Begin with one part instead</TextButton>
      </p>
    </div>
  );
}

/** The cushions of a sofa are covered by themselves; the sofa stays the thing on the bench. */
function addCushions(count: number) {
  const { currentId, choose } = useBench.getState();
  addCover({ ...emptyCover, name: "Sofa cushion", count: String(count), options: { piping: "both" } });
  if (currentId) {
    choose(currentId);
  }
}

function PresetPicture({ preset, wide }: { preset: PartPreset; wide: number }) {
  const parts = partsOf({ ...emptyCover, lists: { zones: rowsOfPreset(preset) } });
  const net = partsNet(
    parts,
    parts.map((part) => {
      const [width, height] = usualSize(part);
      return [isAcross(part.place) ? width * wide : width, height];
    }),
  );
  return (
    <svg
      width={picture.width}
      height={picture.height}
      viewBox={`-20 -20 ${net.width + 40} ${net.height + 40}`}
      aria-hidden="true"
    >
      {net.parts.map((part) => (
        <rect
          key={`${part.at}.${part.isTwin}`}
          x={part.left}
          y={part.top}
          width={part.width}
          height={part.height}
        />
      ))}
    </svg>
  );
}
