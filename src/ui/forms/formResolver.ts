import { yupResolver } from '@hookform/resolvers/yup';
import type { FieldValues, Resolver } from 'react-hook-form';
import type { AnyObjectSchema } from 'yup';
import { whichNumber } from './numbers';

/**
 * A form whose fields hold texts in the kitchen's units, over a schema that wants numbers in
 * metric ones: what the fields hold is read first, and only then checked. A number that may be two is asked about.
 *
 * @param read what the fields say, as the schema wants it
 */
export function formResolver<T extends FieldValues, Kept = T>(
  schema: AnyObjectSchema,
  read: (values: T) => unknown,
): Resolver<T, unknown, Kept> {
  const check = yupResolver(schema) as unknown as Resolver<T, unknown, Kept>;
  return async (values, context, options) => {
    const checked = await check(read(values) as T, context, options);
    for (const [field, error] of Object.entries(checked.errors)) {
      const which = whichNumber(values[field]);
      if (which && error) error.message = which;
    }
    return checked;
  };
}
