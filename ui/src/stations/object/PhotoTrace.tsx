import { useMutation } from '@tanstack/react-query';
import { useEffect, useId, useRef, useState } from 'react';
import { api, asFile, ask, type Problem, type Trace } from '../../api/client';
import { Caution, Move, NextMove, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { useSettled } from '../../parts/time';
import { PhotoCorners, type Point, pathOf } from './PhotoCorners';

/** The corners of a path that has only straight lines, ring by ring. */
function pointsOf(path: string): Point[][] {
  return path
    .split('M')
    .filter(Boolean)
    .map((ring) =>
      ring
        .replace(/Z/g, '')
        .split('L')
        .map((pair) => {
          const [x = 0, y = 0] = pair.trim().split(/[ ,]+/).map(Number);
          return { x, y };
        }),
    );
}

/** An outline out of a photo: traced by the core, put right by hand where it is not. */
export function PhotoTrace({
  onClose,
  onTraced,
}: {
  onClose: () => void;
  onTraced: (outline: string, photo: string) => void;
}) {
  const id = useId();
  const [trace, setTrace] = useState<Trace | null>(null);
  const [rings, setRings] = useState<Point[][]>([]);
  const [threshold, setThreshold] = useState<number | null>(null);
  const settled = useSettled(threshold, 150);
  const took = (traced: Trace) => {
    setTrace(traced);
    setRings(pointsOf(traced.path));
  };
  const take = useMutation<Trace, Problem, File>({
    mutationFn: (file) => ask(api.POST('/api/photos', { body: file as never, ...asFile })),
    onSuccess: (traced) => {
      took(traced);
      setThreshold(null);
    },
  });
  const again = useMutation<Trace, Problem, { name: string; threshold: number }>({
    mutationFn: ({ name, threshold: at }) =>
      ask(api.POST('/api/photos/{name}', { params: { path: { name } }, body: { threshold: at } })),
    onSuccess: took,
  });
  const retrace = useRef(again.mutate);
  retrace.current = again.mutate;
  const photo = trace?.photo;
  useEffect(() => {
    if (settled !== null && photo) {
      retrace.current({ name: photo, threshold: settled });
    }
  }, [settled, photo]);

  return (
    <Box
      open
      onClose={onClose}
      title="Outline from a photo or a drawing"
      what="Lay the object on a plain ground of another colour, in even light, with ground all round it, and take the photo from straight above. JPEG, PNG or WebP; or an SVG drawing."
      wide
    >
      <div className="flex flex-col gap-3">
        <div className="flex items-center gap-4">
          <label htmlFor={id} className="label">
            Photo or SVG
          </label>
          <input
            id={id}
            type="file"
            accept="image/jpeg,image/png,image/webp,image/svg+xml,.svg"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) {
                take.mutate(file);
              }
            }}
          />
          {take.isPending && <span role="status">Tracing …</span>}
        </div>
        <Trouble says={take.error?.fields.photo ?? take.error?.message} />
        {trace && (
          <>
            <PhotoCorners photo={trace} rings={rings} onChange={setRings} />
            {trace.photo && (
              <label className="flex items-center gap-3">
                <span className="label">Where the object begins</span>
                <input
                  type="range"
                  min={1}
                  max={200}
                  className="flex-1"
                  value={threshold ?? trace.threshold}
                  onChange={(event) => setThreshold(Number(event.target.value))}
                />
                <span className="w-10 text-right">{threshold ?? trace.threshold}</span>
              </label>
            )}
            <Trouble says={again.error?.fields.threshold ?? again.error?.message} />
            {trace.doubts.map((doubt) => (
              <Caution key={doubt}>{doubt}</Caution>
            ))}
            <div className="flex gap-3">
              <Move tall className="flex-1" onClick={onClose} keys="Esc">
                Leave it
              </Move>
              <NextMove className="flex-1" tall={false} onClick={() => onTraced(pathOf(rings), trace.photo)}>
                Take this outline
              </NextMove>
            </div>
          </>
        )}
      </div>
    </Box>
  );
}
