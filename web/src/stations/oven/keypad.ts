/** A key of the pad, applied to what is typed. */
export function press(text: string, key: string): string {
  if (key === 'back') return text.slice(0, -1);
  if (key === '.') return text.includes('.') ? text : `${text || '0'}.`;
  return text.length >= 6 ? text : text + key;
}
