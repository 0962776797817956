import { Field, Label, Switch } from '@headlessui/react';
import type { ReactNode } from 'react';

/** A labelled switch; a press on its words turns it too. */
export function Toggle({
  label,
  checked,
  onChange,
}: {
  readonly label: ReactNode;
  readonly checked: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <Field className="flex min-h-11 items-center justify-between gap-4">
      <Label>{label}</Label>
      <Switch
        checked={checked}
        onChange={onChange}
        className="group inline-flex h-8 w-14 shrink-0 items-center rounded-full border border-ink/50 bg-hairline data-checked:bg-copper"
      >
        <span className="size-6 translate-x-0.5 rounded-full bg-panel shadow transition group-data-checked:translate-x-6.5" />
      </Switch>
    </Field>
  );
}
