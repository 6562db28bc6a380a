/**
 * A double of the proof in which one seam of the cover lies open: no draft of ours shows one.
 * @param {import("@playwright/test").Page} page
 * @param {string} seam the seam that lies open
 * @param {{ gap: number, shown: string, moved: number[] }} by how far, in millimetres and as shown, and where the other edge lies
 */
export async function leaveOpen(page, seam, { gap, shown, moved }) {
  await page.route("**/api/fold-up", async (route) => {
    const response = await route.fetch();
    const proof = await response.json();
    const facet = proof.facets.find((one) => one.seams.includes(seam));
    if (facet) {
      const at = facet.seams.indexOf(seam);
      const one = [facet.space[at], facet.space[(at + 1) % facet.space.length]];
      const other = one.map((place) => place.map((value, axis) => value + moved[axis]));
      Object.assign(proof, { closes: false, gapShown: shown, unequalSeams: [seam] });
      proof.open = [{ seam, piece: facet.piece, gap, gapShown: shown, one, other }];
      proof.problems = [`Edges sewn together lie ${shown} apart.`];
    }

    await route.fulfill({ response, json: proof });
  });
}
