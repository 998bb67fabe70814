import { useWidth } from '../ui/useWidth';
import { type OpenFilm, planeAt } from './film';
import { SectionPicture } from './SectionPicture';
import { type SectionUnits, sayLength } from './sectionWords';

const TALLEST_PX = 118;

/** The thickest piece at a minute, small; a tap cuts it open in full. */
export function PieceButton(props: { film: OpenFilm; minutes: number; units: SectionUnits; onOpen: () => void }) {
  const [box, width] = useWidth<HTMLSpanElement>();
  const { along, frames } = props.film;
  const pxPerMm = Math.min((width - 90) / along.widthMm, TALLEST_PX / along.heightMm);
  const height = along.heightMm * pxPerMm;
  const right = along.widthMm * pxPerMm + 8;
  return (
    <button
      type="button"
      aria-expanded={false}
      onClick={props.onOpen}
      className="grid w-full gap-1 rounded-md text-left"
    >
      <span ref={box} className="block">
        {width > 0 && (
          <svg aria-hidden="true" width={width} height={height + 8} className="max-w-full">
            <g transform="translate(4,2)">
              <SectionPicture
                plane={along}
                inside={props.film.inside}
                celsius={planeAt(along, frames, props.minutes)}
                pxPerMm={pxPerMm}
                unit={props.units.temperature}
              />
              <line x1={-4} x2={right} y1={height + 1.5} y2={height + 1.5} stroke="var(--ink)" strokeWidth={3} />
              <g stroke="var(--ink-soft)" strokeWidth={1.5}>
                <line x1={right + 2} x2={right + 2} y1={0} y2={height} />
                <line x1={right - 3} x2={right + 7} y1={0} y2={0} />
                <line x1={right - 3} x2={right + 7} y1={height} y2={height} />
              </g>
              <text x={right + 12} y={height / 2 + 6} className="figures fill-ink font-medium text-[1rem]">
                {sayLength(along.heightMm, props.units.length)}
              </text>
            </g>
          </svg>
        )}
      </span>
      <span className="font-semibold underline decoration-2 underline-offset-4">See inside</span>
    </button>
  );
}
