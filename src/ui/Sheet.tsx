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
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel className="panel max-h-full w-full max-w-xl overflow-y-auto border-t-4 border-t-cobalt p-6">
          <DialogTitle className="text-xl font-semibold">{title}</DialogTitle>
          <div className="mt-3 space-y-4 text-[15px]">{children}</div>
          {foot && <div className="mt-6 flex flex-wrap justify-end gap-3">{foot}</div>}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
