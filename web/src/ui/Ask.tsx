import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';

/** A question that must be answered before anything is lost. */
export function Ask(props: {
  open: boolean;
  room: 'day' | 'oven';
  title: string;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog open={props.open} onClose={props.onClose} className="relative z-40">
      <div className="fixed inset-0 bg-black/50" aria-hidden="true" />
      <div data-room={props.room} className="fixed inset-0 grid place-items-center p-6">
        <DialogPanel className="grid max-w-lg gap-4 rounded-lg border border-control-line bg-paper p-6 text-ink">
          <DialogTitle className="font-semibold text-2xl">{props.title}</DialogTitle>
          {props.children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
