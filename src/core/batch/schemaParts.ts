/** What the schemas are made of: nothing is cast, and every message says what is wanted. */
import * as yup from 'yup';

export function number(min: number, max: number, unit: string) {
  const wanted = `a number from ${min} to ${max}${unit && ` ${unit}`}`;
  return yup.number().strict().typeError(wanted).min(min, wanted).max(max, wanted);
}

export const flag = yup.boolean().strict().typeError('true or false');

export function text(what: string) {
  const wanted = `${what}, 1 to 200 characters`;
  return yup
    .string()
    .strict()
    .typeError(wanted)
    .min(1, wanted)
    .max(200, wanted)
    .matches(/\S/, wanted);
}

export function oneOf<T extends string>(values: readonly T[]) {
  const wanted = `one of ${values.join(', ')}`;
  return yup.string().strict().typeError(wanted).oneOf(values, wanted);
}

export function object<T extends yup.ObjectShape>(shape: T, wanted: string) {
  return yup.object(shape).strict().typeError(wanted);
}

export function list<T>(inner: yup.ISchema<T>, wanted: string) {
  return yup.array().strict().of(inner).typeError(wanted);
}

export const needed = <S extends yup.Schema>(schema: S, wanted: string) =>
  schema.required(wanted).nonNullable(wanted);

export const time = yup
  .string()
  .strict()
  .typeError('a date and time')
  .test('time', 'a date and time, such as 2026-11-24T18:30:00', (value) =>
    value === undefined ? true : !Number.isNaN(Date.parse(value)),
  );
