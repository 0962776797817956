import type { Cook } from '@/core/batch/schema';
import { Alarm } from './Alarm';

/** Stops that the cook overrode; nothing if there are none. */
export function InSpite({ cook: { despite = [] } }: { readonly cook: Cook }) {
  if (despite.length === 0) return null;
  return (
    <Alarm title="Cooked despite a warning">
      <ul>
        {despite.map(({ code, title, reason }, i) => (
          <li key={`${code} ${i}`}>
            {title}: <q>{reason}</q>
          </li>
        ))}
      </ul>
    </Alarm>
  );
}
