import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';

/** A part of a form that opens when wanted, with what it holds in a few words while it is shut. */
export function Section(props: {
  title: string;
  summary?: ReactNode;
  children: ReactNode;
  defaultOpen?: boolean;
  /** Something in it is wrong: it opens, and what is wrong is seen. */
  isWrong?: boolean;
}) {
  return (
    <Disclosure
      as="section"
      key={props.isWrong ? 'wrong' : 'right'}
      defaultOpen={(props.defaultOpen ?? false) || (props.isWrong ?? false)}
      className="border-hairline border-t"
    >
      <DisclosureButton className="group flex min-h-12 w-full items-center gap-3 py-2 text-left">
        <span className="font-display font-semibold text-lg">{props.title}</span>
        <span className="min-w-0 grow truncate text-ink-soft group-data-open:invisible">{props.summary}</span>
        <ChevronDown aria-hidden className="size-5 shrink-0 group-data-open:rotate-180" />
      </DisclosureButton>
      <DisclosurePanel className="grid gap-4 pb-4">{props.children}</DisclosurePanel>
    </Disclosure>
  );
}
