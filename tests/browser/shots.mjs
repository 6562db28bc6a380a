// Takes the pictures in docs/screenshots from the demo jobs.
import { address, launch } from "./browser.mjs";
import { leaveOpen } from "./open-cover.mjs";

const directory = process.argv[2];
const browser = await launch();

async function shot(name, { path, width = 1280, height = 800, before = async () => {}, fullPage = false }) {
  const page = await browser.newPage({ viewport: { width, height } });
  await page.goto(address + path);
  await page.waitForLoadState("networkidle");
  await before(page);
  if (path.startsWith("/jobs/") && !/-sheet$|\/(cutting|cut-cards|sewing|trying-on)(\/|$)/.test(path)) {
    await page.locator('.board[data-settled="true"][data-compared="true"]').waitFor();
  }

  await page.waitForLoadState("networkidle");
  await page.screenshot({ path: `${directory}/${name}.png`, fullPage, animations: "disabled" });
  await page.close();
  console.log(`${name}.png`);
}

const saloon = "/jobs/teasel-saloon";
await shot("bench", { path: saloon });
await shot("stage-measure", {
  path: `${saloon}/measure`,
  before: async (page) => {
    await page.getByRole("button", { name: /Hull corner seat/ }).click();
    await page.locator(".reading[aria-label^=backWidth]").click();
  },
});
await shot("stage-make-up", {
  path: `${saloon}/make-up`,
  before: async (page) => {
    await page.getByRole("button", { name: "washed often" }).click();
    await page.getByRole("button", { name: "least work" }).click();
    await page.locator(".reasons .against").first().waitFor();
  },
});
await shot("stage-pieces", {
  path: "/jobs/teasel-poufs/pieces",
  before: async (page) => {
    await page.locator('canvas[data-ready="true"]').waitFor();
    await page.getByRole("button", { name: /^Top and bottom, cut width/ }).click();
    await page.getByRole("combobox", { name: "top: cut from" }).click();
    await page
      .getByText(/of Rust twill/)
      .first()
      .waitFor();
    const choices = page.locator(".ant-select-dropdown");
    await choices.getByText("as it stands").waitFor();
    await choices.getByText("…").first().waitFor({ state: "hidden" }); // what each cloth would change has come
  },
});
await shot("stage-cloth", {
  path: "/jobs/teasel-guest-cabin/cloth",
  before: (page) => page.getByRole("button", { name: /Bolster/ }).click(),
});
await shot("things", {
  path: "/jobs/teasel-ottoman",
  before: async (page) => {
    await page.locator('.board[data-settled="true"]').waitFor();
    await page.keyboard.press("Alt+n");
    await page.locator(".thing-picture svg").nth(14).waitFor();
  },
});
await shot("cloths-compared", {
  path: `${saloon}/cloth`,
  before: async (page) => {
    await page.getByRole("button", { name: "Compare cloths" }).click();
    await page.locator(".compared tbody").nth(1).waitFor();
  },
});
await shot("in-the-hand", {
  path: "/jobs/teasel-poufs",
  before: async (page) => {
    await page.locator('.board[data-settled="true"]').waitFor();
    await page.keyboard.press("Alt+t");
    await page.locator('canvas[data-ready="true"]').waitFor();
    await page.getByRole("slider").focus();
    for (let i = 0; i < 55; i++) {
      await page.keyboard.press("ArrowRight");
    }
  },
});
const openProof = async (page) => {
  await page.locator('.board[data-settled="true"]').waitFor();
  await page.locator(".proof-mark").click();
  await page.locator(".proof-view table").first().waitFor();
};
await shot("proof-open", {
  path: saloon,
  before: async (page) => {
    await leaveOpen(page, "top-front", { gap: 37, shown: "1½ in", moved: [0, -30, -22] });
    await page.reload();
    await openProof(page);
  },
});
await shot("bench-armchair", { path: "/jobs/teasel-armchair/measure" });
const tickTo = async (page, count, card) => {
  await page.locator("footer .hand-button.is-first").waitFor();
  for (let ticked = 0; ticked < count; ticked++) {
    for (let left = await stopsLeft(page); left > 0; left = await stopsLeft(page)) {
      await page.locator(".sew-stop input:not(:checked)").first().check();
    }

    await page.keyboard.press("ArrowRight");
    await page
      .locator("header")
      .filter({ hasText: `${card} ${ticked + 2} of` })
      .waitFor();
  }
};
const stopsLeft = (page) => page.locator(".sew-stop input:not(:checked)").count();
await shot("cutting-table", {
  path: "/jobs/teasel-armchair/cutting",
  width: 768,
  height: 1024,
  before: (page) => tickTo(page, 8, "piece"),
});
await shot("cut-card", { path: "/jobs/teasel-armchair/cut-cards", width: 900, height: 1150 });
await shot("sewing-card", {
  path: "/jobs/teasel-bolsters/sewing/teasel-bolsters-1/1",
  width: 768,
  height: 1024,
  before: (page) => tickTo(page, 7, "step"),
});
await shot("trying-on", {
  path: "/jobs/teasel-chair-backs/trying-on/teasel-chair-backs-1/1",
  before: async (page) => {
    await page.getByRole("radio", { name: "right" }).click();
    for (let i = 0; i < 3; i++) {
      await page.getByRole("button", { name: "In 1⁄8 in" }).click();
    }

    await page.getByRole("heading", { name: "The rest" }).waitFor();
  },
});
await shot("set-board", { path: "/jobs/teasel-bolsters/sewing" });
await shot("cutting-sheet", { path: `${saloon}/cutting-sheet`, width: 860, height: 1200, fullPage: true });
await shot("measuring-sheet", {
  path: `${saloon}/measuring-sheet`,
  width: 900,
  height: 1100,
  before: async (page) => page.locator(".letter-line").nth(8).waitFor(),
});
const opened = await (await fetch(`${address}/api/jobs/teasel-saloon/sheet`, { method: "POST" })).json();
await shot("phone-sheet", { path: `/sheet/${opened.token}`, width: 390, height: 844 });
await shot("jobs", {
  path: "/",
  before: async (page) => page.locator(".job-things svg").nth(5).waitFor(),
});
await browser.close();
