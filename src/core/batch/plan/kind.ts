import type { PressureUnit } from '../../quantity';
import type { BatchKind, Kitchen } from '../schema/types';

/** Whether what is wanted is the liquid: a stock or a broth. */
export function isStock({ kind }: { readonly kind?: BatchKind }): boolean {
  return kind === 'stock' || kind === 'broth';
}

/** Units in which a kitchen reads pressure. */
export function pressureUnit({ units, pressureIn = 'kPa' }: Kitchen): PressureUnit {
  return units === 'us' ? 'psi' : pressureIn;
}
