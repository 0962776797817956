/** Names of foods as they are spoken, without what they are bought as ("split peas, dry"). */

/** @example spoken('split peas, dry') // "split peas" */
export function spoken(name: string): string {
  return name.split(',')[0] ?? name;
}

/** Whether a name speaks of many. @example isMany('egg noodles') // true */
export function isMany(name: string): boolean {
  return /[^su]s$/.test(spoken(name)) || spoken(name).includes(' and ');
}
