import { ChevronDown } from 'lucide-react';
import { later } from '@/drawings/later';
import { buttonLook } from '../Button';
import type { MenuEntry } from '../ActionMenu';

// Menus come once the page stands; their button is there from the first.
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
