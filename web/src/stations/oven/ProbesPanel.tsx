import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import type { ProbeView } from '../../api/types';
import { told, useTell, type WholeBake } from '../../kitchen/bakes';
import { useProbes } from '../../kitchen/probes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { unitSign } from '../../words/temperatures';
import { pieceKey, piecesOf } from './pieces';

/** Thermometers on a wire: what each shows, how fast it rises, where it is, and what is wrong with it. */
export function ProbesPanel({ bake }: { bake: WholeBake }) {
  const probes = useProbes(bake.id);
  if (probes.length === 0) return null;
  return (
    <ul aria-label="Probes" className="grid">
      {probes.map((probe) => (
        <Probe key={probe.probe} bake={bake} probe={probe} />
      ))}
    </ul>
  );
}

function Probe({ bake, probe }: { bake: WholeBake; probe: ProbeView }) {
  const tell = useTell(bake.id);
  const [isOpen, setOpen] = useState(false);
  const pieces = piecesOf(bake);
  const isPlaced = probe.lot !== null;
  return (
    <li className="grid gap-1.5 border-hairline border-b pb-1.5">
      <div className="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-3">
        <div className="min-w-0 leading-snug">
          <p>
            <b className="font-semibold text-lg">{probe.probe}</b>{' '}
            {probe.name ? `in ${probe.name}` : 'is in no piece yet'}
          </p>
          <p className="figures text-ink-soft">{manner(probe)}</p>
        </div>
        <p className={`figures whitespace-nowrap font-semibold text-4xl ${probe.counts ? '' : 'text-ink-soft'}`}>
          {probe.temperature ? `${probe.temperature.value.toFixed(1)}` : '–'}
          <span className="pl-1 font-normal text-xl">{unitSign(bake.plan.ovenSetting.unit)}</span>
        </p>
        <Button aria-expanded={isOpen || !isPlaced} disabled={!isPlaced} onClick={() => setOpen(!isOpen)}>
          Move it
        </Button>
      </div>
      {probe.sentence && (
        <p role="status" className="flex gap-2 leading-snug">
          <TriangleAlert aria-hidden className="mt-0.5 size-5 shrink-0 text-heat-text" />
          {probe.sentence}
        </p>
      )}
      {(isOpen || !isPlaced) && (
        <div className="flex gap-2">
          <select
            aria-label={`Where ${probe.probe} is`}
            value={isPlaced ? `${probe.lot}.${probe.piece}` : ''}
            disabled={tell.isPending}
            onChange={(event) => {
              const into = pieces.find((piece) => pieceKey(piece) === event.target.value);
              if (into)
                tell.mutate([told({ kind: 'probe', probe: probe.probe, lot: into.lot, piece: into.piece })], {
                  onSuccess: () => setOpen(false),
                });
            }}
            className="h-11 min-w-0 grow rounded-md border border-control-line bg-paper px-3"
          >
            <option value="" disabled>
              It is in…
            </option>
            {pieces.map((piece) => (
              <option key={pieceKey(piece)} value={pieceKey(piece)}>
                In {piece.name}
              </option>
            ))}
          </select>
          {isPlaced && (
            <Button busy={tell.isPending} onClick={() => tell.mutate([told({ kind: 'probe', probe: probe.probe })])}>
              It is out
            </Button>
          )}
        </div>
      )}
      <Refusal error={tell.error} />
    </li>
  );
}

/** "rises 2.4° a minute", "settling" */
function manner(probe: ProbeView): string {
  if (!probe.temperature) return 'not heard';
  if (probe.sentence && !probe.counts) return 'does not count until it is set right';
  if (!probe.isSteady) return 'settling';
  const rise = probe.risePerMinuteC;
  if (rise === null) return 'steady';
  const shown = probe.temperature.unit === 'fahrenheit' ? rise * 1.8 : rise;
  return Math.abs(shown) < 0.15
    ? 'does not change'
    : `${shown > 0 ? 'rises' : 'falls'} ${Math.abs(shown).toFixed(1)}° a minute`;
}
