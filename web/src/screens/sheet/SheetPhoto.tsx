import { saidOf } from "../../queries/server/faults";
import { useState } from "react";
import { sendPhoto } from "../../queries/work/sendPhoto";
import { FilePick } from "../../ui/FilePick";

/** A photograph of what is being measured, sent to the bench at once. */
export function SheetPhoto({ token, cover, measure }: { token: string; cover: string; measure: string }) {
  const [said, setSaid] = useState("");
  const send = async (file: File) => {
    setSaid("Sending the photograph…");
    try {
      setSaid(
        (await sendPhoto(`/api/sheets/${token}/photos`, cover, measure, file)) ||
          "The photograph is at the bench.",
      );
    } catch (error) {
      setSaid(saidOf(error, "No connection: photographs are not kept here, take it again later."));
    }
  };
  return (
    <div className="phone-photo">
      <FilePick
        button="Photograph"
        label="Photograph"
        accept="image/*"
        camera
        className=""
        onPick={(file) => void send(file)}
      />

      <span role="status">{said}</span>
    </div>
  );
}
