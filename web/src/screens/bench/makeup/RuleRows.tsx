import type { Catalogue, Unit } from "../../../api/client";
import type { Cover } from "../../../model/cover/cover";
import { ruleGroups, type ShownRule } from "../../../model/cover/ruleGroups";
import { RuleField } from "./RuleField";

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  /** The names of the rules the cover obeys. */
  obeyed: readonly string[];
  wrong: (name: string) => boolean;
}

/** Every figure the cover obeys, by what it is about; those that are seldom changed are one level down. */
export function RuleRows({ catalogue, cover, unit, houseRules, obeyed, wrong }: Props) {
  const field = (rule: ShownRule) => (
    <RuleField
      key={rule.name}
      rule={rule}
      unit={unit}
      text={cover.rules[rule.name] ?? ""}
      houseRules={houseRules}
      wrong={wrong(rule.name)}
    />
  );
  const groups = ruleGroups(catalogue, cover, obeyed);
  const rare = groups.filter((group) => group.rare.length > 0);
  return (
    <>
      {groups
        .filter(({ often }) => often.length > 0)
        .map(({ group, label, often }) => (
          <section key={group} className="rule-group" aria-label={label}>
            <h3 className="panel-heading">{label}</h3>
            {often.map(field)}
          </section>
        ))}
      {rare.length > 0 && (
        <details className="rare-rules">
          <summary>More figures of this cover</summary>
          <div className="rare-groups">
            {rare.map((group) => (
              <section key={group.group} className="rule-group" aria-label={`${group.label}, more`}>
                <h3 className="panel-heading">{group.label}</h3>
                {group.rare.map(field)}
              </section>
            ))}
          </div>
        </details>
      )}
    </>
  );
}
