/** Account of a pot: every litre is in bowls, in jars, in the waste, or reported lost. */
import type { After, Cook, Jar } from '../batch/schema';

export interface Account {
  readonly servedL: number;
  readonly bowlsL: number;
  readonly jarsL: number;
  readonly wasteL: number;
  /** Reported lost, and unaccounted for. */
  readonly lostL: number;
  readonly openL: number;
}

/**
 * @param servedL in the pot as it was opened, L
 * @param jars all of the household
 */
export function accountOf(
  servedL: number,
  cook: Pick<Cook, 'id'> & { readonly after?: After },
  jars: readonly Jar[],
): Account {
  const { bowls = 0, bowlL = 0, wasteL = 0, lostL = 0 } = cook.after ?? {};
  const jarsL = jars
    .filter((jar) => jar.cook === cook.id)
    .reduce((sum, jar) => sum + jar.litres, 0);
  const bowlsL = bowls * bowlL;
  return {
    servedL,
    bowlsL,
    jarsL,
    wasteL,
    lostL,
    openL: servedL - bowlsL - jarsL - wasteL - lostL,
  };
}
