import { lazy, type ComponentType, type LazyExoticComponent } from 'react';
import { PartFailed } from './PartFailed';

/**
 * A part that is loaded when it is first shown, such as a sheet. Where its code does not come, the part says so in its
 * own place, and the page around it stays.
 */
export function lazyPart<P extends object>(
  load: () => Promise<ComponentType<P>>,
): LazyExoticComponent<ComponentType<P>> {
  return lazy(async () => {
    try {
      return { default: await load() };
    } catch {
      return { default: PartFailed };
    }
  });
}
