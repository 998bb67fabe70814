import { Download } from 'lucide-react';

/** A file to take away. */
export function DownloadLink({ to, name }: { to: string; name: string }) {
  return (
    <a href={to} download className="inline-flex min-h-11 items-center gap-2 underline underline-offset-4">
      <Download aria-hidden className="size-5" />
      {name}
    </a>
  );
}
