import { Link2, Upload } from 'lucide-react';
import { Suspense, useState } from 'react';
import type { Shelf } from '@/core/batch/household';
import type { Units } from '@/core/quantity';
import { later, lazyPart } from '@/drawings/later';
import { Button } from '@/ui/Button';
import { FileButton } from '@/ui/files/FileButton';
import type { Begin } from './useBegin';

// The dishes and the kitchen's own beginnings come after the page.
const FromKitchen = later(() => import('./FromKitchen').then((m) => m.FromKitchen));
const DishDoor = lazyPart(() => import('./DishDoor').then((m) => m.DishDoor));

/** Files that recipes come in. */
const FILES = '.json,.jsonld,.html,.htm,.txt,.md,application/json,text/html,text/plain';

const EXAMPLE: Readonly<Record<Units, string>> = {
  metric:
    'Red lentil and carrot\n250 g red lentils\n3 carrots, 12 mm slices\n1.2 l water\n\nCook at high pressure for 5 minutes. Quick release.',
  us: 'Red lentil and carrot\n1 1/4 cups red lentils\n3 carrots, 1/2-inch slices\n5 cups water\n\nCook at high pressure for 5 minutes. Quick release.',
};

/** Ways to bring a recipe: paste it, its link, or its file. */
export function Doors({
  text,
  units,
  fetching,
  onText,
  onFile,
  onLink,
  begin,
  shelf,
  onShelf,
}: {
  readonly text: string;
  readonly units: Units;
  /** Whether a page is being fetched. */
  readonly fetching: boolean;
  readonly onText: (text: string) => void;
  readonly onFile: (file: File) => void;
  readonly onLink: (link: string) => void;
  readonly begin: Begin;
  /** Broth that goes into the next plan instead of water. */
  readonly shelf: Shelf | null;
  readonly onShelf: (shelf: Shelf | null) => void;
}) {
  const [said, setSaid] = useState(text);
  const [link, setLink] = useState('');
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <form
        className="panel flex flex-col p-5"
        onSubmit={(event) => {
          event.preventDefault();
          if (said.trim()) onText(said);
        }}
      >
        <label htmlFor="recipe" className="font-medium">
          Paste a recipe, or write what goes in
        </label>
        <p id="recipe-hint" className="text-small text-quiet">
          One ingredient a line. Give minutes if you have them; Retort works them out if not.
        </p>
        <textarea
          id="recipe"
          aria-describedby="recipe-hint"
          className="field mt-2 flex-1"
          rows={9}
          value={said}
          placeholder={EXAMPLE[units]}
          onChange={(event) => setSaid(event.target.value)}
          onPaste={(event) => {
            // A pasted text is read at once.
            const pasted = event.clipboardData.getData('text/plain');
            if (said.trim() || !pasted.trim()) return;
            event.preventDefault();
            setSaid(pasted);
            onText(pasted);
          }}
        />
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <Button type="submit" look="copper" disabled={!said.trim()}>
            Read it
          </Button>
          <Button look="quiet" onClick={begin.empty}>
            Begin with an empty pot
          </Button>
        </div>
      </form>
      <div className="space-y-4">
        <div className="panel space-y-3 p-5">
          <form
            onSubmit={(event) => {
              event.preventDefault();
              if (link.trim()) onLink(link.trim());
            }}
          >
            <label htmlFor="recipe-link" className="flex items-center gap-2 font-medium">
              <Link2 size={18} aria-hidden /> Or give its link
            </label>
            <span className="mt-1 flex flex-wrap gap-2">
              <input
                id="recipe-link"
                className="field w-auto min-w-0 flex-1 basis-40"
                type="url"
                inputMode="url"
                value={link}
                placeholder="https://"
                onChange={(event) => setLink(event.target.value)}
              />
              <Button
                type="submit"
                look="plain"
                className="shrink-0"
                disabled={!link.trim() || fetching}
              >
                {fetching ? 'Reading the page…' : 'Read the page'}
              </Button>
            </span>
          </form>
          <FileButton accept={FILES} className="w-full" onFile={onFile}>
            <Upload size={18} aria-hidden /> Or open a file
          </FileButton>
          <p className="text-small text-quiet">
            You can drop a file or a text anywhere on this page.
          </p>
        </div>
        <FromKitchen shelf={shelf} onShelf={onShelf} onBag={begin.bag} onAgain={begin.again} />
      </div>
      <Suspense>
        <DishDoor making={begin.making} onDish={begin.dish} />
      </Suspense>
    </div>
  );
}
