import { Input, Segmented } from "antd";
import { useState } from "react";
import type { Check } from "../../../api/client";
import { editCloth } from "../../../model/job/benchCloth";
import type { Cloth, ClothFace } from "../../../model/cloth/cloth";
import { makeFace } from "../../../queries/figures/makeFace";
import { ChecksFor } from "../../../ui/checks/ChecksFor";
import { FilePick } from "../../../ui/FilePick";

const kinds: { value: ClothFace["kind"]; label: string }[] = [
  { value: "", label: "not shown" },
  { value: "plain", label: "plain" },
  { value: "stripe", label: "stripe" },
  { value: "check", label: "check" },
  { value: "motif", label: "motif" },
  { value: "picture", label: "a picture" },
];

const usual = { ground: "#ecdcb9", ink: "#8a4b3a" };

/** What is seen of the cloth: drawn in its repeat on the roll, on the pieces and on the cover in the hand. */
export function FaceFields({ cloth, checks }: { cloth: Cloth; checks: Check[] }) {
  const { face } = cloth;
  const [problem, setProblem] = useState("");
  const isDrawn = !["", "plain", "picture"].includes(face.kind);
  const change = (changed: Partial<ClothFace>) => {
    const tag = `face.${Object.keys(changed).join()}`;
    editCloth({ face: { ...face, ...changed } }, tag);
  };
  const take = async (file: File) => {
    setProblem("");
    const made = await makeFace(file);
    if (typeof made === "string") {
      setProblem(made);
    } else {
      change(made);
    }
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
      {face.kind === "picture" && (
        <span className="face-row face-picture">
          {face.picture && <img src={face.picture} alt="One repeat of the cloth" />}
          <span>
            One repeat of it, from edge to edge; how large that is stands above.
            <br />
            <FilePick
              button={face.picture ? "Another picture" : "Choose a picture"}
              label="A picture of the cloth"
              accept="image/jpeg,image/png,image/webp"
              camera
              onPick={(file) => void take(file)}
            />
          </span>
        </span>
      )}
      {problem && <span role="alert">{problem}</span>}
      {(isDrawn || face.kind === "plain") && (
        <span className="face-row">
          {colour("ground", "ground")}
          {isDrawn && colour("ink", face.kind === "motif" ? "motif" : "stripe")}
        </span>
      )}
      {isDrawn && (
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
