import type { BatchKind } from './types';

/** Whether what is wanted is the liquid: a stock or a broth. */
export function isStock({ kind }: { readonly kind?: BatchKind }): boolean {
  return kind === 'stock' || kind === 'broth';
}
