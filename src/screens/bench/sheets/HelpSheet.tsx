import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Toggle } from '@/ui/forms/Toggle';
import { OTHER_KEYS, SHORTCUTS, useSingleKeys } from './shortcuts';

/** The keys of the Bench. */
export function HelpSheet({ onClose }: { readonly onClose: () => void }) {
  const [single, setSingle] = useSingleKeys();
  const rows = [...SHORTCUTS.map((s) => [s.key, s.does] as const), ...OTHER_KEYS];
  return (
    <Sheet
      open
      onClose={onClose}
      title="Keyboard shortcuts"
      foot={
        <Button look="copper" onClick={onClose}>
          Done
        </Button>
      }
    >
      <Toggle label="Single letters are shortcuts" checked={single} onChange={setSingle} />
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-1.5">
        {rows.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-hairline bg-ground px-2 py-0.5 font-sans text-small font-semibold">
                {key}
              </kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Sheet>
  );
}
