import { useFieldArray, useFormState, useWatch, type UseFormReturn } from 'react-hook-form';
import { stepsOf } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { HANDLING, WAYS_DONE, type WayDone } from '@/core/vocabulary';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/forms/Field';
import { stepNames } from '@/ui/stepNames';
import { APART, type StayForm } from './stayForms';

const isHeated = (how: WayDone): boolean => HANDLING[how].vessel !== null;

function wayWords(how: WayDone): string {
  const { vessel } = HANDLING[how];
  if (how === 'picked') return 'meat picked off the bones';
  if (how === 'pulled') return 'pulled into shreds';
  if (how === 'cut') return 'cut up';
  if (how === 'blended') return 'blended with some of the liquid';
  return `${how} in ${vessel === 'oven' ? 'the' : 'a'} ${vessel}`;
}

interface Stays {
  stays: StayForm[];
}

/** One stay: what is done before it, when it goes in, when it comes out. */
function StayRow<F extends Stays>({
  form,
  batch,
  at,
  solid,
  last,
}: {
  readonly form: UseFormReturn<F>;
  readonly batch: Batch;
  readonly at: number;
  readonly solid: boolean;
  readonly last: boolean;
}) {
  const { register, control } = form as unknown as UseFormReturn<Stays>;
  const { errors } = useFormState({ control });
  const how = useWatch({ control, name: `stays.${at}.how` });
  const from = useWatch({ control, name: `stays.${at}.from` });
  const names = stepNames(batch);
  const steps = stepsOf(batch);
  const option = ({ id }: { readonly id: string }) => (
    <option key={id} value={id}>
      {names.get(id)}
    </option>
  );
  const ways = WAYS_DONE.filter((way) => (at === 0 ? isHeated(way) : way !== 'heated'));
  const again = at > 0;
  return (
    <div className="space-y-4">
      {(solid || again) && from !== APART && (
        <div className="grid grid-cols-2 gap-4">
          <Choice
            id={`how-${at}`}
            label={again ? 'In between' : 'Before it goes in'}
            {...register(`stays.${at}.how`)}
          >
            <option value="">{again ? 'left on a plate' : 'nothing more'}</option>
            {ways.map((way) => (
              <option key={way} value={way}>
                {wayWords(way)}
              </option>
            ))}
          </Choice>
          {how !== '' && isHeated(how) && (
            <Field
              id={`minutes-${at}`}
              label="For, minutes"
              placeholder={String(HANDLING[how].minutes)}
              inputMode="decimal"
              {...register(`stays.${at}.minutes`)}
              error={errors.stays?.[at]?.minutes?.message}
            />
          )}
        </div>
      )}
      <div className="grid grid-cols-2 gap-4">
        <Choice
          id={again ? `in-${at}` : 'in'}
          label={again ? 'Back in' : 'In'}
          {...register(`stays.${at}.from`)}
        >
          {steps.map(option)}
          {solid && !again && <option value={APART}>cooked separately, added when served</option>}
        </Choice>
        {from !== APART && (
          <Choice
            id={again ? `out-${at}` : 'out'}
            label={again ? 'Out again' : 'Out'}
            {...register(`stays.${at}.to`)}
          >
            {last && <option value="">stays in</option>}
            {steps.slice(1).map(option)}
          </Choice>
        )}
      </div>
    </div>
  );
}

/** When an ingredient goes in and comes out, and what hands do with it in other vessels and in between. */
export function StayFields<F extends Stays>({
  form,
  batch,
  solid,
}: {
  readonly form: UseFormReturn<F>;
  readonly batch: Batch;
  readonly solid: boolean;
}) {
  const { control, setValue } = form as unknown as UseFormReturn<Stays>;
  const { fields, append, remove } = useFieldArray({ control, name: 'stays' });
  const stays = useWatch({ control, name: 'stays' });
  const steps = stepsOf(batch);
  const [now] = stays;
  const leaves = steps.find(({ id }) => id === stays.at(-1)?.to);
  /** The next step after it comes out, or after where it is. */
  const after = (id: string | undefined): string | undefined =>
    steps[steps.findIndex((step) => step.id === id) + 1]?.id;
  const setAside = (): void => {
    const last = stays.length - 1;
    const out = leaves?.id ?? after(stays[last]?.from);
    const back = after(out) ?? out;
    if (!out || !back) return;
    setValue(`stays.${last}.to`, out);
    append({ from: back, to: '', how: '', minutes: '' });
  };
  const canMore = solid && now?.from !== APART && after(stays.at(-1)?.from) !== undefined;
  return (
    <>
      {fields.map((field, at) => (
        <div key={field.id} className={at > 0 ? 'border-t border-hairline pt-4' : ''}>
          <StayRow
            form={form}
            batch={batch}
            at={at}
            solid={solid}
            last={at === fields.length - 1}
          />
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        {canMore && <Button onClick={setAside}>Set it aside and put it back later</Button>}
        {fields.length > 1 && (
          <Button
            onClick={() => {
              remove(fields.length - 1);
              setValue(`stays.${fields.length - 2}.to`, '');
            }}
          >
            It does not come back
          </Button>
        )}
      </div>
    </>
  );
}
