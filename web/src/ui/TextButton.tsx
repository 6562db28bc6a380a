import { Button } from "antd";
import type { ComponentProps } from "react";

/** A button that stands in a line of text. */
export function TextButton({ className, ...rest }: ComponentProps<typeof Button>) {
  return (
    <Button type="text" className={className ? `plain-button ${className}` : "plain-button"} {...rest} />
  );
}
