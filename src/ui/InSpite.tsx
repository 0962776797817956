import type { Cook } from '@/core/batch/schema';

/** Stops of the plan that the cook walked past; nothing where there are none. */
export function InSpite({ cook: { despite = [] } }: { readonly cook: Cook }) {
  if (despite.length === 0) return null;
  return (
    <section
      aria-label="Cooked in spite of"
      className="my-3 max-w-2xl rounded-lg border-2 border-rust bg-rust/5 px-4 py-3 text-[16px]"
    >
      <h2 className="font-bold text-rust">Cooked in spite of</h2>
      <ul>
        {despite.map(({ code, title, reason }, i) => (
          <li key={`${code} ${i}`}>
            {title}: <q>{reason}</q>
          </li>
        ))}
      </ul>
    </section>
  );
}
