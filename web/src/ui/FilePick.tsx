import { Button } from "antd";
import { useRef } from "react";

interface Props {
  /** What the button says. */
  button: string;
  /** What the file is, for who cannot see the button. */
  label: string;
  accept: string;
  /** On a phone the camera is offered first. */
  camera?: boolean;
  className?: string;
  onPick: (file: File) => void;
}

/** A button that asks for one file; the same file can be picked again. */
export function FilePick({ button, label, accept, camera = false, className, onPick }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      {className ? (
        <button type="button" className={className} onClick={() => input.current?.click()}>
          {button}
        </button>
      ) : (
        <Button onClick={() => input.current?.click()}>{button}</Button>
      )}
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        {...(camera ? { capture: "environment" as const } : {})}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) {
            onPick(file);
          }
        }}
      />
    </>
  );
}
