import { Upload } from 'lucide-react';
import { type ReactNode, useRef, useState } from 'react';
import type { RestoreReport } from '../../api/types';
import { useBackups, useImportBake, useRestore } from '../../kitchen/log';
import { Button } from '../../ui/Button';
import { DownloadLink } from '../../ui/DownloadLink';
import { Refusal } from '../../ui/Refusal';
import { sayDay } from '../../words/times';

/** Everything that was ever written here is the household's: out as files, and back. */
export function BackupFields() {
  const kept = useBackups();
  const restore = useRestore();
  const bring = useImportBake();
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<RestoreReport | null>(null);
  const [said, setSaid] = useState('');
  const look = (chosen: File) => {
    setSaid('');
    setReport(null);
    setFile(chosen);
    restore.mutate({ file: chosen, mode: 'merge', rehearsal: true }, { onSuccess: setReport });
  };
  const go = (mode: 'merge' | 'replace') => {
    if (!file) return;
    restore.mutate(
      { file, mode, rehearsal: false },
      {
        onSuccess: () => {
          setReport(null);
          setFile(null);
          setSaid(mode === 'merge' ? 'Added to this house.' : 'The house is as it was then.');
        },
      },
    );
  };
  return (
    <div className="grid gap-3">
      <p className="flex flex-wrap gap-x-5 gap-y-1">
        <DownloadLink to="/api/house/backup" name="The whole house as one file" />
        <DownloadLink to="/api/log.csv" name="The log as a table" />
      </p>
      <p className="text-ink-soft">
        {kept && kept.length > 0
          ? `The kitchen keeps ${kept.length} backups of its own, the last ${kept[0]?.name.replace('.zip', '')}.`
          : 'The kitchen makes a backup of its own every day it runs.'}
      </p>
      <div className="flex flex-wrap gap-2">
        <FileButton label="A backup to bring back" accept=".zip,application/zip" onFile={look}>
          Bring a backup back
        </FileButton>
        <FileButton
          label="An evening to add to the log"
          accept=".json,application/json"
          onFile={(chosen) => bring.mutate(chosen, { onSuccess: (bake) => setSaid(`“${bake.name}” is in the log.`) })}
        >
          Add an evening from a file
        </FileButton>
      </div>
      {report && file && (
        <section aria-label="What the backup would bring" className="grid gap-2 bg-paper-deep p-3">
          <p className="figures">
            A house of {sayDay(report.createdAt)}: {report.bakes} evenings, {report.newBakes} of them not here;{' '}
            {report.trays} trays, {report.newTrays} not here; {report.photos} photos.
            {report.goneBakes > 0 && ` ${report.goneBakes} evenings are here and not in it.`}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button busy={restore.isPending} onClick={() => go('merge')}>
              Add what is not here
            </Button>
            <Button look="stop" busy={restore.isPending} onClick={() => go('replace')}>
              Make this house what it was
            </Button>
          </div>
        </section>
      )}
      {said && <p role="status">{said}</p>}
      <Refusal error={restore.error ?? bring.error} />
    </div>
  );
}

/** A button behind which a file is chosen. */
function FileButton(props: { label: string; accept: string; children: ReactNode; onFile: (file: File) => void }) {
  const box = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={box}
        type="file"
        accept={props.accept}
        aria-label={props.label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) props.onFile(file);
          event.target.value = '';
        }}
      />
      <Button onClick={() => box.current?.click()}>
        <Upload aria-hidden className="size-5" />
        {props.children}
      </Button>
    </>
  );
}
