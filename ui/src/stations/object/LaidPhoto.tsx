import { useMutation } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { type Answers, api, asFile, ask, type Problem, type Schemas, type Trace } from '../../api/client';
import { Move, NextMove, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { type Change, OF_OBJECT } from './answers';
import { PhotoCorners, type Point } from './PhotoCorners';

/** The object as it looks: a photo of it, laid on its measures. */
export function LaidPhoto({ answers, set, says }: { answers: Answers; set: Change; says: string | undefined }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      {answers.photo && <img src={`/api/laid/${answers.photo}`} alt="The object" className="h-10 border border-rule" />}
      <Move onClick={() => setOpen(true)}>{answers.photo ? 'Another photo …' : 'From a photo …'}</Move>
      {answers.photo && <Move onClick={() => set({ photo: '' })}>Without it</Move>}
      {says && <p className="w-full text-sm font-medium text-signal-ink">{says}</p>}
      {open && (
        <LayPhoto
          answers={answers}
          onClose={() => setOpen(false)}
          onLaid={(laid) => {
            set({ photo: laid.photo, colour: laid.colour });
            setOpen(false);
          }}
        />
      )}
    </>
  );
}

const WALLS = ['cylinder', 'taper'];

/** Where the corners are put at first: a tenth in from the edges of the photo. */
const first = ({ width, height }: Trace): Point[] =>
  [
    [0.1, 0.1],
    [0.9, 0.1],
    [0.9, 0.9],
    [0.1, 0.9],
  ].map(([x = 0, y = 0]) => ({ x: x * width, y: y * height }));

/** Four corners put on the object in its photo; the core makes it square, or rolls it out. */
function LayPhoto({
  answers,
  onClose,
  onLaid,
}: {
  answers: Answers;
  onClose: () => void;
  onLaid: (laid: Schemas['LaidPhotoView']) => void;
}) {
  const id = useId();
  const [photo, setPhoto] = useState<Trace | null>(null);
  const [corners, setCorners] = useState<Point[]>([]);
  const take = useMutation<Trace, Problem, File>({
    mutationFn: (file) =>
      ask(api.POST('/api/photos', { params: { query: { picture: true } }, body: file as never, ...asFile })),
    onSuccess: (taken) => {
      setPhoto(taken);
      setCorners(first(taken));
    },
  });
  const lay = useMutation<Schemas['LaidPhotoView'], Problem>({
    mutationFn: () =>
      ask(
        api.POST('/api/photos/{name}/lay', {
          params: { path: { name: photo?.photo ?? '' } },
          body: {
            answers: {
              ...Object.fromEntries(OF_OBJECT.map((name) => [name, answers[name]])),
              object: answers.object,
              units: answers.units,
              photo: '',
            } as Schemas['ObjectAnswers'],
            corners,
          },
        }),
      ),
    onSuccess: onLaid,
  });
  const wrong = Object.values(lay.error?.fields ?? {})[0] ?? lay.error?.message;
  return (
    <Box
      open
      onClose={onClose}
      title="The object as it looks"
      what={
        WALLS.includes(answers.surface)
          ? 'Take it square from the front, as far away as the room allows. The corners go to the ends of its upper and its lower edge as they are seen.'
          : 'Taken from anywhere in front: the corners go to the corners of the object, or of the box round it.'
      }
      wide
    >
      <div className="flex flex-col gap-3">
        <div className="flex items-center gap-4">
          <label htmlFor={id} className="label">
            Photo
          </label>
          <input
            id={id}
            type="file"
            accept="image/jpeg,image/png,image/webp"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) {
                take.mutate(file);
              }
            }}
          />
          {take.isPending && <span role="status">Opening …</span>}
        </div>
        <Trouble says={take.error?.fields.photo ?? take.error?.message} />
        {photo && (
          <>
            <PhotoCorners photo={photo} rings={[corners]} onChange={(rings) => setCorners(rings[0] ?? corners)} every />
            <p className="text-note text-ink2">
              Its colour is taken from the photo: films are held against it. The customer sees the decal on this photo.
            </p>
            <Trouble says={wrong} />
            <div className="flex gap-3">
              <Move tall className="flex-1" onClick={onClose} keys="Esc">
                Leave it
              </Move>
              <NextMove className="flex-1" tall={false} onClick={() => lay.mutate()} disabled={lay.isPending}>
                {lay.isPending ? 'Laying it on …' : 'Lay it on the object'}
              </NextMove>
            </div>
          </>
        )}
      </div>
    </Box>
  );
}
