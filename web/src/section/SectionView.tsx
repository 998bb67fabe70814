import { useWidth } from '../ui/useWidth';
import { frameAt, type OpenFilm, planeAt } from './film';
import { SectionPicture } from './SectionPicture';
import { type SectionUnits, sayInside, sayProbe } from './sectionWords';

const GAP_PX = 44;
const ABOVE_PX = 34;
const BELOW_PX = 28;

/** The thickest piece cut open at a minute, along and across, with the probe's way; and the same in words. */
export function SectionView(props: {
  film: OpenFilm;
  minutes: number;
  targetC: number;
  units: SectionUnits;
  tallestPx?: number;
}) {
  const { film, minutes, units } = props;
  const [box, width] = useWidth<HTMLDivElement>();
  const { along, across, frames } = film;
  const { coldestC, coldest } = frameAt(frames, minutes);
  const stacked = width > 0 && width < 560;
  const widthMm = stacked ? Math.max(along.widthMm, across.widthMm) : along.widthMm + across.widthMm;
  const pxPerMm = Math.min(
    (width - (stacked ? 24 : GAP_PX + 24)) / widthMm,
    (props.tallestPx ?? 190) / Math.max(along.heightMm, across.heightMm),
  );
  const base = ABOVE_PX + along.heightMm * pxPerMm;
  const lower = ABOVE_PX + across.heightMm * pxPerMm;
  const acrossLeft = stacked ? 12 : 12 + along.widthMm * pxPerMm + GAP_PX;
  const acrossTop = stacked ? base + BELOW_PX + 8 : base - across.heightMm * pxPerMm;
  const height = base + BELOW_PX + (stacked ? lower - ABOVE_PX + BELOW_PX + 8 : 0);
  const words = sayInside(film, minutes, units);
  const atCold = { at: { xMm: 0, zMm: coldest.zMm }, celsius: coldestC };
  return (
    <div ref={box}>
      {width > 0 && (
        <svg
          role="img"
          width={width}
          height={height}
          className="max-w-full"
          aria-label={`The thickest piece cut open. ${words}`}
        >
          <g transform={`translate(12,${ABOVE_PX})`}>
            <SectionPicture
              plane={along}
              celsius={planeAt(along, frames, minutes)}
              pxPerMm={pxPerMm}
              unit={units.temperature}
              lines
              marks={{ coldest: { at: coldest, celsius: coldestC }, probe: film.probe, targetC: props.targetC }}
            />
            <Caption y={along.heightMm * pxPerMm} width={along.widthMm * pxPerMm} text="along, thick end left" />
          </g>
          <g transform={`translate(${acrossLeft},${acrossTop})`}>
            <SectionPicture
              plane={across}
              celsius={planeAt(across, frames, minutes)}
              pxPerMm={pxPerMm}
              unit={units.temperature}
              lines
              marks={{ coldest: atCold, targetC: props.targetC }}
            />
            <Caption y={across.heightMm * pxPerMm} width={across.widthMm * pxPerMm} text="across the thickest place" />
          </g>
        </svg>
      )}
      <p className="pt-1">{words}</p>
      <p className="pt-1 font-semibold">{sayProbe(film, units)}</p>
    </div>
  );
}

function Caption(props: { y: number; width: number; text: string }) {
  return (
    <>
      <line x1={-8} x2={props.width + 8} y1={props.y + 1.5} y2={props.y + 1.5} stroke="var(--ink)" strokeWidth={3} />
      <text x={props.width / 2} y={props.y + 21} textAnchor="middle" className="fill-ink-soft text-[0.95rem]">
        {props.text}
      </text>
    </>
  );
}
