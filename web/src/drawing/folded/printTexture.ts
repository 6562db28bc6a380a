import { CanvasTexture, RepeatWrapping, SRGBColorSpace } from "three";
import type { Print } from "../../api/client";
import { pictureNamed } from "../../model/cloth/pictures";
import { petals, tileOf, type PrintOn } from "../../model/cloth/print";

/** The longer side of a tile, in pixels. */
const pixels = 512;

/** One repeat of a print as a texture that comes again all over; a picture in it is there after a moment, and that is told. */
export function printTexture(print: Print, onPicture: () => void): CanvasTexture {
  const tile = tileOf(print);
  const scale = pixels / Math.max(tile.width, tile.height);
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(tile.width * scale));
  canvas.height = Math.max(1, Math.round(tile.height * scale));
  const context = canvas.getContext("2d");
  if (context) {
    context.scale(canvas.width / tile.width, canvas.height / tile.height);
    context.fillStyle = print.ground;
    context.fillRect(0, 0, tile.width, tile.height);
    context.fillStyle = print.ink;
    for (const mark of tile.marks) {
      if (mark.kind === "picture") {
        continue;
      } else if (mark.kind === "bar") {
        context.globalAlpha = mark.opacity;
        context.fillRect(mark.x, mark.y, mark.width, mark.height);
        context.globalAlpha = 1;
      } else {
        for (const petal of petals(mark)) {
          context.beginPath();
          petal.forEach(([x, y]) => context.lineTo(x, y));
          context.fill();
        }
      }
    }
  }

  const texture = new CanvasTexture(canvas);
  texture.wrapS = texture.wrapT = RepeatWrapping;
  texture.colorSpace = SRGBColorSpace;
  texture.flipY = false; // a tile begins at its corner, as the cloth does
  texture.anisotropy = 4;
  const picture = print.kind === "picture" ? pictureNamed(print.picture) : null;
  if (picture) {
    const image = new Image();
    image.onload = () => {
      for (const mark of tile.marks) {
        if (mark.kind === "picture") {
          context?.drawImage(image, mark.x, mark.y, mark.width, mark.height);
        }
      }

      texture.needsUpdate = true;
      onPicture();
    };
    image.src = picture;
  }

  return texture;
}

/** Where the corners of triangles lie in the repeats of a print, counted in repeats. */
export function placesOn({ print, at }: PrintOn, triangles: number[][], flat: number[][]): Float32Array {
  const tile = tileOf(print);
  return new Float32Array(
    triangles.flat().flatMap((corner) => {
      const [x, y] = at(flat[corner] ?? [0, 0]);
      return [(x - print.x) / tile.width, (y - print.y) / tile.height];
    }),
  );
}
