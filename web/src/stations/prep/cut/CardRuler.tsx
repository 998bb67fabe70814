import { useState } from 'react';
import { Button } from '../../../ui/Button';
import { CARD_HEIGHT_MM, CARD_MM, keepRuler } from './ruler';

/** A rectangle to be stretched until it is as large as a bank card held against the glass. */
export function CardRuler(props: { pxPerMm: number; onKeep: (pxPerMm: number) => void }) {
  const [pxPerMm, setPxPerMm] = useState(props.pxPerMm);
  return (
    <div className="grid gap-3 border-ink border-t-2 pt-3">
      <p>Hold any bank card against the screen and move the slider until the frame is as large as the card.</p>
      <div
        aria-hidden
        className="rounded-xl border-2 border-ink bg-enamel"
        style={{ width: CARD_MM * pxPerMm, height: CARD_HEIGHT_MM * pxPerMm, background: 'var(--enamel)' }}
      />
      <input
        type="range"
        aria-label="Size of the card on this screen"
        aria-valuetext={`${Math.round(CARD_MM * pxPerMm)} pixels wide`}
        min={2}
        max={9}
        step={0.01}
        value={pxPerMm}
        onChange={(event) => setPxPerMm(Number(event.target.value))}
        className="h-11 w-full max-w-lg accent-ink"
      />
      <Button
        look="heat"
        className="justify-self-start"
        onClick={() => {
          keepRuler(localStorage, pxPerMm);
          props.onKeep(pxPerMm);
        }}
      >
        It is as large as the card
      </Button>
    </div>
  );
}
