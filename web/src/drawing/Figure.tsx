import { splitFigure } from "../model/pieces/figures";

/** A figure with a real fraction, read aloud as it was written. */
export function Figure({ text, unit }: { text: string; unit?: string | undefined }) {
  const { whole, over, under } = splitFigure(text);
  return (
    <span className="figure">
      <span aria-hidden="true">
        {whole}
        {over && (
          <span className="vulgar">
            <span className="over">{over}</span>
            <span className="slash">⁄</span>
            <span className="under">{under}</span>
          </span>
        )}
      </span>
      <span className="visually-hidden">{text}</span>
      {unit ? ` ${unit}` : ""}
    </span>
  );
}
