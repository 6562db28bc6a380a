import type { SewingCards } from "../api/client";

/** How a cover goes on and comes off, by what it is closed with; and the seam that has to be unpicked where it does not open. */
export function opensBy(cards: SewingCards["cards"]): { opening: string; unpick: string } {
  const byHand = cards.find(({ kind }) => kind === "close-by-hand");
  const has = (kind: string) => cards.some((card) => card.kind === kind);
  if (has("zip")) {
    return {
      opening: "Open the zip all the way before it goes on or comes off, and close it before it is washed.",
      unpick: "",
    };
  }

  if (byHand) {
    return {
      opening: "It is sewn shut. To take it off, unpick the seam that was closed by hand, and no other.",
      unpick: byHand.text,
    };
  }

  if (has("buttons")) {
    return { opening: "It opens at its buttons.", unpick: "" };
  }

  if (has("tape")) {
    return { opening: "Peel its tape open from one end; close it before it is washed.", unpick: "" };
  }

  if (has("thread")) {
    return {
      opening: "Ease its edge over one corner after another; to take it off, begin at a corner.",
      unpick: "",
    };
  }

  return { opening: "It is drawn on and off as it is.", unpick: "" };
}

/** The cautions that apply to what is covered, in the words of the workroom. None says that a rule is kept. */
export function cautionsFor(form: string, cards: SewingCards["cards"]): string[] {
  const cords = cards.some(({ kind, text }) => kind === "thread" && /cord/i.test(text));
  return [
    "Furniture and bedding fire rules differ by country: covers, fillings and interliners may need rated cloth and a label. See your local rules and ask the supplier for the certificate; cleaning can remove a treatment.",
    ...(infants.has(form)
      ? [
          "For infants: a sleep sheet fits tight with elastic all round and nothing loose; no cords, ribbons or buttons within reach. Follow local safe-sleep advice, and never leave a child on a raised pad.",
        ]
      : []),
    ...(cords ? ["Cords: no long loops where small children are."] : []),
    ...(form === "board"
      ? [
          "Hot work: pads under an iron need heat-proof layers; polyester melts. Let it cool before it is put away.",
        ]
      : []),
    ...(form === "headboard" || form === "ottoman" || form === "slipcover"
      ? ["Heavy furniture is moved by two; structural or antique work is for licensed practice."]
      : []),
  ];
}

const infants = new Set(["changing-pad", "fitted-sheet"]);
