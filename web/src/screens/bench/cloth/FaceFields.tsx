import { Input, Segmented } from "antd";
import type { Check } from "../../../api/client";
import { editCloth } from "../../../model/benchCloth";
import type { Cloth, ClothFace } from "../../../model/cloth";
import { ChecksFor } from "../../../ui/ChecksFor";

const kinds = [
  { value: "", label: "not shown" },
  { value: "plain", label: "plain" },
  { value: "stripe", label: "stripe" },
  { value: "check", label: "check" },
  { value: "motif", label: "motif" },
];

const usual = { ground: "#ecdcb9", ink: "#8a4b3a" };

/** What is seen of the cloth: drawn in its repeat on the roll, on the pieces and on the cover in the hand. */
export function FaceFields({ cloth, checks }: { cloth: Cloth; checks: Check[] }) {
  const { face } = cloth;
  const change = (changed: Partial<ClothFace>) => {
    const tag = `face.${Object.keys(changed).join()}`;
    editCloth({ face: { ...face, ...changed } }, tag);
  };
  const colour = (name: "ground" | "ink", label: string) => (
    <label className="face-colour">
      {label}
      <input
        type="color"
        value={face[name] || usual[name]}
        onChange={(event) => change({ [name]: event.target.value })}
      />
    </label>
  );
  return (
    <div className="face-fields" role="group" aria-label="What is seen of it">
      <span>What is seen of it</span>
      <Segmented
        size="small"
        aria-label="Print"
        value={face.kind}
        options={kinds}
        onChange={(kind) => change({ kind })}
      />
      {face.kind !== "" && (
        <span className="face-row">
          {colour("ground", "ground")}
          {face.kind !== "plain" && colour("ink", face.kind === "motif" ? "motif" : "stripe")}
        </span>
      )}
      {face.kind !== "" && face.kind !== "plain" && (
        <label className="face-colour">
          {face.kind === "motif" ? "motif so wide" : "stripe so wide"}
          <Input
            size="small"
            placeholder="usual"
            value={face.figure}
            onChange={(event) => change({ figure: event.target.value })}
          />
        </label>
      )}
      <ChecksFor checks={checks.filter(({ measure }) => measure === "cloth.face")} />
    </div>
  );
}
