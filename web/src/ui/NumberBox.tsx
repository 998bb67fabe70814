import { useEffect, useRef, useState } from 'react';
import { parseNumber, sayNumber } from '../words/numbers';
import { Field } from './Field';
import { TextBox } from './TextBox';

const PAUSE_MS = 400;

/**
 * A number that is saved a moment after it was typed. What is typed stays until the stored number becomes another one;
 * null is sent for text that is no number, and the server says what to write.
 */
export function NumberBox(props: {
  label: string;
  hint?: string | undefined;
  error?: string | undefined;
  value: number | null;
  onNumber: (value: number | null) => void;
  /** What a text means; null for what is no number. */
  parse?: (text: string) => number | null;
}) {
  const parse = props.parse ?? parseNumber;
  const [text, setText] = useState(props.value === null ? '' : sayNumber(props.value));
  const stored = useRef(props.value);
  const read = useRef(parse);
  read.current = parse;
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    if (props.value !== stored.current) {
      stored.current = props.value;
      setText((now) => (read.current(now) === props.value ? now : props.value === null ? '' : sayNumber(props.value)));
    }
  }, [props.value]);
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <Field label={props.label} hint={props.hint} error={props.error}>
      {(ids) => (
        <TextBox
          ids={ids}
          value={text}
          inputMode="decimal"
          className="figures"
          onText={(typed) => {
            setText(typed);
            clearTimeout(timer.current);
            timer.current = setTimeout(() => props.onNumber(parse(typed)), PAUSE_MS);
          }}
        />
      )}
    </Field>
  );
}
