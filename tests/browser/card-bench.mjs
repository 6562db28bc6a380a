// From "next" to the frame painted with the next card: its sentence, the edges lit on its pieces, the cover so far. On a piped
// cushion of the demo, and on one that is joined from strips.
import { address, launch } from "./browser.mjs";

const target = 100;
const rounds = 4;
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 768, height: 1024 } });
const cushion = {
  id: "c",
  form: "box-cushion",
  construction: "boxing-strip",
  options: { piping: "both", slidePocket: "true" },
};
const covers = [
  ["a piped cushion", { ...cushion, measures: { width: "20", depth: "18", thickness: "4" } }],
  [
    "a large piped cushion, joined from strips",
    { ...cushion, measures: { width: "96", depth: "80", thickness: "4" } },
  ],
];

/** Sews a fresh cover through, card by card, and times each from the key to its picture. */
async function sewn(cover) {
  const answer = await page.request.post(`${address}/api/jobs/import`, {
    data: {
      format: 2,
      name: "Measured",
      unit: "in",
      cloth: { width: "54", selvage: "1/2" },
      covers: [cover],
    },
  });
  const { id } = await answer.json();
  const { cards } = await (await page.request.get(`${address}/api/jobs/${id}/covers/c/sewing-cards`)).json();
  await page.goto(`${address}/jobs/${id}/sewing/c/1`);
  await page.getByText(`step 1 of ${cards.length}`).waitFor();
  const found = [];
  for (let place = 1; place < cards.length; place++) {
    const { stops } = cards[place - 1];
    if (stops.length > 0) {
      await page.keyboard.press("ArrowRight"); // asks what is to be seen to first
      for (const _ of stops) {
        await page.keyboard.press("p");
      }

      await page.getByText("First answer what is boxed in red.").waitFor({ state: "detached" });
    }

    found.push(await page.evaluate(next, [place + 1, cards.length]));
  }

  return found;
}

/** In the page: presses the key; the card is there when its number and its drawing are, and a frame after that has begun. */
function next([place, of]) {
  return new Promise((resolve) => {
    const start = performance.now();
    document.body.dispatchEvent(new KeyboardEvent("keydown", { key: "ArrowRight", bubbles: true }));
    const isThere = () =>
      document.querySelector("main header")?.textContent.includes(`step ${place} of ${of}`) &&
      document.querySelector(".sew-picture svg");
    const look = () =>
      requestAnimationFrame(() =>
        isThere() ? requestAnimationFrame(() => resolve(performance.now() - start)) : look(),
      );
    look();
  });
}

for (const [name, cover] of covers) {
  await sewn(cover); // to warm up
  const sorted = [];
  for (let round = 0; round < rounds; round++) {
    sorted.push(...(await sewn(cover)));
  }

  sorted.sort((one, other) => one - other);
  const at = (share) =>
    (sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] / target).toFixed(2);
  console.log(
    `  ${name}, ${sorted.length} cards after “next”: median ${at(0.5)}, 95th percentile ${at(0.95)},`,
    `worst ${at(1)} of the ${target} ms allowed`,
  );
}

await browser.close();
