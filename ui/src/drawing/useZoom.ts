import { type PointerEvent, type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import type { View } from './scale';

const LEAST = 0.5;
const MOST = 40;
const STEP = 1.25;

type Change = { zoom: number; x: number; y: number };
const WHOLE: Change = { zoom: 1, x: 0, y: 0 };

/** Larger and smaller about a point, and moved: by wheel, by two fingers, by dragging the ground, by keys. */
export function useZoom(ref: RefObject<HTMLElement | null>, fitted: View, on: boolean) {
  const [change, setChange] = useState<Change>(WHOLE);
  const fingers = useRef(new Map<number, { x: number; y: number }>());

  const about = useCallback((factor: number, at: { x: number; y: number }) => {
    setChange((old) => {
      const zoom = Math.min(MOST, Math.max(LEAST, old.zoom * factor));
      const by = zoom / old.zoom;
      return { zoom, x: at.x + (old.x - at.x) * by, y: at.y + (old.y - at.y) * by };
    });
  }, []);

  useEffect(() => {
    const element = ref.current;
    if (!element || !on) {
      return;
    }
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = element.getBoundingClientRect();
      about(event.deltaY < 0 ? STEP : 1 / STEP, { x: event.clientX - box.left, y: event.clientY - box.top });
    };
    element.addEventListener('wheel', wheel, { passive: false });
    return () => element.removeEventListener('wheel', wheel);
  }, [ref, on, about]);

  const middle = () => {
    const box = ref.current?.getBoundingClientRect();
    return { x: (box?.width ?? 0) / 2, y: (box?.height ?? 0) / 2 };
  };
  const view: View = {
    scale: fitted.scale * change.zoom,
    x: fitted.x * change.zoom + change.x,
    y: fitted.y * change.zoom + change.y,
  };

  return {
    view,
    larger: () => about(STEP, middle()),
    smaller: () => about(1 / STEP, middle()),
    whole: () => setChange(WHOLE),
    /** So many pixels to the millimetre, about the middle of the window. */
    toScale: (scale: number) => about(scale / view.scale, middle()),
    pan: (dx: number, dy: number) => setChange((old) => ({ ...old, x: old.x + dx, y: old.y + dy })),
    ground: {
      onPointerDown: (event: PointerEvent<Element>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
      },
      onPointerMove: (event: PointerEvent<Element>) => {
        const before = fingers.current.get(event.pointerId);
        if (!before) {
          return;
        }
        const now = { x: event.clientX, y: event.clientY };
        const other = [...fingers.current].find(([id]) => id !== event.pointerId)?.[1];
        fingers.current.set(event.pointerId, now);
        if (other) {
          const box = ref.current?.getBoundingClientRect();
          const apart = (p: { x: number; y: number }) => Math.max(10, Math.hypot(p.x - other.x, p.y - other.y));
          about(apart(now) / apart(before), {
            x: (now.x + other.x) / 2 - (box?.left ?? 0),
            y: (now.y + other.y) / 2 - (box?.top ?? 0),
          });
        } else {
          setChange((old) => ({ ...old, x: old.x + now.x - before.x, y: old.y + now.y - before.y }));
        }
      },
      onPointerUp: (event: PointerEvent<Element>) => fingers.current.delete(event.pointerId),
      onPointerCancel: (event: PointerEvent<Element>) => fingers.current.delete(event.pointerId),
    },
  };
}

export type Zoom = ReturnType<typeof useZoom>;
