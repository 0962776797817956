/** Uptake of pasta and grain left standing in the broth. */

/** Water taken up by the next day, over what they hold when done (common practice, no source). */
const DRINKS_ON = 0.35;

/**
 * @param dryG as put in, g
 * @param cooked mass as cooked over mass as put in
 * @returns litres of broth gone by the next day
 * @example drinksOn(200, 2) // 0.14
 */
export function drinksOn(dryG: number, cooked: number): number {
  return (DRINKS_ON * dryG * cooked) / 1000;
}

/** Pasta, and grain that swells much: what goes on drinking in the bowl. */
export function drinks(group: string, cooked: number): boolean {
  return group === 'pasta' ? cooked > 1.2 : group === 'grain' && cooked > 2.5;
}
