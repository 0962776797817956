'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useState, type DragEvent } from 'react';
import type { Shelf } from '@/core/batch/household';
import { Button } from '@/ui/Button';
import { dropped } from '@/ui/files/dropped';
import { useHousehold } from '@/ui/household';
import { useKnown } from '@/ui/learned/known';
import { useArrival } from '@/ui/useArrival';
import { AsPlanned } from './AsPlanned';
import { AsWritten } from './AsWritten';
import { Doors } from './Doors';
import { linkIn, useDraft } from '@/ui/deskDraft';
import { fetchRecipe } from './link';
import { Questions } from './Questions';
import { useBegin } from './useBegin';
import { useDesk } from './useDesk';

/** A file that is larger is no recipe, bytes. */
const MOST_FILE = 3_000_000;

/** Contents handed over by the system's share sheet. */
function sharedIn(params: Pick<URLSearchParams, 'get'>): string | null {
  const [title, text, url] = ['title', 'text', 'url'].map((name) => params.get(name)?.trim() ?? '');
  const said = [title, text, url].filter(Boolean).join('\n');
  return said || null;
}

/** Desk for reading a recipe: as it was written on one side, as it will be planned on the other. */
export function DeskScreen() {
  const { kitchen: home, pots } = useHousehold();
  const known = useKnown();
  const router = useRouter();
  const params = useSearchParams();
  const pot = known?.pots[0] ?? pots[0];
  const kitchen = known?.kitchen ?? home;
  const [draft, lay] = useDraft();
  const desk = useDesk(pot);
  const [shelf, setShelf] = useState<Shelf | null>(null);
  const begin = useBegin(pot, kitchen, shelf);
  const [failed, setFailed] = useState<string | null>(null);
  const [fetching, setFetching] = useState(false);
  const [editing, setEditing] = useState(false);
  const { recipe, batch } = desk;

  const readLink = async (link: string): Promise<void> => {
    setFetching(true);
    setFailed(null);
    const fetched = await fetchRecipe(link);
    setFetching(false);
    setEditing(false);
    if (fetched.ok) lay({ text: fetched.text, link });
    else setFailed(fetched.why);
  };
  const take = (text: string): void => {
    scrollTo({ top: 0 });
    setFailed(null);
    setEditing(false);
    const link = linkIn(text);
    if (link) void readLink(link);
    else lay({ text, link: '' });
  };
  const open = async (file: File): Promise<void> => {
    if (file.size > MOST_FILE) {
      setFailed(`“${file.name}” is too large for a recipe.`);
      return;
    }
    take(await file.text());
  };
  const shared = sharedIn(params);
  useEffect(() => {
    if (shared === null) return;
    // Taken once: a reload finds it on the desk.
    router.replace('/desk');
    void Promise.resolve(shared).then(take);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what was shared is taken once
  }, [shared]);
  const drop = (event: DragEvent): void => {
    const what = dropped(event);
    if (typeof what !== 'string') void open(what);
    else if (what.trim()) take(what);
  };
  const plan = (): void => {
    if (!batch || !recipe) return;
    begin.recipe(batch, recipe.words, () => lay({ text: '', link: '' }));
  };
  const planIt = (
    <Button look="copper" disabled={!desk.settled || begin.making !== null} onClick={plan}>
      {begin.making === null ? 'Plan it' : 'Working out the times…'}
    </Button>
  );
  const why = failed ?? begin.failure ?? desk.failure;
  const shows = recipe !== null && batch !== null && !editing;
  const read = useArrival<HTMLDivElement>(shows);
  return (
    <main
      className="mx-auto w-full max-w-6xl space-y-4 px-4 py-6 sm:px-6"
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="figure mr-auto text-4xl max-sm:w-full">Plan a batch</h1>
        {shows && (
          <>
            <Button look="quiet" onClick={() => setEditing(true)}>
              Edit the text
            </Button>
            <Button look="quiet" onClick={() => lay({ text: '', link: '' })}>
              Another recipe
            </Button>
            {planIt}
          </>
        )}
      </div>
      <div aria-live="polite" className="space-y-4 empty:hidden">
        {why && (
          <p role="alert" className="rounded-lg border-2 border-rust bg-rust/5 px-4 py-2 text-rust">
            {why}
          </p>
        )}
        {recipe?.refusal && (
          <p role="alert" className="rounded-lg border-2 border-rust bg-rust/5 px-4 py-2">
            <b className="text-rust">{recipe.refusal.title}.</b> {recipe.refusal.message} The rest
            of the recipe is planned without it.
          </p>
        )}
        {shows && <Questions recipe={recipe} desk={desk} />}
      </div>
      {shows ? (
        <>
          <div
            ref={read}
            tabIndex={-1}
            role="group"
            aria-label="The recipe as read"
            className="grid items-start gap-4 outline-none lg:grid-cols-2"
          >
            <AsWritten recipe={recipe} link={draft.link} desk={desk} />
            <AsPlanned recipe={recipe} batch={batch} pot={pot} units={kitchen.units} desk={desk} />
          </div>
          {/* On a phone it stands where the reading ends, too. */}
          <div className="lg:hidden">{planIt}</div>
        </>
      ) : (
        <Doors
          key={draft.text}
          text={draft.text}
          units={kitchen.units}
          fetching={fetching}
          onText={take}
          onFile={(file) => void open(file)}
          onLink={(link) => void readLink(link)}
          begin={begin}
          shelf={shelf}
          onShelf={setShelf}
        />
      )}
    </main>
  );
}
