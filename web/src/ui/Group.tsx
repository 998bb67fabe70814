import type { ReactNode } from 'react';

/** Two fields side by side where there is room. */
export function Group(props: { children: ReactNode }) {
  return <div className="grid gap-4 sm:grid-cols-2">{props.children}</div>;
}
