import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, asFile, ask, type On, Problem } from '../../api/client';
import { Move, Trouble } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { useUnits } from '../../parts/units';
import type { Art } from './ArtPanel';
import { TracePicture } from './TracePicture';

/** A way in for a customer's own drawing, or a picture of flat colours that becomes one. */
export function BringDrawing({
  on,
  onBrought,
  children = 'Drawing …',
  printable = false,
  className,
}: {
  on: On;
  onBrought: (art: Art) => void;
  /** Whether a picture may stay one. */
  printable?: boolean;
  children?: string;
  className?: string;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [picture, setPicture] = useState<File | null>(null);
  const empty = () => {
    if (input.current) {
      input.current.value = '';
    }
  };
  const take = async (file: File | undefined) => {
    setTrouble(null);
    if (!file || /^image\/(png|jpeg|webp)$/.test(file.type)) {
      setPicture(file ?? null);
      return;
    }
    setBusy(true);
    try {
      onBrought(
        await ask(
          api.POST('/api/dockets/{number}/art', {
            params: { path: { number: on.docket }, query: { name: file.name } },
            body: file as never,
            ...asFile,
          }),
        ),
      );
    } catch (fault) {
      setTrouble(fault instanceof Problem ? (fault.fields.art ?? fault.message) : 'The file could not be read.');
    } finally {
      setBusy(false);
      empty();
    }
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping is a shortcut for the button within
    <div
      className={className}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        take(event.dataTransfer.files[0]);
      }}
    >
      <input
        ref={input}
        type="file"
        accept=".svg,image/svg+xml,image/png,image/jpeg,image/webp"
        className="sr-only"
        aria-label="A drawing, or a picture of flat colours"
        onChange={(event) => take(event.target.files?.[0])}
      />
      <Move className="w-full" onClick={() => input.current?.click()} disabled={busy}>
        {busy ? 'Reading …' : children}
      </Move>
      {picture && (
        <TracePicture
          file={picture}
          on={on}
          onPrinted={
            printable
              ? (art) => {
                  setPicture(null);
                  empty();
                  onBrought(art);
                }
              : undefined
          }
          onClose={() => {
            setPicture(null);
            empty();
          }}
          onTake={(svg, name) => {
            setPicture(null);
            take(new File([svg], name, { type: 'image/svg+xml' }));
          }}
        />
      )}
      <div className="mt-2 empty:mt-0" aria-live="polite">
        <Trouble says={trouble} />
      </div>
    </div>
  );
}

/** What stands in the place of words: a drawing that is brought, or the shape of the object less so much. */
export function BringArt({ on, onBrought }: { on: On; onBrought: (art: Art) => void }) {
  const { units } = useUnits();
  const [less, setLess] = useState('');
  const back = useMutation<Art, Problem>({
    mutationFn: () =>
      ask(
        api.POST('/api/dockets/{number}/backing', {
          params: { path: { number: on.docket } },
          body: { less, units, item: on.item },
        }),
      ),
    onSuccess: onBrought,
  });
  return (
    <>
      <BringDrawing on={on} onBrought={onBrought} printable>
        Their own drawing or picture …
      </BringDrawing>
      <form
        className="mt-2 grid grid-cols-[1fr_110px] items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          back.mutate();
        }}
      >
        <Move type="submit" disabled={back.isPending}>
          The object’s shape
        </Move>
        <TextField label="less" placeholder="clearance" value={less} onChange={setLess} />
      </form>
      <div className="mt-2" aria-live="polite">
        <Trouble says={back.error?.fields.less ?? back.error?.message ?? null} />
      </div>
    </>
  );
}
