import { useId, useState } from 'react';
import {
  callKey,
  isStop,
  putBy,
  putByOf,
  takeUp,
  type Finding,
  type Level,
  type Remedy,
} from '@/core/assess';
import type { Batch } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import type { Advice, Offer } from '@/core/solve';
import { Button } from '@/ui/Button';
import { numberWords } from './numberWords';
import { Said } from '@/ui/said';
import { Term } from '@/ui/Term';

const BAR: Readonly<Record<Level, string>> = {
  never: 'border-l-rust',
  stop: 'border-l-rust',
  warn: 'border-l-straw',
  note: 'border-l-steam',
};
const WORD: Readonly<Record<Level, string>> = {
  never: 'Never',
  stop: 'Stop',
  warn: 'Careful',
  note: 'Tip',
};
const TONE: Readonly<Record<Level, string>> = {
  never: 'text-rust',
  stop: 'text-rust',
  warn: 'text-[#7a5c12]',
  note: 'text-quiet',
};
const LINK = 'min-h-10 px-2 text-small font-medium text-cobalt underline-offset-4 hover:underline';

/** A stop is walked past at the gate alone, with its reason. */
const mayPutBy = (finding: Finding): boolean => !isStop(finding);

function Reason({
  onKeep,
  onCancel,
}: {
  readonly onKeep: (reason: string) => void;
  readonly onCancel: () => void;
}) {
  const [text, setText] = useState('');
  return (
    <form
      className="mt-2 flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim()) onKeep(text.trim());
      }}
    >
      <input
        autoFocus
        className="field min-h-10"
        aria-label="Why you dismiss it"
        placeholder="why, such as: my pot is larger"
        maxLength={200}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') onCancel();
        }}
      />
      <Button type="submit" look="plain" size="small" disabled={!text.trim()}>
        Keep
      </Button>
    </form>
  );
}

function Numbers({ finding, units }: { readonly finding: Finding; readonly units: Units }) {
  const rows = numberWords(finding.numbers, units);
  if (rows.length === 0) return null;
  return (
    <dl className="mt-1.5 space-y-0.5">
      {rows.map(([label, value]) => (
        <div key={label} className="flex justify-between gap-2">
          <dt>{label}</dt>
          <dd className="whitespace-nowrap text-ink">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** A remedy with what it makes of the whole. */
function OfferButton({
  offer,
  onRemedy,
}: {
  readonly offer: Offer;
  readonly onRemedy: (remedy: Remedy) => void;
}) {
  return (
    <button
      type="button"
      className="flex min-h-10 w-full flex-wrap items-baseline justify-between gap-x-2 rounded-lg border border-ink/50 bg-panel px-2.5 py-1 text-left text-small hover:bg-copper/10"
      onClick={() => onRemedy(offer.remedy)}
    >
      <span className="font-medium">
        <Said>{offer.remedy.label}</Said>
      </span>
      <span className="text-mini text-quiet">{offer.outcome}</span>
    </button>
  );
}

function Call({
  finding,
  units,
  offers,
  onRemedy,
  onPutBy,
}: {
  readonly finding: Finding;
  readonly units: Units;
  readonly offers: readonly Offer[];
  readonly onRemedy: (remedy: Remedy) => void;
  readonly onPutBy: (reason: string) => void;
}) {
  const [asking, setAsking] = useState(false);
  const [explained, setExplained] = useState(false);
  const why = useId();
  return (
    <li
      className={`panel border-l-[6px] px-3 py-2.5 ${BAR[finding.level]}`}
      data-testid={`call-${finding.code}`}
    >
      <h3 className="text-body font-semibold">
        <span
          className={`mr-1.5 text-mini font-bold uppercase tracking-wide ${TONE[finding.level]}`}
        >
          {WORD[finding.level]}
        </span>
        <Said>{finding.title}</Said>
      </h3>
      <p className="mt-0.5 text-fine leading-snug text-quiet">
        <Said>{finding.message}</Said>
      </p>
      {offers.length > 0 && (
        <div className="mt-1.5 space-y-1">
          {offers.map((offer) => (
            <OfferButton key={offer.remedy.label} offer={offer} onRemedy={onRemedy} />
          ))}
        </div>
      )}
      <div className="mt-0.5 flex justify-end gap-1">
        {mayPutBy(finding) && (
          <button
            type="button"
            className={LINK}
            aria-label={`Dismiss: ${finding.title}`}
            onClick={() => setAsking(!asking)}
          >
            dismiss
          </button>
        )}
        <button
          type="button"
          className={LINK}
          aria-expanded={explained}
          aria-controls={why}
          onClick={() => setExplained(!explained)}
        >
          why
        </button>
      </div>
      {asking && <Reason onKeep={onPutBy} onCancel={() => setAsking(false)} />}
      {explained && (
        <div id={why} className="mt-1 border-t border-hairline pt-1.5 text-fine text-quiet">
          <Said>{finding.why}</Said>
          <Numbers finding={finding} units={units} />
        </div>
      )}
    </li>
  );
}

function PutBy({
  finding,
  reason,
  onTakeUp,
}: {
  readonly finding: Finding;
  readonly reason: string;
  readonly onTakeUp: () => void;
}) {
  return (
    <li className="flex items-baseline justify-between gap-2 px-3 text-fine text-quiet">
      <span>
        <Said>{finding.title}</Said>: “{reason}”
      </span>
      <button
        type="button"
        className={`${LINK} shrink-0`}
        aria-label={`Bring back: ${finding.title}`}
        onClick={onTakeUp}
      >
        bring back
      </button>
    </li>
  );
}

/** More calls than this are not read; the rest is on the lanes. */
const MOST_HEARD = 4;

/** One change that mends several calls, offered once, before them all. */
function First({
  offer,
  onRemedy,
}: {
  readonly offer: Offer;
  readonly onRemedy: (remedy: Remedy) => void;
}) {
  return (
    <li className="panel border-copper px-3 py-2.5" data-testid="first-remedy">
      <h3 className="text-body font-semibold">One change fixes {offer.mends.length}</h3>
      <div className="mt-1">
        <OfferButton offer={offer} onRemedy={onRemedy} />
      </div>
    </li>
  );
}

/** Judgements on the batch, the gravest first, each with its reason and what would answer it. */
export function Calls({
  batch,
  findings,
  advice,
  units,
  onRemedy,
  onChange,
}: {
  readonly batch: Batch;
  readonly findings: readonly Finding[];
  /** Remedies that have been tried; null while they are being tried. */
  readonly advice: Advice | null;
  readonly units: Units;
  readonly onRemedy: (remedy: Remedy) => void;
  readonly onChange: (batch: Batch) => void;
}) {
  const [all, setAll] = useState(false);
  const put = findings.filter((f) => mayPutBy(f) && putByOf(batch, f));
  const open = findings.filter((f) => !put.includes(f));
  const stops = open.filter((f) => !mayPutBy(f)).length;
  const heard = all ? open : open.slice(0, Math.max(stops, MOST_HEARD));
  const first = advice?.first ?? null;
  return (
    <section
      aria-label="Warnings"
      // Nothing is tried for an empty pot.
      aria-busy={advice === null && batch.items.length > 0}
      className="flex min-h-0 flex-col lg:min-h-56"
    >
      <h2 className="flex items-baseline justify-between border-t border-hairline pt-2 text-body font-semibold">
        <Term id="warnings" />{' '}
        <span className="text-fine font-normal text-quiet">
          {open.length === 0 ? 'none' : `${open.length} open`}
          {put.length > 0 && `, ${put.length} dismissed`}
        </span>
      </h2>
      {open.length === 0 && (
        <p className="mt-2 text-small text-quiet">No warnings: this plan is fine.</p>
      )}
      {findings.length > 0 && (
        <ul
          className="mt-2 min-h-0 space-y-2 lg:overflow-y-auto lg:pr-1"
          tabIndex={0}
          aria-label="Open warnings"
        >
          {first && <First offer={first} onRemedy={onRemedy} />}
          {heard.map((finding) => (
            <Call
              key={callKey(finding)}
              finding={finding}
              units={units}
              offers={(advice?.offers[callKey(finding)] ?? []).filter(
                (offer) => offer.remedy.label !== first?.remedy.label,
              )}
              onRemedy={onRemedy}
              onPutBy={(reason) => onChange(putBy(batch, finding, reason))}
            />
          ))}
          {heard.length < open.length && (
            <li className="px-3 text-fine text-quiet">
              {open.length - heard.length} more
              <button type="button" className={LINK} onClick={() => setAll(true)}>
                show all
              </button>
            </li>
          )}
          {put.map((finding) => (
            <PutBy
              key={`put ${callKey(finding)}`}
              finding={finding}
              reason={putByOf(batch, finding)?.reason ?? ''}
              onTakeUp={() => onChange(takeUp(batch, finding))}
            />
          ))}
        </ul>
      )}
    </section>
  );
}
