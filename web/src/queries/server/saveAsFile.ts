/** Puts a file where the browser keeps what is downloaded. */
export function saveAsFile(name: string, content: Blob | string) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(
    typeof content === "string" ? new Blob([content], { type: "application/json" }) : content,
  );
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
