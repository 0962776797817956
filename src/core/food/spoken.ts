/** Names of foods as they are spoken, without what they are bought as ("split peas, dry"). */

/** @example spoken('split peas, dry') // "split peas" */
export function spoken(name: string): string {
  return name.split(',')[0] ?? name;
}

/** @example capital('split peas') // "Split peas" */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Names in a row. @example inARow(['oats', 'rye', 'barley']) // "oats, rye and barley" */
export const inARow = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** Whether a name speaks of many. @example isMany('egg noodles') // true */
export function isMany(name: string): boolean {
  return /[^su]s$/.test(spoken(name)) || spoken(name).includes(' and ');
}

/** A name with its verb in the right number. @example does('split peas, dry', 'stays', 'stay') // "Split peas stay" */
export function does(name: string, one: string, many: string): string {
  return `${capital(spoken(name))} ${isMany(name) ? many : one}`;
}
