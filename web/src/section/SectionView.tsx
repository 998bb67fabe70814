import { useWidth } from '../ui/useWidth';
import { sayDegrees } from '../words/temperatures';
import { frameAt, type OpenFilm, planeAt } from './film';
import { SectionPicture } from './SectionPicture';
import { type SectionUnits, sayInside, sayProbe } from './sectionWords';

const GAP_PX = 44;
const HANDLE_PX = 52;
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
  // A probe from the end needs room for its handle.
  const left = film.probe.entry.xMm < along.leftMm + 4 ? HANDLE_PX : 12;
  const widthMm = stacked ? Math.max(along.widthMm, across.widthMm) : along.widthMm + across.widthMm;
  const pxPerMm = Math.min(
    (width - left - 12 - (stacked ? 0 : GAP_PX)) / widthMm,
    (props.tallestPx ?? 190) / Math.max(along.heightMm, across.heightMm),
  );
  const base = ABOVE_PX + along.heightMm * pxPerMm;
  const lower = ABOVE_PX + across.heightMm * pxPerMm;
  const acrossLeft = stacked ? left : left + along.widthMm * pxPerMm + GAP_PX;
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
          <g transform={`translate(${left},${ABOVE_PX})`}>
            <SectionPicture
              plane={along}
              inside={film.inside}
              celsius={planeAt(along, frames, minutes)}
              pxPerMm={pxPerMm}
              unit={units.temperature}
              lines
              marks={{ coldest: { at: coldest, celsius: coldestC }, probe: film.probe, targetC: props.targetC }}
            />
            <Caption
              y={along.heightMm * pxPerMm}
              width={along.widthMm * pxPerMm}
              text={`thick end left; dotted is ${sayDegrees(props.targetC, units.temperature)}`}
            />
          </g>
          <g transform={`translate(${acrossLeft},${acrossTop})`}>
            <SectionPicture
              plane={across}
              inside={film.inside}
              celsius={planeAt(across, frames, minutes)}
              pxPerMm={pxPerMm}
              unit={units.temperature}
              lines
              marks={{ coldest: atCold, targetC: props.targetC }}
            />
            <Caption y={across.heightMm * pxPerMm} width={across.widthMm * pxPerMm} text="across" />
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
