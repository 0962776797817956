/** The stays of an ingredient as a form's fields, and back. */
import * as yup from 'yup';
import { kept, stay, staysOf } from '@/core/batch/plan';
import { LIMITS, type Done, type Item } from '@/core/batch/schema';
import { WAYS_DONE, type WayDone } from '@/core/vocabulary';
import { textField } from '@/ui/forms/formFields';
import { maybeNumber } from '@/ui/forms/numbers';

/** In place of a step: in a pan of its own. */
export const APART = '(apart)';

export interface StayForm {
  from: string;
  to: string;
  /** Done before it goes in; empty for nothing. */
  how: WayDone | '';
  /** Empty for the usual. */
  minutes: string;
}

export const stayFormSchema = yup
  .array(
    yup.object({
      from: yup.string().defined(),
      to: yup.string().defined(),
      how: yup
        .string<StayForm['how']>()
        .oneOf(['', ...WAYS_DONE])
        .defined(),
      minutes: textField(LIMITS.done),
    }),
  )
  .required();

/** @param first the first step of the batch */
export function stayForms(item: Item, first: string): StayForm[] {
  return staysOf(item).map(({ from, to, done }, i) => ({
    from: i === 0 && item.apart ? APART : (from ?? first),
    to: to ?? '',
    how: done?.[0]?.how ?? '',
    minutes: done?.[0]?.minutes === undefined ? '' : String(done[0].minutes),
  }));
}

/** Handling before a stay, with the form's values for the first move. */
function doneOf(before: readonly Done[], { how, minutes }: StayForm): readonly Done[] {
  const [first, ...rest] = before;
  if (how === '') return rest;
  const said = maybeNumber(minutes);
  const { minutes: _, ...same } = first?.how === how ? first : { how };
  return [said === undefined ? same : { ...same, minutes: said }, ...rest];
}

/** Fields of the item that the form says. */
export function staysOfForms(
  item: Item,
  forms: readonly StayForm[],
): { readonly apart: true | undefined; readonly stays: Item['stays'] | undefined } {
  if (forms[0]?.from === APART) return { apart: true, stays: undefined };
  const before = staysOf(item);
  const stays = forms.map((form, i) =>
    stay(form.from, form.to, doneOf(before[i]?.done ?? [], form)),
  );
  return { apart: undefined, ...kept(stays) };
}
