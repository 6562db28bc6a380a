const byName = new Map<string, string>();
const names = new Map<string, string>();

/**
 * A short name for a picture, made of what is in it. What is asked of the server carries the name and not the picture, and
 * the answer's name finds the picture again.
 */
export function nameOfPicture(picture: string): string {
  const known = names.get(picture);
  if (known) {
    return known;
  }

  let mixed = 0x811c9dc5;
  for (let i = 0; i < picture.length; i++) {
    mixed = Math.imul(mixed ^ picture.charCodeAt(i), 0x01000193);
  }

  const name = `picture-${picture.length}-${(mixed >>> 0).toString(16)}`;
  names.set(picture, name);
  byName.set(name, picture);
  return name;
}

/** The picture of this name; null where none was named so. */
export function pictureNamed(name: string | null): string | null {
  return (name !== null && byName.get(name)) || null;
}
