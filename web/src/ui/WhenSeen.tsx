import { TextButton } from "./TextButton";
import { useSeen } from "./hooks/useSeen";

interface Props {
  label: string;
  onSeen: () => void;
}

/** A button that presses itself, once, when one has scrolled near to it. */
export function WhenSeen({ label, onSeen }: Props) {
  const ref = useSeen<HTMLButtonElement>(onSeen);
  return (
    <TextButton ref={ref} onClick={onSeen}>
      {label}
    </TextButton>
  );
}
