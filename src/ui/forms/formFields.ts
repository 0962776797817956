/** Yup fields of forms for the numbers of a plan: their bounds and messages are those of the declarations. */
import * as yup from 'yup';
import type { Limits } from '@/core/batch/schema';
import { isTextWithin } from './numbers';

const ranged = ({ min, max }: Limits, wanted: string) =>
  yup.number().typeError(wanted).min(min, wanted).max(max, wanted);

/** Field for a number. An empty text is no number rather than a wrong one. */
export function numberField(limits: Limits) {
  return ranged(limits, `${limits.wanted}, or nothing`)
    .transform((value: number, text: unknown) => (text === '' || text === null ? null : value))
    .nullable();
}

/** Field for a number that must be there. */
export function neededNumber(limits: Limits) {
  return ranged(limits, limits.wanted).required(limits.wanted).nonNullable(limits.wanted);
}

/** Field whose text is a number or empty. */
export function textField({ min, max, wanted }: Limits) {
  return yup
    .string()
    .defined()
    .test('number', `${wanted}, or nothing`, (text) => isTextWithin(text, min, max));
}
