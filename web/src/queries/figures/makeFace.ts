import { saidOf } from "../server/faults";
import { fetchAnswer, type FacePicture } from "../../api/client";

const silent = "The workroom’s computer does not answer: choose the picture again in a moment.";

/** Makes a picture into the face of a cloth; or says why it cannot be. */
export async function makeFace(file: File): Promise<FacePicture | string> {
  try {
    const response = await fetchAnswer("/api/faces", {
      method: "POST",
      headers: { "Content-Type": "application/octet-stream" },
      body: file,
    });
    if (response.ok) {
      return (await response.json()) as FacePicture;
    }

    const answer = (await response.json().catch(() => null)) as { detail?: string } | null;
    return answer?.detail ?? silent;
  } catch (error) {
    return saidOf(error, silent);
  }
}
