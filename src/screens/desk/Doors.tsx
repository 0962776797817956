import { Link2, Upload } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Units } from '@/core/quantity';
import type { Dish } from '@/dishes';
import { Button } from '@/ui/Button';

// The dishes come after the page.
const DishDoor = lazy(() => import('./DishDoor').then((m) => ({ default: m.DishDoor })));

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
  onEmpty,
  onDish,
}: {
  readonly text: string;
  readonly units: Units;
  /** Whether a page is being fetched. */
  readonly fetching: boolean;
  readonly onText: (text: string) => void;
  readonly onFile: (file: File) => void;
  readonly onLink: (link: string) => void;
  readonly onEmpty: () => void;
  readonly onDish: (dish: Dish) => void;
}) {
  const [said, setSaid] = useState(text);
  const [link, setLink] = useState('');
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <form
        className="panel p-5"
        onSubmit={(event) => {
          event.preventDefault();
          if (said.trim()) onText(said);
        }}
      >
        <label className="block">
          <span className="font-medium">Paste a recipe, or write it down</span>
          <textarea
            className="field mt-2"
            rows={11}
            value={said}
            placeholder={EXAMPLE[units]}
            onChange={(event) => setSaid(event.target.value)}
            onPaste={(event) => {
              // What is pasted whole is read at once.
              const pasted = event.clipboardData.getData('text/plain');
              if (said.trim() || !pasted.trim()) return;
              event.preventDefault();
              setSaid(pasted);
              onText(pasted);
            }}
          />
        </label>
        <Button type="submit" look="copper" className="mt-3" disabled={!said.trim()}>
          Read it
        </Button>
      </form>
      <div className="space-y-4">
        <form
          className="panel p-5"
          onSubmit={(event) => {
            event.preventDefault();
            if (link.trim()) onLink(link.trim());
          }}
        >
          <label className="block">
            <span className="flex items-center gap-2 font-medium">
              <Link2 size={18} aria-hidden /> Or give its link
            </span>
            <input
              className="field mt-2"
              type="url"
              inputMode="url"
              value={link}
              placeholder="https://"
              onChange={(event) => setLink(event.target.value)}
            />
          </label>
          <Button type="submit" look="plain" className="mt-3" disabled={!link.trim() || fetching}>
            {fetching ? 'Reading the page…' : 'Read the page'}
          </Button>
        </form>
        <label className="panel block p-5">
          <span className="flex items-center gap-2 font-medium">
            <Upload size={18} aria-hidden /> Or open a file
          </span>
          <input
            type="file"
            accept={FILES}
            className="field mt-2"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) onFile(file);
            }}
          />
          <span className="mt-1 block text-[14px] text-quiet">
            It can be dropped anywhere here.
          </span>
        </label>
        <div className="panel flex flex-wrap items-center justify-between gap-3 p-5">
          <span className="font-medium">Or write what goes in</span>
          <Button onClick={onEmpty}>Begin with an empty pot</Button>
        </div>
      </div>
      <Suspense>
        <DishDoor onDish={onDish} />
      </Suspense>
    </div>
  );
}
