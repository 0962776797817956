import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';

/** A dialog: a title, what it says, and its buttons at the foot. */
export function Sheet({
  open,
  onClose,
  title,
  children,
  foot,
}: {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly title: string;
  readonly children: ReactNode;
  readonly foot?: ReactNode;
}) {
  return (
    // Give it a box, so that tests and browsers can see whether it is visible.
    <Dialog open={open} onClose={onClose} className="fixed inset-0 z-40">
      <DialogBackdrop className="absolute inset-0 bg-ink/40" />
      <div className="absolute inset-0 flex items-center justify-center p-4">
        <DialogPanel className="panel flex max-h-full w-full max-w-xl flex-col border-t-4 border-t-cobalt print:max-h-none">
          <DialogTitle className="px-6 pt-5 text-xl font-semibold max-sm:px-4 max-sm:pt-4">
            {title}
          </DialogTitle>
          <div className="min-h-0 space-y-4 overflow-y-auto px-6 pt-3 pb-5 text-body max-sm:px-4 print:overflow-visible">
            {children}
          </div>
          {foot && (
            <div className="flex flex-wrap justify-end gap-3 border-t border-hairline px-6 py-3 max-sm:px-4 print:hidden">
              {foot}
            </div>
          )}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
