import { Upload } from 'lucide-react';
import { type ReactNode, useRef } from 'react';
import { Button } from './Button';

/** A button behind which a file is chosen. */
export function FileButton(props: {
  label: string;
  accept: string;
  children: ReactNode;
  onFile: (file: File) => void;
}) {
  const box = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={box}
        type="file"
        accept={props.accept}
        aria-label={props.label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) props.onFile(file);
          event.target.value = '';
        }}
      />
      <Button onClick={() => box.current?.click()}>
        <Upload aria-hidden className="size-5" />
        {props.children}
      </Button>
    </>
  );
}
