import { readTyped } from '@/core/quantity';

/** A typed text as a number; NaN for anything else, or if it is ambiguous. */
export function numberIn(text: string): number {
  const { value, or } = readTyped(text);
  return or === undefined ? value : Number.NaN;
}

/** A text that may be empty as a number; undefined for an empty one. */
export function maybeNumber(text: string): number | undefined {
  return text.trim() === '' ? undefined : numberIn(text);
}

/** Whether a text is empty, or a number within bounds. */
export function isTextWithin(text: string, least: number, most: number): boolean {
  const number = maybeNumber(text);
  return number === undefined || (number >= least && number <= most);
}

/** Asks which number is meant; undefined for a text with one meaning. @example whichNumber('5.300') // "either 5300 or 5.3" */
export function whichNumber(text: unknown): string | undefined {
  const typed = typeof text === 'string' ? readTyped(text) : undefined;
  return typed?.or === undefined ? undefined : `either ${typed.or} or ${typed.value}`;
}

/**
 * Texts of number fields as numbers. A text that is no number, or may be two, stays a text, so that the schema
 * can say what it wants.
 */
export function toNumbers(values: object, fields: readonly string[]): Record<string, unknown> {
  const out: Record<string, unknown> = { ...values };
  for (const field of fields) {
    const value = out[field];
    if (typeof value !== 'string') continue;
    const number = numberIn(value);
    out[field] = value.trim() === '' ? undefined : Number.isFinite(number) ? number : value;
  }
  return out;
}
