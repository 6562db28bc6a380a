import { parsedJson } from "../../model/job/json";
import { takeSheet, type SheetFile } from "../../model/job/takeSheet";
import { brokenRule, loadRules } from "../saving/documentRules";

/** Takes in what a phone saved of a measuring sheet because it could not send it; says what came of it. */
export async function takeSheetFile(file: File): Promise<string> {
  if (!(await loadRules())) {
    return "The workroom’s computer does not answer. Try again in a moment.";
  }

  const content = parsedJson(await file.text());
  return brokenRule("sheetFile", content) === null
    ? takeSheet(content as SheetFile)
    : "This is not a measuring sheet’s file. Choose the file that the phone saved.";
}
