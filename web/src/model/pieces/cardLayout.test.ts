import { expect, test } from "vitest";
import { cardLayout } from "./cardLayout";

test("pieces on a card are as large as the room allows, none over another and none outside", () => {
  const room = { width: 700, height: 500 };
  for (const boxes of [
    [{ width: 500, height: 500 }],
    [
      { width: 4000, height: 100 },
      { width: 500, height: 450 },
    ],
    Array.from({ length: 7 }, (_, i) => ({ width: 100 + i * 90, height: 700 - i * 80 })),
  ]) {
    const { scale, places } = cardLayout(boxes, room, 46);
    const rects = boxes.map((box, i) => ({
      left: places[i]?.x ?? 0,
      top: places[i]?.y ?? 0,
      right: (places[i]?.x ?? 0) + box.width * scale,
      bottom: (places[i]?.y ?? 0) + box.height * scale + 46,
    }));
    for (const [i, rect] of rects.entries()) {
      expect(rect.left).toBeGreaterThanOrEqual(-0.01);
      expect(rect.top).toBeGreaterThanOrEqual(-0.01);
      expect(rect.right).toBeLessThanOrEqual(room.width + 0.01);
      expect(rect.bottom).toBeLessThanOrEqual(room.height + 0.01);
      for (const other of rects.slice(i + 1)) {
        const apart =
          rect.right <= other.left + 0.01 ||
          other.right <= rect.left + 0.01 ||
          rect.bottom <= other.top + 0.01 ||
          other.bottom <= rect.top + 0.01;
        expect(apart).toBe(true);
      }
    }
  }
});
