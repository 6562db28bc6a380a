import { Segmented } from "antd";
import { useBench } from "../../../model/job/benchStore";

/** Whether the roll shows the whole job or only the cover on the bench. */
export function LayScope({ covers }: { covers: number }) {
  const laying = useBench((state) => state.laying);
  return covers > 1 ? (
    <Segmented
      className="lay-scope"
      size="small"
      aria-label="What is laid"
      value={laying}
      options={[
        { value: "job", label: "whole job" },
        { value: "cover", label: "this cover" },
      ]}
      onChange={(next) => useBench.setState({ laying: next as "job" | "cover" })}
    />
  ) : null;
}
