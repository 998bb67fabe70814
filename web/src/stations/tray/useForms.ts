import { useEffect, useState } from 'react';

export type Forms = typeof import('./panelForms');

/** Once they are there they are there for good: nothing that opens waits for them twice. */
let fetched: Forms | null = null;

/** What opens in the panel; null in the first moment of a page, in which the tray itself is drawn. */
export function useForms(): Forms | null {
  const [forms, setForms] = useState(fetched);
  useEffect(() => {
    if (forms) return;
    import('./panelForms').then(
      (all) => {
        fetched = all;
        setForms(all);
      },
      // Without the server it is tried again by whoever opens the tray next.
      () => undefined,
    );
  }, [forms]);
  return forms;
}
