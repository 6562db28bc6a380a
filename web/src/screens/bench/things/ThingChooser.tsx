import { Button } from "antd";
import { useEffect, useRef, type KeyboardEvent } from "react";
import type { Catalogue, Unit } from "../../../api/client";
import { ThingPicture } from "../../../drawing/things/ThingPicture";
import { inSentence } from "../../../model/words/words";
import "./things.css";

interface Props {
  catalogue: Catalogue;
  unit: Unit;
  heading: string;
  onTake: (form: string, shape: string) => void;
  onLeave?: (() => void) | undefined;
}

/** Every thing that can be covered, drawn in true proportion: one touch takes it, in one of its shapes. */
export function ThingChooser({ catalogue, unit, heading, onTake, onLeave }: Props) {
  const list = useRef<HTMLUListElement>(null);
  useEffect(() => {
    list.current?.querySelector<HTMLElement>(".thing-take")?.focus();
  }, []);

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Escape" && onLeave) {
      event.preventDefault();
      onLeave();
      return;
    }

    const all = [...(list.current?.querySelectorAll<HTMLElement>(".thing-take") ?? [])];
    const at = all.indexOf(document.activeElement as HTMLElement);
    const perRow = all.filter((one) => one.offsetTop === all[0]?.offsetTop).length;
    const step = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: perRow, ArrowUp: -perRow }[event.key];
    if (step && at >= 0) {
      event.preventDefault();
      all[Math.max(0, Math.min(all.length - 1, at + step))]?.focus();
    }
  };
  return (
    // The keys walk the drawings wherever in the list the hand is.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <section className="thing-chooser" aria-label="Things" onKeyDown={onKeyDown}>
      <header>
        <h2>{heading}</h2>
        {onLeave && <Button onClick={onLeave}>Leave it as it is</Button>}
      </header>
      <ul ref={list}>
        {catalogue.forms.map((form) => (
          <li key={form.id} className="sheet">
            <button
              type="button"
              className="thing-take"
              onClick={() => onTake(form.id, form.shapes[0]?.id ?? "")}
            >
              <ThingPicture
                catalogue={catalogue}
                form={form.id}
                shape={form.shapes[0]?.id ?? ""}
                unit={unit}
              />
              <strong>{form.label}</strong>
            </button>
            {form.shapes.length > 1 && (
              <span className="thing-shapes">
                {form.shapes.slice(1).map((shape) => (
                  <button key={shape.id} type="button" onClick={() => onTake(form.id, shape.id)}>
                    {inSentence(shape.label)}
                  </button>
                ))}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
