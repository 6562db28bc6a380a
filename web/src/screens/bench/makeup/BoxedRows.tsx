import type { Cover } from "../../../model/cover/cover";
import { Select } from "antd";
import type { ReactNode } from "react";
import { editText } from "../../../model/job/benchStore";
import { ChoiceRow, Row } from "./ChoiceRow";

/** What only a boxing strip has: how its casing is cut, whether the slide is hidden, how its strips lie. */
export function BoxedRows({
  cover,
  rule,
}: {
  cover: Cover;
  rule: (name: string, label?: string) => ReactNode;
}) {
  const pocket = cover.options.slidePocket === "true";
  const piping = cover.options.piping || "none";
  return (
    <>
      {piping !== "none" && (
        <>
          <ChoiceRow
            label="Casing cut"
            value={cover.options.bias === "false" ? "false" : "true"}
            options={[
              { value: "true", label: "on the bias" },
              { value: "false", label: "straight" },
            ]}
            onChange={(value) => editText("options", "bias", value)}
          />
          {rule("cord", "cord thickness")}
          {rule("pipingLap")}
        </>
      )}
      <ChoiceRow
        label="Slide pocket"
        value={pocket ? "true" : "false"}
        options={[
          { value: "false", label: "plain join" },
          { value: "true", label: "pocket" },
        ]}
        onChange={(value) => editText("options", "slidePocket", value)}
      />
      {pocket && rule("pocketLap")}
      <Row label="Strips lie">
        <Select
          size="small"
          aria-label="Strips lie"
          value={cover.options.strips ?? ""}
          options={[
            { value: "", label: "as fits" },
            { value: "across", label: "across" },
            { value: "down", label: "down" },
          ]}
          onChange={(value) => editText("options", "strips", value)}
        />
      </Row>
    </>
  );
}
