import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import type { Finding, Level, Remedy } from '@/core/assess';
import { Button } from '@/ui/Button';

const BAR: Readonly<Record<Level, string>> = {
  stop: 'border-l-rust',
  warn: 'border-l-straw',
  note: 'border-l-steam',
};
const WORD: Readonly<Record<Level, string>> = { stop: 'Stop', warn: 'Mind', note: 'Note' };
const TONE: Readonly<Record<Level, string>> = {
  stop: 'text-rust',
  warn: 'text-[#7a5c12]',
  note: 'text-quiet',
};

function Call({
  finding,
  onRemedy,
}: {
  readonly finding: Finding;
  readonly onRemedy: (remedy: Remedy) => void;
}) {
  const { remedy } = finding;
  return (
    <li
      className={`panel border-l-[6px] px-3 py-2.5 ${BAR[finding.level]}`}
      data-testid={`call-${finding.code}`}
    >
      <Disclosure>
        <h3 className="text-[15px] font-semibold">
          <span
            className={`mr-1.5 text-[12px] font-bold uppercase tracking-wide ${TONE[finding.level]}`}
          >
            {WORD[finding.level]}
          </span>
          {finding.title}
        </h3>
        <p className="mt-0.5 text-[13.5px] leading-snug text-quiet">{finding.message}</p>
        <div className="mt-1.5 flex items-center justify-between gap-2">
          {remedy ? (
            <Button
              look="plain"
              className="!min-h-10 !px-3 text-[14px]"
              onClick={() => onRemedy(remedy)}
            >
              {remedy.label}
            </Button>
          ) : (
            <span className="-mt-4" />
          )}
          <DisclosureButton className="min-h-10 px-2 text-[14px] font-medium text-cobalt underline-offset-4 hover:underline">
            why
          </DisclosureButton>
        </div>
        <DisclosurePanel className="mt-1 border-t border-hairline pt-1.5 text-[13px] text-quiet">
          {finding.why}
        </DisclosurePanel>
      </Disclosure>
    </li>
  );
}

/** Judgements, the gravest first, each with its reason and what would answer it. */
export function Calls({
  findings,
  onRemedy,
}: {
  readonly findings: readonly Finding[];
  readonly onRemedy: (remedy: Remedy) => void;
}) {
  return (
    <section aria-label="Calls" className="flex min-h-0 flex-1 flex-col">
      <h2 className="flex items-baseline justify-between border-t border-hairline pt-2 text-[15px] font-semibold">
        Calls{' '}
        <span className="text-[13px] font-normal text-quiet">
          {findings.length === 0 ? 'none' : `${findings.length} open`}
        </span>
      </h2>
      {findings.length === 0 ? (
        <p className="mt-2 text-[14px] text-quiet">Nothing stands against it.</p>
      ) : (
        <ul
          className="mt-2 min-h-0 space-y-2 lg:overflow-y-auto lg:pr-1"
          tabIndex={0}
          aria-label="Open calls"
        >
          {findings.map((finding, i) => (
            <Call
              key={`${finding.code}-${finding.item ?? finding.step ?? i}`}
              finding={finding}
              onRemedy={onRemedy}
            />
          ))}
        </ul>
      )}
    </section>
  );
}
