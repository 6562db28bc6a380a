/** A piece to draw on a card, in millimetres. */
export interface CardBox {
  width: number;
  height: number;
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
export function cardLayout(boxes: CardBox[], room: CardBox, nameHeight: number): CardLayout {
  let best: { scale: number; rows: number[][] } = { scale: 0, rows: [] };
  for (let rows = 1; rows <= boxes.length; rows++) {
    const inRows = rowsOf(boxes, rows);
    const widest = Math.max(...inRows.map((row) => sum(row.map((at) => boxes[at]?.width ?? 0))));
    const gaps = Math.max(...inRows.map((row) => (row.length - 1) * gap));
    const highest = sum(inRows.map((row) => highestOf(boxes, row)));
    const scale = Math.min(
      (room.width - gaps) / Math.max(widest, 1e-6),
      (room.height - rows * nameHeight - (rows - 1) * gap * 0.5) / Math.max(highest, 1e-6),
    );
    if (scale > best.scale) {
      best = { scale, rows: inRows };
    }
  }

  return { scale: best.scale, places: placed(boxes, best, room, nameHeight) };
}

function placed(
  boxes: CardBox[],
  { scale, rows }: { scale: number; rows: number[][] },
  room: CardBox,
  nameHeight: number,
): CardPlace[] {
  const places: CardPlace[] = boxes.map(() => ({ x: 0, y: 0 }));
  const heights = rows.map((row) => highestOf(boxes, row) * scale + nameHeight);
  let y = (room.height - sum(heights) - (rows.length - 1) * gap * 0.5) / 2;
  rows.forEach((row, i) => {
    const width = sum(row.map((at) => (boxes[at]?.width ?? 0) * scale)) + (row.length - 1) * gap;
    const high = (heights[i] ?? 0) - nameHeight;
    let x = (room.width - width) / 2;
    for (const at of row) {
      const box = boxes[at] ?? { width: 0, height: 0 };
      places[at] = { x, y: y + (high - box.height * scale) / 2 };
      x += box.width * scale + gap;
    }

    y += (heights[i] ?? 0) + gap * 0.5;
  });
  return places;
}

const sum = (values: number[]) => values.reduce((all, value) => all + value, 0);

const highestOf = (boxes: CardBox[], row: number[]) => Math.max(...row.map((at) => boxes[at]?.height ?? 0));

/** As many in every row as can be, in order. */
function rowsOf(boxes: CardBox[], rows: number): number[][] {
  const each = Math.ceil(boxes.length / rows);
  return Array.from({ length: Math.ceil(boxes.length / each) }, (_, row) =>
    boxes.map((_, at) => at).slice(row * each, (row + 1) * each),
  );
}
