import { type PointerEvent, useRef } from 'react';
import type { Trace } from '../../api/client';

export type Point = { x: number; y: number };

/** Rings of corners as path data, pixels. */
export const pathOf = (rings: Point[][]) =>
  rings
    .map((ring) => `${ring.map((p, nth) => `${nth === 0 ? 'M' : 'L'}${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('')}Z`)
    .join('');

const NUDGE: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The outline over its photo, its corners to be dragged, or moved by the arrow keys. */
export function PhotoCorners({
  photo: trace,
  rings,
  onChange,
  every = false,
}: {
  photo: Trace;
  rings: Point[][];
  onChange: (rings: Point[][]) => void;
  /** Every corner can be reached by the keyboard, not each fourth only. */
  every?: boolean;
}) {
  const held = useRef<[number, number] | null>(null);
  const size = Math.max(trace.width, trace.height) / (every ? 36 : 90);
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
            tabIndex={every || n % 4 === 0 ? 0 : -1}
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
