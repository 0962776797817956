'use client';

import Link from 'next/link';
import { useState } from 'react';
import { buttonLook } from '@/ui/Button';
import { useEnglish } from '@/ui/said';
import { inEnglish, termName, TERMS, type TermId } from '@/words';
import { MEANINGS } from '@/words/meanings';
import { WALKS, type Walk } from './walks';

function WalkCard({ walk }: { readonly walk: Walk }) {
  return (
    <section aria-label={`Walk: ${walk.name}`} className="panel flex flex-col px-5 py-4">
      <h2 className="figure text-2xl">{walk.name}</h2>
      <ol className="mt-2 flex-1 list-decimal space-y-2 pl-5 text-body">
        {walk.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <Link href={walk.href} className={`${buttonLook('plain')} mt-4 self-start`}>
        {walk.goTo}
      </Link>
    </section>
  );
}

const IDS = Object.keys(TERMS) as readonly TermId[];

/** Three short walks, and every term with what it means. */
export function HelpScreen() {
  const english = useEnglish();
  const [sought, setSought] = useState('');
  const wanted = sought.trim().toLowerCase();
  const terms = IDS.map((id) => ({
    id,
    name: termName(id, english),
    meaning: inEnglish(MEANINGS[id], english),
  }))
    .filter(({ name, meaning }) => `${name} ${meaning}`.toLowerCase().includes(wanted))
    .toSorted((a, b) => a.name.localeCompare(b.name, 'en'));
  return (
    <main className="mx-auto w-full max-w-6xl space-y-6 px-4 py-6 sm:px-6">
      <div>
        <h1 className="figure text-4xl">Help</h1>
        <p className="text-quiet">
          Three short walks, and every word that Retort uses. Touch a dotted word anywhere to have
          it explained.
        </p>
      </div>
      <div className="grid gap-4 md:grid-cols-3">
        {WALKS.map((walk) => (
          <WalkCard key={walk.name} walk={walk} />
        ))}
      </div>
      <section aria-label="Words">
        <div className="flex flex-wrap items-center gap-4">
          <h2 className="figure mr-auto text-2xl">Words</h2>
          <input
            className="field w-64"
            aria-label="Find a word"
            placeholder="find a word"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </div>
        <dl className="mt-3 grid gap-x-8 gap-y-3 md:grid-cols-2">
          {terms.map(({ id, name, meaning }) => (
            <div key={id} className="border-t border-hairline pt-2">
              <dt className="font-semibold">{name}</dt>
              <dd className="text-body">{meaning}</dd>
            </div>
          ))}
        </dl>
        {terms.length === 0 && <p className="mt-3">No word like that.</p>}
      </section>
      <section id="http" aria-labelledby="at-home" className="space-y-2 text-body">
        <h2 id="at-home" className="figure text-2xl">
          Retort at home
        </h2>
        <p>
          Devices meet where they open Retort from one server: a computer at home, or a host on the
          web. Opened by plain http, such as http://192.168.1.20:3000, a browser gives the page
          less: the screen may go dark while you cook, nothing notifies you while the page is
          hidden, and without the server it does not open.
        </p>
        <p>
          A certificate brings all three: put a proxy that has one in front of the server, or use a
          host that speaks https. The file docs/serving.md, which comes with Retort, sets up each.
        </p>
      </section>
      <p className="text-small text-quiet">
        Your pot’s manual and your food-safety authority come before anything said here. None of
        this is canning.
      </p>
    </main>
  );
}
