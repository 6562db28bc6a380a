import type { Catalogue, Shape } from "../../api/client";
import type { Cover } from "./cover";

export type Option = Catalogue["constructions"][number]["options"][number];

/** The choices that make a difference to a cover, without those that are compared side by side. */
export function optionsFor(catalogue: Catalogue, cover: Cover, shape: Shape | null): Option[] {
  const options = catalogue.constructions.find(({ id }) => id === cover.construction)?.options ?? [];
  const isChosen = (name: string) => {
    const usual = options.find((option) => option.name === name)?.words[0];
    return (cover.options[name] || usual) !== usual;
  };
  return options.filter(
    ({ name, words, compared, needsOption, needsMeasure }) =>
      words.length > 1 &&
      !compared &&
      !shape?.withoutOptions.includes(name) &&
      (needsOption === null || isChosen(needsOption)) &&
      (needsMeasure === null || !!cover.measures[needsMeasure]),
  );
}
