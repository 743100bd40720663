/** So long what is saved may take to be read from memory, ms. */
const READ_WITHIN_MS = 60_000;

/** Gives bytes to be kept as a file under a name. */
export function saveFile(bytes: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(bytes);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), READ_WITHIN_MS);
}
