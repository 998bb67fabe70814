const LARGEST_BYTES = 4 * 1024 * 1024;
const KINDS = /\.(json|jsonld|html?|txt)$/i;

/** Why a file is not even opened; null where it may be. */
export function refuseFile(file: Pick<File, 'name' | 'size'>): string | null {
  if (!KINDS.test(file.name)) {
    return `“${file.name}” is no recipe file. Choose a .json or .html file, or paste the recipe’s words.`;
  }
  if (file.size > LARGEST_BYTES) {
    return `“${file.name}” is too large for a recipe: 4 MB at most. Save the page without pictures, or paste the words.`;
  }
  return null;
}
