/** The store cannot work: the message says what holds it up. */
export class StoreTrouble extends Error {}
