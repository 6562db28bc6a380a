import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render } from "@testing-library/react";
import type { ReactElement } from "react";
import { afterEach } from "vitest";
import type { EntryOf, Piece, WorkEntry, WorkKind, Working, Yardage } from "./api/client";

afterEach(cleanup);

/** What the server answers in JSON. */
export const jsonAnswer = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });

/** Renders with a query client of its own. */
export function renderWithQueries(element: ReactElement) {
  return render(<QueryClientProvider client={new QueryClient()}>{element}</QueryClientProvider>);
}

export const sum: Working = {
  for: "plate.cutWidth",
  name: "Plate, cut width",
  expression: "80½ + 2 × ½",
  value: 2070.1,
  shown: "81½",
  tokens: [
    { text: "80½", shown: "80½", name: "perimeter", source: "worked" },
    { text: "+", shown: "+", name: null, source: null },
    { text: "2", shown: "2", name: null, source: null },
    { text: "×", shown: "×", name: null, source: null },
    { text: "½", shown: "½", name: "seam", source: "house" },
  ],
};

export function pieceOf(change: Partial<Piece>): Piece {
  const square = [
    [0, 0],
    [100, 0],
    [100, 50],
    [0, 50],
  ];
  return {
    key: "plate",
    id: "plate",
    number: 1,
    name: "Plate",
    quantity: 2,
    mirrored: 0,
    cloth: "main",
    parts: [],
    role: "top",
    roles: ["top", "bottom"],
    isFace: true,
    cutWidth: 100,
    cutLength: 50,
    cutWidthShown: "100",
    cutLengthShown: "50",
    outline: square,
    stitchLine: square,
    turns: [0, 180],
    edges: [],
    marks: [],
    strokes: [],
    ...change,
  };
}

export const yardage: Yardage = {
  usableWidth: 1346.2,
  usableWidthShown: "53",
  buy: {
    need: 2900,
    buy: 2971.8,
    ready: 0,
    figure: "3¼",
    unit: "yd",
    yards: "3¼ yd",
    metres: "2.9 m",
    ruleOfThumb: "3¾ yd",
    saved: "½ yd",
    matching: null,
    waste: 0.184,
    cost: 60.125,
    working: sum,
  },
  lay: {
    length: 2800,
    bound: 2600,
    proved: false,
    ruleOfThumb: 3300,
    placements: [{ piece: "a/plate", copy: 1, turn: 0, x: 0, y: 0, remnant: null }],
    foldedTo: 0,
  },
  pieces: [
    {
      id: "a/plate",
      cover: "a",
      key: "plate",
      number: 1,
      name: "Plate",
      copies: 1,
      outline: pieceOf({}).outline,
      turns: [0, 180],
    },
  ],
  covers: {},
  example: false,
  widths: [],
  notions: [
    { kind: "zip", text: "Zip, 28 in", quantity: 2 },
    { kind: "cord", text: "Piping cord, 4¾ yd", quantity: 1 },
  ],
  leftOut: [],
  checks: [],
  joins: 1,
  cloth: null,
  cuts: [],
  offcuts: [],
};

let told = 0;

/** Something that was told of the work on the first cover “a”. */
export const entryOf = <Kind extends WorkKind>(kind: Kind, rest: Partial<EntryOf<Kind>> = {}): WorkEntry =>
  ({
    id: `e${++told}`,
    kind,
    cover: "a",
    number: 1,
    subject: "zip",
    at: "2026-03-14T09:26:00Z",
    by: "",
    ...rest,
  }) as WorkEntry;
