/** Yup schemas of declared shapes, for the forms: one law holds both to the same verdicts. */
import * as yup from 'yup';
import { faultsOf, variantOf, type AnyShape } from './shape';

const made = new WeakMap<AnyShape, yup.Schema>();

/** Says whether a value may be missing, or null. */
function withPresence(
  schema: yup.Schema,
  { needed, nullable, wanted }: Pick<AnyShape, 'needed' | 'nullable' | 'wanted'>,
): yup.Schema {
  if (needed !== undefined) return schema.required(needed).nonNullable(needed);
  return nullable ? schema.nullable() : schema.nonNullable(wanted);
}

function ofKind(shape: AnyShape): yup.Schema {
  const { wanted, least, most } = shape;
  switch (shape.kind) {
    case 'number': {
      let schema = yup.number().strict().typeError(wanted);
      if (least) schema = schema.min(least.at, least.wanted);
      return most ? schema.max(most.at, most.wanted) : schema;
    }
    case 'flag':
      return yup.boolean().strict().typeError(wanted);
    case 'text': {
      let schema = yup.string().strict().typeError(wanted);
      if (least) schema = schema.min(least.at, least.wanted);
      if (most) schema = schema.max(most.at, most.wanted);
      return shape.notBlank ? schema.matches(/\S/, wanted) : schema;
    }
    case 'choice':
      return yup.mixed().oneOf([...shape.values], wanted);
    case 'time':
      return yup
        .string()
        .strict()
        .typeError(wanted)
        .test(
          'time',
          wanted,
          (value) => value === undefined || value === null || !Number.isNaN(Date.parse(value)),
        );
    case 'list': {
      let schema = yup.array().strict().of(yupOf(shape.of)).typeError(wanted);
      if (least) schema = schema.min(least.at, least.wanted);
      return most ? schema.max(most.at, most.wanted) : schema;
    }
    case 'object':
      // Yup's own type of an object differs by its default alone.
      return yup
        .object(
          Object.fromEntries(
            Object.entries(shape.fields).map(([key, field]) => [key, yupOf(field)]),
          ),
        )
        .strict()
        .typeError(wanted)
        .default(undefined) as unknown as yup.Schema;
    case 'variants':
      // A lazy schema is not an instance of the class, but may be used in its place.
      return yup.lazy((value: unknown) =>
        withPresence(yupOf(variantOf(shape, value)), shape),
      ) as unknown as yup.Schema;
    case 'record':
      return yup
        .mixed()
        .test(
          'each',
          wanted,
          (value) =>
            value === undefined ||
            value === null ||
            [...faultsOf({ ...shape, needed: wanted }, value)].length === 0,
        );
  }
}

/** Yup schema of a shape: takes just what the shape takes, with the same messages. */
export function yupOf(shape: AnyShape): yup.Schema {
  const known = made.get(shape);
  if (known) return known;
  const { rule } = shape;
  let schema = ofKind(shape);
  if (shape.kind === 'variants') return schema;
  if (rule)
    schema = schema.test(
      'rule',
      rule.wanted,
      (value: unknown, { parent }: yup.TestContext) =>
        value === undefined || value === null || rule.holds(value, parent),
    );
  schema = withPresence(schema, shape);
  made.set(shape, schema);
  return schema;
}

/** Yup schema of a form: of a record and its fields. */
export function formSchemaOf(shape: AnyShape & { readonly kind: 'object' }): yup.AnyObjectSchema {
  return yupOf(shape) as unknown as yup.AnyObjectSchema;
}
