import { readNumber } from '@/core/quantity';

/** A text as a number; NaN for what is none. A comma is a decimal point. */
export function numberIn(text: string): number {
  return Number(text.trim().replace(',', '.'));
}

/** A text that may be empty as a number; undefined where it is. */
export function maybeNumber(text: string): number | undefined {
  return text.trim() === '' ? undefined : numberIn(text);
}

/** Whether a text is empty, or a number within bounds. */
export function isWithin(text: string, least: number, most: number): boolean {
  const number = maybeNumber(text);
  return number === undefined || (number >= least && number <= most);
}

/**
 * Texts of number fields as numbers; what is no number stays the text it is, so that the schema
 * can say what was wanted. A comma is a decimal point, and fractions are read.
 */
export function toNumbers(values: object, fields: readonly string[]): Record<string, unknown> {
  const out: Record<string, unknown> = { ...values };
  for (const field of fields) {
    const value = out[field];
    if (typeof value !== 'string') continue;
    const text = value.trim().replace(',', '.');
    const number = readNumber(text);
    out[field] = text === '' ? undefined : Number.isFinite(number) ? number : value;
  }
  return out;
}
