import { Button, Checkbox, Input, Select } from "antd";
import { useRef, useState, type KeyboardEvent } from "react";
import { flushSync } from "react-dom";
import type { Column, ListRow } from "../../../../model/cover/columns";
import { SidesCell } from "./SidesCell";

interface Props {
  label: string;
  row: string;
  columns: Column[];
  rows: ListRow[];
  onChange: (rows: ListRow[]) => void;
  /** A row is gone to. */
  onRow?: (at: number) => void;
}

const sides = ["front", "right", "back", "left"];

/** A list measured row by row: Enter goes to the next cell, and after the last begins another row. */
export function RowsEditor({ label, row, columns, rows, onChange, onRow }: Props) {
  const table = useRef<HTMLTableElement>(null);
  const [blank, setBlank] = useState(false);
  // A row that nothing stands in yet is only on the screen.
  const shown: ListRow[] = rows.length === 0 || blank ? [...rows, {}] : rows;
  const write = (next: ListRow[]) => {
    const last = next.findLastIndex((known) => Object.values(known).some(isSaid));
    setBlank(false);
    onChange(next.slice(0, last + 1));
  };
  const put = (at: number, name: string, value: ListRow[string]) =>
    write(shown.map((known, i) => (i === at ? { ...known, [name]: value } : known)));
  const cell = (at: number, column: number) => {
    const place = table.current?.querySelector<HTMLElement>(`[data-cell="${at}.${column}"]`);
    (place?.querySelector("input") ?? place)?.focus();
  };
  const onKeyDown = (event: KeyboardEvent, at: number, column: number) => {
    const step = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
    if (step !== 0 && (event.target as HTMLElement).role !== "combobox") {
      event.preventDefault();
      cell(at + step, column);
    } else if (event.key === "Enter" && !(event.target instanceof HTMLButtonElement)) {
      event.preventDefault();
      if (column + 1 < columns.length) {
        cell(at, column + 1);
      } else {
        if (at + 1 === shown.length) {
          flushSync(() => setBlank(true)); // the next key may come before the next frame
        }

        cell(at + 1, 0);
      }
    }
  };
  const field = (known: ListRow, at: number, column: Column, i: number) => {
    const value = known[column.name];
    const common = {
      "data-cell": `${at}.${i}`,
      "aria-label": `${column.label} of ${row} ${at + 1}`,
      onKeyDown: (event: KeyboardEvent) => onKeyDown(event, at, i),
    };
    switch (column.kind) {
      case "flag":
        return (
          <Checkbox
            {...common}
            checked={value === true || value === "true"}
            onChange={(event) => put(at, column.name, event.target.checked)}
          />
        );
      case "sides":
        return (
          <SidesCell
            {...common}
            value={Array.isArray(value) ? value : []}
            onChange={(chosen) => put(at, column.name, chosen)}
          />
        );
      case "side":
        return (
          <Select
            {...common}
            size="small"
            value={String(value ?? "front")}
            options={sides.map((side) => ({ value: side }))}
            onChange={(side) => put(at, column.name, side)}
          />
        );
      default:
        return (
          <Input
            {...common}
            size="small"
            className={column.kind}
            autoComplete="off"
            spellCheck={false}
            inputMode={column.kind === "count" ? "numeric" : "text"}
            value={String(value ?? "")}
            onChange={(event) => put(at, column.name, event.target.value)}
          />
        );
    }
  };
  return (
    <table className="rows-editor" ref={table} aria-label={label}>
      <thead>
        <tr>
          <th scope="col">
            <span className="visually-hidden">number</span>
          </th>
          {columns.map((column) => (
            <th key={column.name} scope="col">
              {column.label}
            </th>
          ))}
          <td />
        </tr>
      </thead>
      <tbody>
        {shown.map((known, at) => (
          <tr key={at} onFocus={() => onRow?.(at)}>
            <th scope="row">{at + 1}</th>
            {columns.map((column, i) => (
              <td key={column.name} data-column={column.label}>
                {field(known, at, column, i)}
              </td>
            ))}
            <td>
              <button
                type="button"
                className="row-off"
                aria-label={`Take off ${row} ${at + 1}`}
                onClick={() => write(shown.filter((_, i) => i !== at))}
              >
                ×
              </button>
            </td>
          </tr>
        ))}
        <tr>
          <td colSpan={columns.length + 2}>
            <Button onClick={() => setBlank(true)}>+ {row}</Button>
          </td>
        </tr>
      </tbody>
    </table>
  );
}

/** Something stands in a cell. */
function isSaid(value: ListRow[string]): boolean {
  return typeof value === "string"
    ? value.trim() !== ""
    : Array.isArray(value)
      ? value.length > 0
      : value === true;
}
