/** Schemas of the calls; the OpenAPI file is held to them. */
import * as yup from 'yup';
import { Refusal } from './answers';
import { LONGEST_LINK, MOST_BODY, MOST_DRAWS } from './bounds';

const whole = (name: string, most: number) =>
  yup
    .number()
    .strict()
    .typeError(`${name}: a whole number from 0 to ${most} is wanted`)
    .integer(`${name}: a whole number from 0 to ${most} is wanted`)
    .min(0, `${name}: a whole number from 0 to ${most} is wanted`)
    .max(most, `${name}: a whole number from 0 to ${most} is wanted`);

const text = (name: string, most: number) =>
  yup
    .string()
    .strict()
    .typeError(`${name}: a text is wanted`)
    .min(1, `${name}: a text is wanted`)
    .max(most, `${name}: at most ${most} characters are taken`);

const units = yup.string().oneOf(['metric', 'us'], 'units: one of metric, us is wanted');

export const CALLS = {
  page: yup.object({
    link: text('link', LONGEST_LINK).required('link: the link of a page is wanted'),
  }),
  assess: yup.object({
    file: yup
      .object()
      .typeError('file: an exported file of Retort is wanted')
      .required('file: an exported file of Retort is wanted'),
    batch: text('batch', 200).optional(),
    draws: whole('draws', MOST_DRAWS).default(100),
    seed: whole('seed', 2 ** 31 - 1).default(1),
  }),
  read: yup
    .object({
      text: text('text', MOST_BODY.read).optional(),
      lines: text('lines', MOST_BODY.read).optional(),
      units: units.default('metric'),
    })
    .test(
      'one',
      'text or lines: one of the two is wanted',
      ({ text: t, lines: l }) => (t === undefined) !== (l === undefined),
    ),
} as const;

export type CallName = keyof typeof CALLS;
export type CallOf<N extends CallName> = yup.InferType<(typeof CALLS)[N]>;

/** A call as it must be. @throws Refusal with all that is wrong with it */
export function checked<N extends CallName>(name: N, value: unknown): CallOf<N> {
  const schema: yup.ObjectSchema<yup.AnyObject> = CALLS[name];
  const strange =
    typeof value === 'object' && value !== null
      ? Object.keys(value).filter((key) => !(key in schema.fields))
      : [];
  if (strange.length > 0) throw new Refusal(422, `${strange.join(', ')}: nothing is known of this`);
  try {
    return schema.validateSync(value, { abortEarly: false }) as CallOf<N>;
  } catch (error) {
    if (error instanceof yup.ValidationError) throw new Refusal(422, error.errors.join('\n'));
    throw error;
  }
}
