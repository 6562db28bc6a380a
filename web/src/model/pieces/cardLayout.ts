/** A piece to draw on a card, in millimetres. */
export interface CardBox {
  width: number;
  height: number;
  /** What its name takes at the least, in pixels. */
  nameWidth?: number;
}

/** Where it is drawn, in pixels: the left and the top of its box. */
export interface CardPlace {
  x: number;
  y: number;
}

export interface CardLayout {
  /** Pixels a millimetre. */
  scale: number;
  places: CardPlace[];
}

const gap = 28;

/**
 * Places pieces in rows, in their order, as large as the room allows and all at one scale; under each there is a line for its
 * name.
 */
export function cardLayout(
  boxes: CardBox[],
  room: { width: number; height: number },
  nameHeight: number,
): CardLayout {
  let best: { scale: number; rows: CardBox[][] } = { scale: 0, rows: [] };
  for (let rows = 1; rows <= boxes.length; rows++) {
    const inRows = rowsOf(boxes, rows);
    const scale = largest((tried) => {
      const sizes = inRows.map((row) => sizeOf(row, tried, nameHeight));
      return (
        Math.max(...sizes.map(({ width }) => width)) <= room.width &&
        sum(sizes.map(({ height }) => height)) + (rows - 1) * gap * 0.5 <= room.height
      );
    });
    if (scale > best.scale) {
      best = { scale, rows: inRows };
    }
  }

  return { scale: best.scale, places: placed(best, room, nameHeight) };
}

/** The largest scale that fits, to a thousandth of itself. */
function largest(fits: (scale: number) => boolean): number {
  let [low, high] = [0, 50];
  for (let step = 0; step < 40 && high - low > 1e-3 * low; step++) {
    const middle = (low + high) / 2;
    [low, high] = fits(middle) ? [middle, high] : [low, middle];
  }

  return low;
}

/** How wide a box is drawn with its name, and how large a row is. */
const wide = (box: CardBox, scale: number) => Math.max(box.width * scale, box.nameWidth ?? 0);

function sizeOf(row: CardBox[], scale: number, nameHeight: number) {
  return {
    width: sum(row.map((box) => wide(box, scale))) + (row.length - 1) * gap,
    height: Math.max(...row.map(({ height }) => height)) * scale + nameHeight,
  };
}

function placed(
  { scale, rows }: { scale: number; rows: CardBox[][] },
  room: { width: number; height: number },
  nameHeight: number,
): CardPlace[] {
  const places: CardPlace[] = [];
  const sizes = rows.map((row) => sizeOf(row, scale, nameHeight));
  let y = (room.height - sum(sizes.map(({ height }) => height)) - (rows.length - 1) * gap * 0.5) / 2;
  rows.forEach((row, i) => {
    const { width = 0, height = 0 } = sizes[i] ?? {};
    let x = (room.width - width) / 2;
    for (const box of row) {
      const own = wide(box, scale);
      places.push({
        x: x + (own - box.width * scale) / 2,
        y: y + (height - nameHeight - box.height * scale) / 2,
      });
      x += own + gap;
    }

    y += height + gap * 0.5;
  });
  return places;
}

const sum = (values: number[]) => values.reduce((all, value) => all + value, 0);

/** As many in every row as can be, in order. */
function rowsOf(boxes: CardBox[], rows: number): CardBox[][] {
  const each = Math.ceil(boxes.length / rows);
  return Array.from({ length: Math.ceil(boxes.length / each) }, (_, row) =>
    boxes.slice(row * each, (row + 1) * each),
  );
}
