import type { Cover } from "../../../model/cover/cover";
import { Button, Select } from "antd";
import type { Catalogue } from "../../../api/client";
import { chooseThing, editCover } from "../../../model/job/benchStore";
import { takeThing } from "../../../model/cover/takeThing";
import { Row } from "./ChoiceRow";

/** What is covered, and its shape: another thing is chosen from the drawings. */
export function ThingFields({ catalogue, cover }: { catalogue: Catalogue; cover: Cover }) {
  const form = catalogue.forms.find((known) => known.id === cover.form) ?? catalogue.forms[0];
  return (
    <>
      <Row label="Thing">
        <span className="thing-row">
          <strong>{form?.label}</strong>
          <Button onClick={() => chooseThing("change")}>another thing</Button>
        </span>
      </Row>
      {form && form.shapes.length > 1 && (
        <Row label="Shape">
          <Select
            size="small"
            aria-label="Shape"
            value={cover.shape}
            options={form.shapes.map((known) => ({ value: known.id, label: known.label }))}
            onChange={(value) => editCover("shape", (before) => takeThing(catalogue, before, form.id, value))}
          />
        </Row>
      )}
    </>
  );
}
