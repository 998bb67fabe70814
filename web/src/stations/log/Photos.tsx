import { Camera, Trash2 } from 'lucide-react';
import { useRef } from 'react';
import type { AtTableView } from '../../api/types';
import { useKeepPhoto, useRemovePhoto } from '../../kitchen/log';
import { Button } from '../../ui/Button';
import { IconButton } from '../../ui/IconButton';
import { Refusal } from '../../ui/Refusal';

/** Pictures of the evening. They are written anew at the server: without where they were taken. */
export function Photos({ bake, photos }: { bake: string; photos: AtTableView['photos'] }) {
  const keep = useKeepPhoto(bake);
  const remove = useRemovePhoto(bake);
  const box = useRef<HTMLInputElement>(null);
  return (
    <section aria-label="Photos" className="grid gap-2">
      {photos.length > 0 && (
        <ul className="flex flex-wrap gap-3">
          {photos.map((photo, at) => (
            <li key={photo.id} className="relative">
              <img
                src={`/api/bakes/${bake}/photos/${photo.id}`}
                alt={`${at + 1} of the evening`}
                className="h-44 rounded-md"
              />
              <span className="absolute top-1 right-1 rounded-md bg-paper">
                <IconButton name={`Throw photo ${at + 1} away`} onClick={() => remove.mutate(photo.id)}>
                  <Trash2 aria-hidden className="size-5" />
                </IconButton>
              </span>
            </li>
          ))}
        </ul>
      )}
      <input
        ref={box}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-label="A photo of the evening"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) keep.mutate(file);
          event.target.value = '';
        }}
      />
      <Button className="justify-self-start" busy={keep.isPending} onClick={() => box.current?.click()}>
        <Camera aria-hidden className="size-5" />
        {keep.isPending ? 'Keeping it…' : 'Add a photo'}
      </Button>
      <Refusal error={keep.error ?? remove.error} />
    </section>
  );
}
