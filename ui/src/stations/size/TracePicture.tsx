import { useQuery } from '@tanstack/react-query';
import { useEffect, useId, useRef, useState } from 'react';
import { api, asFile, ask, type On, type Problem, type Schemas } from '../../api/client';
import { CALCULATED } from '../../api/keys';
import { NextMove, Trouble } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { Box } from '../../parts/dialog';
import { useSettled } from '../../parts/time';
import { PrintPicture } from './PrintPicture';

type Traced = Schemas['TracedPictureView'];

/** A picture beside the outlines it becomes: how many colours, what is a speck, how round corners may get. */
export function TracePicture({
  file,
  on,
  onClose,
  onTake,
  onPrinted,
}: {
  file: File;
  on: On;
  onClose: () => void;
  onTake: (svg: string, name: string) => void;
  /** Told of a picture that stays one; none where it has to become outlines. */
  onPrinted?: ((art: Schemas['ArtView']) => void) | undefined;
}) {
  const [print, setPrint] = useState(false);
  const [colours, setColours] = useState(0);
  const [specks, setSpecks] = useState(12);
  const [smooth, setSmooth] = useState(100);
  const wanted = useSettled({ colours, specks, smooth }, 200);
  const traced = useQuery<Traced, Problem>({
    queryKey: [CALCULATED, 'trace', file.name, file.size, file.lastModified, wanted],
    queryFn: ({ signal }) =>
      ask(
        api.POST('/api/art/trace', {
          params: {
            query: {
              specks: wanted.specks,
              smooth: wanted.smooth,
              ...(wanted.colours > 0 ? { colours: wanted.colours } : {}),
            },
          },
          body: file as never,
          ...asFile,
          signal,
        }),
      ),
    enabled: !print,
    retry: false,
    placeholderData: (last) => last,
    gcTime: 60_000,
  });
  const drawn = traced.data;
  const name = file.name.replace(/\.[^.]*$/, '');
  return (
    <Box
      open
      onClose={onClose}
      title={print ? 'A picture to be printed' : 'Outlines out of a picture'}
      what={
        print
          ? 'It stays a picture, and is cut round what is on it.'
          : 'Flat artwork becomes a drawing, a film for each colour. The ground is left out.'
      }
      wide
    >
      {onPrinted && (
        <div className="mt-2 w-80">
          <Choice
            label="What becomes of it"
            value={print ? 'print' : 'cut'}
            onChange={(value) => setPrint(value === 'print')}
            options={[
              { value: 'cut', label: 'Cut from film' },
              { value: 'print', label: 'Printed' },
            ]}
          />
        </div>
      )}
      {print && onPrinted ? (
        <>
          <div className="mt-3 w-1/2">
            <Before file={file} />
          </div>
          <PrintPicture on={on} file={file} onBrought={onPrinted} />
        </>
      ) : (
        <>
          <div className="mt-3 grid grid-cols-2 gap-3">
            <figure>
              <figcaption className="label mb-1">Before</figcaption>
              <Before file={file} />
            </figure>
            <figure>
              <figcaption className="label mb-1">
                After
                {drawn && `, ${drawn.layers.length} ${drawn.layers.length === 1 ? 'colour' : 'colours'}`}
              </figcaption>
              <div className="h-72 border border-rule bg-paper" aria-busy={traced.isFetching}>
                {drawn && (
                  <svg
                    className="h-full w-full"
                    viewBox={`0 0 ${drawn.width} ${drawn.height}`}
                    role="img"
                    aria-label={`The outlines, ${drawn.layers.length} colours`}
                  >
                    {drawn.layers.map((layer) => (
                      <path
                        key={layer.colour}
                        d={layer.path}
                        fill={layer.colour}
                        stroke="var(--color-ink)"
                        strokeWidth="1"
                        vectorEffect="non-scaling-stroke"
                      />
                    ))}
                  </svg>
                )}
              </div>
            </figure>
          </div>
          <div className="mt-3 grid grid-cols-3 gap-4">
            <Slider
              label="Colours"
              value={colours}
              most={8}
              says={colours === 0 ? 'as many as there are' : `at most ${colours}`}
              onChange={setColours}
            />
            <Slider
              label="Specks"
              value={specks}
              most={200}
              says={`up to ${specks} pixels dropped`}
              onChange={setSpecks}
            />
            <Slider
              label="Corners"
              value={smooth}
              most={133}
              says={smooth < 40 ? 'kept' : smooth > 115 ? 'rounded' : 'sharp ones kept'}
              onChange={setSmooth}
            />
          </div>
          <div className="mt-3 flex flex-col gap-3" aria-live="polite">
            <Trouble says={traced.error?.fields.art ?? traced.error?.message} />
            <NextMove
              disabled={!drawn || traced.isError || traced.isFetching}
              onClick={() => drawn && onTake(drawn.svg, `${name}.svg`)}
            >
              {traced.isFetching ? 'Tracing …' : 'Take these outlines'}
            </NextMove>
          </div>
        </>
      )}
    </Box>
  );
}

function Slider({
  label,
  value,
  most,
  says,
  onChange,
}: {
  label: string;
  value: number;
  most: number;
  says: string;
  onChange: (value: number) => void;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label flex justify-between">
        <span>{label}</span>
        <span className="text-ink2">{says}</span>
      </label>
      <input
        id={id}
        type="range"
        min="0"
        max={most}
        value={value}
        className="min-h-10 w-full"
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </div>
  );
}

/** The picture itself, drawn here: it is not sent anywhere to be seen. */
function Before({ file }: { file: File }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let gone = false;
    createImageBitmap(file)
      .then((image) => {
        const into = canvas.current;
        if (gone || !into) {
          return;
        }
        const scale = Math.min(1, 800 / Math.max(image.width, image.height));
        into.width = Math.round(image.width * scale);
        into.height = Math.round(image.height * scale);
        into.getContext('2d')?.drawImage(image, 0, 0, into.width, into.height);
      })
      .catch(() => {
        // What cannot be shown is refused with a sentence beside it.
      });
    return () => {
      gone = true;
    };
  }, [file]);
  return (
    <div className="flex h-72 items-center justify-center border border-rule bg-paper">
      <canvas ref={canvas} className="max-h-full max-w-full object-contain" role="img" aria-label={file.name} />
    </div>
  );
}
