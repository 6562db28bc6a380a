const nameKey = "wrapper.at-work";

/** Who works on this device, as it was said last; empty where nobody has said. */
export const workerHere = () => localStorage.getItem(nameKey) ?? "";

/** Says who works on this device. */
export function setWorkerHere(name: string) {
  localStorage.setItem(nameKey, name.trim());
}
