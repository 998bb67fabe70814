/** One note of an alarm: from when after its beginning, s, how high, Hz, and how loud, 0 to 1. */
export interface Note {
  atS: number;
  forS: number;
  hertz: number;
  gain: number;
}

/** Two notes, three times: an interval that a fan and a tap do not make. */
const NOTES_HZ = [1175, 880];
const NOTE_S = 0.16;
const PAIRS = 3;
const PAIR_EVERY_S = 0.55;

const QUIETEST = 0.12;
const LOUDEST = 0.9;
const LOUDER_EACH = 1.5;

/** An alarm that nobody touches rings again, louder each time. */
export const RING_EVERY_MS = 12_000;

/** A single soft note, for what only wants to be known. */
export const CHIME: readonly Note[] = [{ atS: 0, forS: 0.35, hertz: 660, gain: 0.1 }];

/** @param times How often it has rung before. */
export function ringNotes(times: number): Note[] {
  const gain = Math.min(LOUDEST, QUIETEST * LOUDER_EACH ** times);
  return Array.from({ length: PAIRS }, (_, pair) =>
    NOTES_HZ.map((hertz, n) => ({ atS: pair * PAIR_EVERY_S + n * NOTE_S * 1.1, forS: NOTE_S, hertz, gain })),
  ).flat();
}

/** Plays them; without clicks at their ends. */
export function play(audio: BaseAudioContext, notes: readonly Note[]) {
  for (const note of notes) {
    const from = audio.currentTime + note.atS;
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.type = 'triangle';
    tone.frequency.value = note.hertz;
    volume.gain.setValueAtTime(0, from);
    volume.gain.linearRampToValueAtTime(note.gain, from + 0.015);
    volume.gain.setValueAtTime(note.gain, from + note.forS - 0.03);
    volume.gain.linearRampToValueAtTime(0, from + note.forS);
    tone.connect(volume).connect(audio.destination);
    tone.start(from);
    tone.stop(from + note.forS);
  }
}
