import type { Problem } from '@/core/batch/household';

/** Says why a file was not taken: each place, with what was found and what is wanted. */
export function FileProblems({
  name,
  problems,
}: {
  readonly name: string;
  readonly problems: readonly Problem[];
}) {
  return (
    <div role="alert">
      <p className="font-semibold text-rust">{name} was not taken; nothing has changed.</p>
      <ul
        className="mt-2 max-h-64 space-y-1 overflow-y-auto text-small"
        tabIndex={0}
        aria-label="What is wrong"
      >
        {problems.map((p) => (
          <li key={p.path}>
            <code className="font-semibold">{p.path}</code>: found {p.found}, wanted {p.wanted}
          </li>
        ))}
      </ul>
    </div>
  );
}
