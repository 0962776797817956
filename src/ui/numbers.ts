/** A number as written: "2.5", "1/2", "1 1/2"; NaN where it is none. */
function numberIn(text: string): number {
  const [, whole = '0', over, under] = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text) ?? [];
  return over && under ? Number(whole) + Number(over) / Number(under) : Number(text);
}

/**
 * Texts of number fields as numbers; what is no number stays the text it is, so that the schema
 * can say what was wanted. A comma is a decimal point, and fractions
 * are read.
 */
export function toNumbers(values: object, fields: readonly string[]): Record<string, unknown> {
  const out: Record<string, unknown> = { ...values };
  for (const field of fields) {
    const value = out[field];
    if (typeof value !== 'string') continue;
    const text = value.trim().replace(',', '.');
    const number = numberIn(text);
    out[field] = text === '' ? undefined : Number.isFinite(number) ? number : value;
  }
  return out;
}
