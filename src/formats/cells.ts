/**
 * Marks a cell that a spreadsheet would take for a formula as text. What begins with the sign for that is marked
 * by it once more, so that it can be told apart again.
 * @example plainCell('=1+1') // "'=1+1"
 */
export function plainCell(text: string): string {
  return /^[=+\-@\t\r']/.test(text) ? `'${text}` : text;
}

/** The text that a cell was made of. @example cellText("'=1+1") // "=1+1" */
export function cellText(text: string): string {
  return text.replace(/^'(?=[=+\-@\t\r'])/, '');
}
