import { type ReactNode, useEffect, useRef, useState } from 'react';

/** A drawing area that knows its size in pixels, so that type and ticks keep theirs whatever the scale. Its element contains its size: what is drawn never holds it open when the window becomes narrower. */
export function useRoom() {
  const ref = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const element = ref.current;
    if (!element) {
      return;
    }
    const watch = new ResizeObserver(([entry]) => {
      if (entry) {
        setRoom({ width: Math.floor(entry.contentRect.width), height: Math.floor(entry.contentRect.height) });
      }
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return { ref, ...room };
}

export type View = { scale: number; x: number; y: number };

/** The largest scale at which a thing of so many mm sits in a frame of so many pixels, and where. */
export function fitView(
  room: { width: number; height: number },
  thing: { width: number; height: number },
  margin: { left: number; top: number; right: number; bottom: number },
): View {
  const width = Math.max(1, room.width - margin.left - margin.right);
  const height = Math.max(1, room.height - margin.top - margin.bottom);
  const scale = Math.min(width / thing.width, height / thing.height);
  return {
    scale,
    x: margin.left + (width - thing.width * scale) / 2,
    y: margin.top + (height - thing.height * scale) / 2,
  };
}

/** Millimetres drawn at a view's scale; lines keep their width. */
export function AtScale({ view, children }: { view: View; children: ReactNode }) {
  return <g transform={`translate(${view.x} ${view.y}) scale(${view.scale})`}>{children}</g>;
}
