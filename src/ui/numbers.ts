/**
 * Texts of number fields as numbers; what is no number stays the text it is, so that the schema
 * can say what was wanted. A comma is a decimal point.
 */
export function toNumbers(values: object, fields: readonly string[]): Record<string, unknown> {
  const out: Record<string, unknown> = { ...values };
  for (const field of fields) {
    const value = out[field];
    if (typeof value !== 'string') continue;
    const text = value.trim().replace(',', '.');
    const number = Number(text);
    out[field] = text === '' ? undefined : Number.isFinite(number) ? number : value;
  }
  return out;
}
