import type { Catalogue } from "../../api/client";
import type { Cover } from "./cover";

type Group = Catalogue["rules"][number]["group"];

/** A rule as a row shows it: a length, or a plain number. */
export interface ShownRule {
  name: string;
  label: string;
  group: Group;
  isRare: boolean;
  isLength: boolean;
  /** The usual figure in an inch house and in a metric one. */
  usual: { in: string; metric: string };
}

/** The rules of one group: those that are often changed, and the rare ones. */
export interface RuleGroup {
  group: Group;
  label: string;
  often: ShownRule[];
  rare: ShownRule[];
}

/** The groups in the order they are shown, by their names. */
const labels: Record<Group, string> = {
  fit: "Fit, by axis",
  seams: "Seams",
  hems: "Hems and edges",
  closing: "Closing",
  piping: "Piping",
  elastic: "Elastic and cord",
  ties: "Ties",
  shape: "Ease and fullness",
  supplies: "Supplies",
  cutting: "Cutting",
  time: "Minutes",
};

/** The rules a cover obeys and those that are said for it, by their groups. */
export function ruleGroups(catalogue: Catalogue, cover: Cover, obeyed: readonly string[]): RuleGroup[] {
  const said = Object.keys(cover.rules).filter((name) => cover.rules[name]?.trim());
  const shown = new Set([...obeyed, ...said]);
  const rules = allRules(catalogue).filter(({ name }) => shown.has(name));
  return (Object.keys(labels) as Group[])
    .map((group) => ({ group, label: labels[group], of: rules.filter((rule) => rule.group === group) }))
    .filter(({ of }) => of.length > 0)
    .map(({ group, label, of }) => {
      const isFirst = (rule: ShownRule) => !rule.isRare || said.includes(rule.name);
      return { group, label, often: of.filter(isFirst), rare: of.filter((rule) => !isFirst(rule)) };
    });
}

function allRules({ rules, numberRules }: Catalogue): ShownRule[] {
  return [
    ...rules.map(({ name, label, imperial, metric, group, rare }) => ({
      name,
      label,
      group,
      isRare: rare,
      isLength: true,
      usual: { in: imperial, metric },
    })),
    ...numberRules.map(({ name, label, usual, group }) => ({
      name,
      label,
      group,
      isRare: true,
      isLength: false,
      usual: { in: String(usual), metric: String(usual) },
    })),
  ];
}
