// Cloths, on the demo server: a part given another cloth, a piece dragged among two hundred, a lay of six
// hundred opened, six cloths at once.
import { address, launch } from "./browser.mjs";

const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const says = (what, took, allowed) =>
  console.log(`  ${what}: ${(took / allowed).toFixed(2)} of the ${allowed} ms allowed`);

const cushion = (count, cloth, size = 14) => ({
  form: "box-cushion",
  construction: "boxing-strip",
  measures: { width: `${size}`, depth: `${size}`, thickness: "3" },
  count: `${count}`,
  ...(cloth && { cloth }),
});

/** A job of these covers on these cloths; where its bench is. */
async function job(covers, others = []) {
  const answer = await page.request.post(`${address}/api/jobs/import`, {
    data: {
      format: 2,
      name: "Measured",
      unit: "in",
      cloth: { width: "54", selvage: "1/2", others },
      covers: covers.map((cover, i) => ({ id: `c${i}`, ...cover })),
    },
  });
  if (!answer.ok()) {
    throw new Error(await answer.text());
  }

  return `${address}/jobs/${(await answer.json()).id}`;
}

/** The time from here until something is on the screen. */
async function until(selector, begin) {
  const start = performance.now();
  await begin();
  await page.locator(selector).first().waitFor({ timeout: 120_000 });
  return performance.now() - start;
}

console.log("Cloths:");

// A role given another cloth: from the touch to the piece painted in it.
await page.goto(`${address}/jobs/teasel-poufs/pieces`);
await page.locator('.board[data-settled="true"]').waitFor();
await page.getByRole("button", { name: /^Top and bottom, cut width/ }).click();
const changes = [];
for (let i = 0; i < 20; i++) {
  const to = i % 2 === 0 ? "Rust twill" : "Tarpaulin green";
  await page.getByRole("combobox", { name: "top: cut from" }).click();
  const option = page.locator(`.ant-select-item-option:has-text("${to}")`).first();
  await option.waitFor();
  await page.evaluate((name) => {
    const said = () => document.querySelector(".pieces li .piece-cloth")?.textContent ?? "";
    window.changed = null;
    document.addEventListener(
      "click",
      () => {
        const start = performance.now();
        const look = () =>
          said().includes(name)
            ? requestAnimationFrame(() => (window.changed = performance.now() - start))
            : requestAnimationFrame(look);
        look();
      },
      { capture: true, once: true },
    );
  }, to);
  await option.click();
  await page.waitForFunction(() => window.changed !== null, undefined, { timeout: 20_000 });
  changes.push(await page.evaluate(() => window.changed));
}

changes.sort((a, b) => a - b);
says("a part given another cloth, median of 20", changes[10], 100);
says("the slowest but one of 20", changes[18], 100);

// Two hundred pieces, and one of them dragged: frames a second while it is.
await page.goto(`${await job([cushion(34)])}/cloth`);
await page.locator('.board[data-settled="true"]').waitFor({ timeout: 120_000 });
const pieces = await page.locator(".laid polygon").count();
const held = page.locator('g.laid[role="button"]').first();
const box = await held.boundingBox();
await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
await page.mouse.down();
await page.evaluate(() => {
  window.frames = [];
  const count = (now) => {
    window.frames.push(now);
    requestAnimationFrame(count);
  };
  requestAnimationFrame(count);
});
for (let i = 0; i < 120; i++) {
  await page.mouse.move(box.x + box.width / 2 + i, box.y + box.height / 2 + (i % 20));
}

const frames = await page.evaluate(() => window.frames);
await page.mouse.up();
const gaps = frames
  .slice(1)
  .map((now, i) => now - frames[i])
  .sort((a, b) => a - b);
const rate = 1000 / gaps[Math.floor(gaps.length / 2)];
console.log(
  `  a piece dragged among ${pieces}: ${rate.toFixed(0)} frames a second at the median, 50 wanted (${(rate / 50).toFixed(2)})`,
);

// A lay of six hundred pieces opened.
const large = await job(Array.from({ length: 5 }, (_, i) => cushion(20, "", 12 + i)));
await page.goto(`${large}/measure`);
await page.locator(".cover-tab.current").waitFor();
await page.locator(".strip-cloth .buy-figure").waitFor({ timeout: 120_000 });
const opened = await until(".roll-row .laid polygon", () =>
  page
    .getByRole("link", { name: /^Cloth/ })
    .first()
    .click(),
);
says(`a lay of ${await page.locator(".roll-row .laid polygon").count()} pieces opened`, opened, 1000);

// Six cloths, each with covers of its own: the first figures of all.
const keys = ["b", "c", "d", "e", "f"];
const six = await job(
  ["", ...keys].map((key, i) => cushion(2, key, 14 + i)),
  keys.map((key) => ({ key, name: `Cloth ${key}`, width: "54", selvage: "1/2" })),
);
const start = performance.now();
await page.goto(`${six}/cloth`);
await page.waitForFunction(
  () =>
    document.querySelector('[data-testid="buy"]') !== null &&
    document.querySelectorAll(".other-cloths li strong").length === 5,
  undefined,
  { timeout: 120_000 },
);
says("first figures of six cloths, page and all", performance.now() - start, 1000);
await browser.close();
