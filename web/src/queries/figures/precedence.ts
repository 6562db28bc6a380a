/** What a keystroke asks for first: the pieces and the roll. */
let pieces: Promise<unknown> = Promise.resolve();

/** A drawing does not wait longer than this for pieces that do not come, in milliseconds. */
const longest = 250;

/** Says that the pieces are being worked out, so that pictures wait for them. */
export function first<T>(answer: Promise<T>): Promise<T> {
  pieces = answer.then(
    () => undefined,
    () => undefined,
  );
  return answer;
}

/**
 * Ends when the pieces asked for with the same keystroke have come. A picture that is worked out and drawn at the same time
 * takes the processor from them, and all of it comes later.
 */
export async function afterPieces(): Promise<void> {
  await Promise.resolve(); // whoever asks for the pieces does so in the same breath, maybe a moment later
  await Promise.race([pieces, new Promise((resolve) => setTimeout(resolve, longest))]);
}
