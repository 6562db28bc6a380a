import { Button, Input } from "antd";
import type { Unit } from "../../../api/client";
import type { ShownRule } from "../../../model/cover/ruleGroups";
import { useHouseRule } from "../../../queries/saving/useHouse";
import { editText } from "../../../model/job/benchStore";
import { withUnit } from "../../../model/job/switchUnit";

interface Props {
  rule: ShownRule;
  unit: Unit;
  text: string;
  houseRules: Record<string, string>;
  wrong: boolean;
}

/** A figure that has a default: what is typed holds for this cover, and one touch makes it the house's own. */
export function RuleField({ rule, unit, text, houseRules, wrong }: Props) {
  const houseRule = useHouseRule();
  const house = houseRules[rule.name];
  const usual = unit === "in" ? rule.usual.in : rule.usual.metric;
  const figure = rule.isLength ? withUnit(text.trim(), unit) : text.trim();
  const standing = house ?? usual;
  const own = text.trim() !== "" && figure !== house;
  return (
    <div className="rule-field">
      <label>
        <span className="rule-label">{rule.label}</span>
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
          onClick={() => houseRule.mutate({ name: rule.name, text: figure })}
        >
          make usual
        </Button>
      ) : (
        <span className="rule-source">{house ? "house default" : "usual"}</span>
      )}
    </div>
  );
}
