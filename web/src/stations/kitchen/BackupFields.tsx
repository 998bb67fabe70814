import { useState } from 'react';
import type { RestoreReport, TableReport } from '../../api/types';
import { useBackups, useImportBake, useImportLog, useRestore } from '../../kitchen/log';
import { Button } from '../../ui/Button';
import { DownloadLink } from '../../ui/DownloadLink';
import { FileButton } from '../../ui/FileButton';
import { Refusal } from '../../ui/Refusal';
import { sayDay } from '../../words/times';

/** Everything that was ever written here is the household's: out as files, and back. */
export function BackupFields() {
  const kept = useBackups();
  const restore = useRestore();
  const bring = useImportBake();
  const table = useImportLog();
  const [log, setLog] = useState<{ text: string; report: TableReport } | null>(null);
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<RestoreReport | null>(null);
  const [said, setSaid] = useState('');
  const look = (chosen: File) => {
    setSaid('');
    setReport(null);
    setFile(chosen);
    restore.mutate({ file: chosen, mode: 'merge', rehearsal: true }, { onSuccess: setReport });
  };
  const readLog = async (chosen: File) => {
    setSaid('');
    setLog(null);
    const text = await chosen.text();
    table.mutate({ text, rehearsal: true }, { onSuccess: (report) => setLog({ text, report }) });
  };
  const addLog = (text: string) =>
    table.mutate(
      { text, rehearsal: false },
      {
        onSuccess: (report) => {
          setLog(null);
          setSaid(`${evenings(report.new)} added to the log.`);
        },
      },
    );
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
        <FileButton label="A table to add to the log" accept=".csv,.tsv,text/csv" onFile={readLog}>
          Add a log from a table
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
      {log && (
        <section aria-label="What the table would bring" className="grid gap-2 bg-paper-deep p-3">
          <p className="figures">
            {evenings(log.report.lines)} from {sayDay(log.report.from)} to {sayDay(log.report.to)},{' '}
            {log.report.new === log.report.lines ? 'none' : log.report.known} of them here already. A table knows less
            than the app: what it does not say is taken as is usual here.
          </p>
          <div className="flex flex-wrap gap-2">
            <Button busy={table.isPending} disabled={log.report.new === 0} onClick={() => addLog(log.text)}>
              Add {evenings(log.report.new)}
            </Button>
            <Button onClick={() => setLog(null)}>Leave it</Button>
          </div>
        </section>
      )}
      {said && <p role="status">{said}</p>}
      <Refusal error={restore.error ?? bring.error ?? table.error} />
    </div>
  );
}

const evenings = (count: number) => (count === 1 ? '1 evening' : `${count} evenings`);
