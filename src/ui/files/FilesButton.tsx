import { ChevronDown } from 'lucide-react';
import { later } from '@/drawings/later';
import { buttonLook } from '../Button';
import type { MenuEntry } from '../ActionMenu';

// Load menus once the page is shown; their button is there from the start.
const ActionMenu = later(
  () => import('../ActionMenu').then((m) => m.ActionMenu),
  ({ look, children }) => <span className={look}>{children}</span>,
);

/** The menu "Files" of a page: what goes out to a file and comes in from one. */
export function FilesButton({ entries }: { readonly entries: readonly MenuEntry[] }) {
  return (
    <ActionMenu look={buttonLook()} entries={entries}>
      Files <ChevronDown size={16} aria-hidden />
    </ActionMenu>
  );
}
