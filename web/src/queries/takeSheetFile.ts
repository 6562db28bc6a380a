import { takeSheet, type SheetFile } from "../model/takeSheet";
import { brokenRule, loadRules } from "./documentRules";

/** Takes in what a phone saved of a measuring sheet because it could not send it; says what came of it. */
export async function takeSheetFile(file: File): Promise<string> {
  if (!(await loadRules())) {
    return "The workroom’s computer does not answer: nothing was taken in, try again.";
  }

  const content = parsed(await file.text());
  return brokenRule("sheetFile", content) === null
    ? takeSheet(content as SheetFile)
    : "This is no measuring sheet’s file: nothing was taken in.";
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
