import { useRef } from 'react';
import { Problem } from '../../api/problem';
import type { CutChoice, TemperatureUnit } from '../../api/types';
import { useKept } from '../../drafts/keptText';
import { type Told, told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { TextBox } from '../../ui/TextBox';
import { parseNumber } from '../../words/numbers';
import { unitSign } from '../../words/temperatures';
import { Keypad } from './Keypad';
import { press } from './keypad';
import { PieceMap } from './PieceMap';
import { type OvenPiece, pieceKey, piecesOf } from './pieces';
import { useProbeWay } from './useProbeWay';

const units = [
  { value: 'celsius', label: '°C' },
  { value: 'fahrenheit', label: '°F' },
] as const;

/** A reading that is not with the server yet. */
interface ReadingDraft {
  text: string;
  unit: TemperatureUnit;
  chosen: string | null;
  /** Sent again after a lost answer, it is the same event. */
  sent: Told | null;
}

/** One reading at a time, by keypad or keyboard: it names the piece, says where the tip goes, and moves on by itself. */
export function ReadingPad(props: { bake: WholeBake; cuts: readonly CutChoice[] }) {
  const { bake } = props;
  const tell = useTell(bake.id);
  const [draft, keep, forget] = useKept<ReadingDraft>(`reading.${bake.id}`, () => ({
    text: '',
    unit: bake.plan.ovenSetting.unit,
    chosen: null,
    sent: null,
  }));
  const latest = useRef(draft);
  latest.current = draft;
  const { text, unit, chosen } = draft;
  const pieces = piecesOf(bake);
  const piece = pieces.find((other) => pieceKey(other) === chosen) ?? pieces[0];
  const problem = tell.error instanceof Problem ? tell.error : null;
  const way = useProbeWay(bake, piece);
  const cut = props.cuts.find((choice) => choice.cut === bake.plan.chicken.find((lot) => lot.id === piece?.lot)?.cut);

  const change = (part: Partial<ReadingDraft>) => {
    keep({ ...draft, sent: null, ...part });
    tell.reset();
  };
  const send = () => {
    if (!piece || tell.isPending) return;
    const sent =
      draft.sent ?? told({ kind: 'reading', lot: piece.lot, piece: piece.piece, value: parseNumber(text), unit });
    keep({ ...draft, sent });
    tell.mutate([sent], {
      onSuccess: () => {
        // What was typed while this was on its way stays.
        const now = latest.current;
        keep({ ...now, text: now.text === text ? '' : now.text, chosen: null, sent: null });
        if (now.text === text) forget();
        // On a tablet the verdict stands above what has just been tapped.
        window.scrollTo({ top: 0 });
      },
    });
  };
  if (!piece) return null;
  return (
    <section aria-label="Measure" className="grid min-w-0 content-start gap-2.5">
      <div className="flex items-center justify-between gap-4">
        <h2 className="font-semibold text-2xl">Measure</h2>
        <div className="w-36">
          <Choice label="Thermometer shows" value={unit} options={units} onChange={(next) => change({ unit: next })} />
        </div>
      </div>
      <PieceList bake={bake} pieces={pieces} current={piece} onChoose={(key) => change({ chosen: key })} />
      <div className="grid grid-cols-1 items-start gap-x-4 gap-y-3 sm:grid-cols-[minmax(0,1fr)_17rem]">
        <form
          className="grid gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            send();
          }}
        >
          <Field
            label={capital(piece.name)}
            hint={way ? `${cut?.probePlace} ${way}` : cut?.probePlace}
            error={problem?.at('events[0].value') ?? problem?.at('events[0].lot') ?? problem?.at('events[0].piece')}
          >
            {(ids) => (
              <div className="relative">
                <TextBox
                  data-next
                  ids={ids}
                  value={text}
                  inputMode="none"
                  autoComplete="off"
                  onText={(next) => change({ text: next })}
                  className="figures h-20 pr-14 text-5xl"
                />
                <span
                  aria-hidden
                  className="pointer-events-none absolute inset-y-0 right-4 flex items-center text-2xl text-ink-soft"
                >
                  {unitSign(unit)}
                </span>
              </div>
            )}
          </Field>
          <Button look="heat" big type="submit" busy={tell.isPending} disabled={text.trim() === ''}>
            {tell.isPending ? 'Writing it down…' : 'That is what it shows'}
          </Button>
          {problem && Object.keys(problem.fields).length === 0 && (
            <p role="alert" className="font-medium text-stop">
              {problem.message}
            </p>
          )}
          <NoteField bake={bake} />
        </form>
        <Keypad onKey={(key) => change({ text: press(text, key) })} />
      </div>
    </section>
  );
}

/** The pieces that are asked for, as buttons with their reason; any other from a list. */
function PieceList(props: {
  bake: WholeBake;
  pieces: readonly OvenPiece[];
  current: OvenPiece;
  onChoose: (key: string) => void;
}) {
  const asked = props.pieces.filter((piece) => piece.why !== '').slice(0, 2);
  const others = props.pieces.filter((piece) => !asked.includes(piece));
  const currentKey = pieceKey(props.current);
  return (
    <div className="grid gap-1.5">
      {asked.map((piece) => (
        <button
          key={pieceKey(piece)}
          type="button"
          aria-pressed={pieceKey(piece) === currentKey}
          onClick={() => props.onChoose(pieceKey(piece))}
          className="flex min-h-12 flex-wrap items-baseline gap-x-3 rounded-md border border-control-line px-4 py-2 text-left leading-tight aria-pressed:border-2 aria-pressed:border-heat"
        >
          <b className="font-semibold text-lg">{capital(piece.name)}</b>
          <span className="text-ink-soft">{piece.why}</span>
        </button>
      ))}
      <div className="flex flex-wrap items-end gap-3">
        <PieceMap bake={props.bake} asked={props.pieces.filter((piece) => piece.why !== '')} current={props.current} />
        {others.length > 0 && (
          <select
            aria-label="Another piece"
            value={others.some((piece) => pieceKey(piece) === currentKey) ? currentKey : ''}
            onChange={(event) => props.onChoose(event.target.value)}
            className="h-12 min-w-0 grow basis-44 rounded-md border border-control-line bg-paper px-3 text-lg"
          >
            <option value="" disabled>
              Another piece…
            </option>
            {others.map((piece) => (
              <option key={pieceKey(piece)} value={pieceKey(piece)}>
                {capital(piece.name)}
              </option>
            ))}
          </select>
        )}
      </div>
    </div>
  );
}

/** What was seen: kept, and never counts. */
function NoteField({ bake }: { bake: WholeBake }) {
  const tell = useTell(bake.id);
  const [note, setNote, forget] = useKept(`note.${bake.id}`, () => '');
  const problem = tell.error instanceof Problem ? tell.error : null;
  return (
    <Field label="Seen by eye (kept, never counts)" error={problem?.at('events[0].text') ?? problem?.message}>
      {(ids) => (
        <div className="flex gap-2">
          <TextBox
            ids={ids}
            value={note}
            onText={setNote}
            maxLength={500}
            placeholder="juices, crumb"
            className="placeholder:text-ink-soft"
          />
          <Button
            className="shrink-0"
            disabled={note.trim() === '' || tell.isPending}
            onClick={() =>
              tell.mutate([told({ kind: 'note', text: note })], {
                onSuccess: () => {
                  setNote('');
                  forget();
                },
              })
            }
          >
            Note it
          </Button>
        </div>
      )}
    </Field>
  );
}

const capital = (name: string) => `${name[0]?.toUpperCase() ?? ''}${name.slice(1)}`;
