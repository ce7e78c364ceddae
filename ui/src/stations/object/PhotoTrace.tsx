import { useMutation } from '@tanstack/react-query';
import { type PointerEvent, useEffect, useId, useRef, useState } from 'react';
import { api, asFile, ask, type Problem, type Trace } from '../../api/client';
import { Caution, Move, NextMove, Trouble } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { useSettled } from '../../parts/time';

type Point = { x: number; y: number };

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

const pathOf = (rings: Point[][]) =>
  rings
    .map((ring) => `${ring.map((p, nth) => `${nth === 0 ? 'M' : 'L'}${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('')}Z`)
    .join('');

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
            <Corrected trace={trace} rings={rings} onChange={setRings} />
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

const NUDGE: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The outline over its photo, its corners to be dragged, or moved by the arrow keys. */
function Corrected({
  trace,
  rings,
  onChange,
}: {
  trace: Trace;
  rings: Point[][];
  onChange: (rings: Point[][]) => void;
}) {
  const held = useRef<[number, number] | null>(null);
  const size = Math.max(trace.width, trace.height) / 90;
  const at = (event: PointerEvent<SVGSVGElement>): Point => {
    const box = event.currentTarget.getBoundingClientRect();
    const scale = Math.min(box.width / trace.width, box.height / trace.height);
    return {
      x: (event.clientX - box.left - (box.width - trace.width * scale) / 2) / scale,
      y: (event.clientY - box.top - (box.height - trace.height * scale) / 2) / scale,
    };
  };
  const put = (ring: number, nth: number, point: Point) =>
    onChange(rings.map((one, r) => (r === ring ? one.map((old, n) => (n === nth ? point : old)) : one)));
  return (
    <svg
      viewBox={`0 0 ${trace.width} ${trace.height}`}
      className="h-[380px] w-full touch-none border border-rule bg-shade"
      role="img"
      aria-label="The outline over the photo; its corners can be dragged"
      onPointerMove={(event) => held.current && put(...held.current, at(event))}
      onPointerUp={() => {
        held.current = null;
      }}
      onPointerCancel={() => {
        held.current = null;
      }}
    >
      {trace.photo && <image href={`/api/photos/${trace.photo}`} width={trace.width} height={trace.height} />}
      <path
        d={pathOf(rings)}
        fill="#d23c0c22"
        stroke="var(--color-paper)"
        strokeWidth="5"
        vectorEffect="non-scaling-stroke"
      />
      <path d={pathOf(rings)} fill="none" stroke="var(--color-ink)" strokeWidth="2" vectorEffect="non-scaling-stroke" />
      {rings.map((ring, r) =>
        ring.map((point, n) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: a handle of the drawing, moved by pointer or arrow keys
          <rect
            // biome-ignore lint/suspicious/noArrayIndexKey: corners are named by their place
            key={`${r}-${n}`}
            x={point.x - size / 2}
            y={point.y - size / 2}
            width={size}
            height={size}
            fill="var(--color-paper)"
            stroke="var(--color-ink)"
            vectorEffect="non-scaling-stroke"
            className="cursor-move"
            tabIndex={n % 4 === 0 ? 0 : -1}
            aria-label={`Corner ${n + 1}`}
            onPointerDown={(event) => {
              event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
              held.current = [r, n];
            }}
            onKeyDown={(event) => {
              const way = NUDGE[event.key];
              if (way) {
                event.preventDefault();
                put(r, n, { x: point.x + way[0], y: point.y + way[1] });
              }
            }}
          />
        )),
      )}
    </svg>
  );
}
