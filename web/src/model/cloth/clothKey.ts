/** What the first cloth of a job is known by where covers give it to a role; it has no key of its own. */
const first = "main";

/** What a cloth is known by where covers give it to a role. */
export const keyOf = ({ key }: { key: string }) => key || first;
