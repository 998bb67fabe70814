/** A number as cooks type it, with point or comma; null where it is none. */
export function parseNumber(text: string): number | null {
  const trimmed = text.trim().replace(',', '.');
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(trimmed)) return null;
  return Number(trimmed);
}

/** Up to two decimals, none where not needed. */
export const sayNumber = (value: number) => String(Math.round(value * 100) / 100);
