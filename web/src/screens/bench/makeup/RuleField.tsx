import { Button, Input } from "antd";
import type { Rule, Unit } from "../../../api/client";
import { useHouseRule } from "../../../queries/saving/useHouse";
import { editText } from "../../../model/job/benchStore";
import { withUnit } from "../../../model/job/switchUnit";

interface Props {
  rule: Rule;
  unit: Unit;
  text: string;
  houseRules: Record<string, string>;
  wrong: boolean;
  label?: string;
}

/** A figure that has a default: what is typed holds for this cover, and one touch makes it the house's own. */
export function RuleField({ rule, unit, text, houseRules, wrong, label }: Props) {
  const houseRule = useHouseRule();
  const house = houseRules[rule.name];
  const usual = unit === "in" ? rule.imperial : rule.metric;
  const standing = house ?? usual;
  const own = text.trim() !== "" && withUnit(text.trim(), unit) !== house;
  return (
    <div className="rule-field">
      <label>
        <span className="rule-label">{label ?? rule.label}</span>
        <Input
          size="small"
          value={text}
          status={wrong ? "error" : ""}
          placeholder={standing}
          aria-invalid={wrong}
          onChange={(event) => editText("rules", rule.name, event.target.value)}
        />
      </label>
      {own && !wrong ? (
        <Button
          size="small"
          className="make-default"
          title="Make this figure the house’s own"
          onClick={() => houseRule.mutate({ name: rule.name, text: withUnit(text.trim(), unit) })}
        >
          make usual
        </Button>
      ) : (
        <span className="rule-source">{house ? "house default" : "usual"}</span>
      )}
    </div>
  );
}
