import { useEffect, useState } from 'react';
import type { FieldIds } from '../../ui/Field';
import { TextBox } from '../../ui/TextBox';

/** A text that counts once the cook is done with it. */
export function Typed(props: {
  ids: FieldIds;
  value: string;
  sign?: string | undefined;
  placeholder?: string;
  onSaid: (text: string) => void;
}) {
  const [text, setText] = useState(props.value);
  useEffect(() => setText(props.value), [props.value]);
  return (
    <div className="relative">
      <TextBox
        ids={props.ids}
        value={text}
        onText={setText}
        placeholder={props.placeholder}
        onBlur={() => text !== props.value && props.onSaid(text)}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        className="placeholder:text-ink-soft"
      />
      {props.sign && (
        <span
          aria-hidden
          className="pointer-events-none absolute top-0 right-3 grid h-11 place-items-center text-ink-soft"
        >
          {props.sign}
        </span>
      )}
    </div>
  );
}
