import { type PointerEvent, useRef, useState } from 'react';
import type { Fit } from '../api/client';

/** Pixels within which a drag catches the object's middle. */
const CATCH = 7;

/** Drags a decal on its object; near the middle it catches. Nothing where it is not to be moved. */
export function useArtDrag(
  art: Pick<Fit, 'left' | 'top' | 'size' | 'object'>,
  scale: number,
  onMove?: (dx: number, dy: number) => void,
) {
  const [drag, setDrag] = useState<{ x: number; y: number } | null>(null);
  const start = useRef<{ x: number; y: number } | null>(null);

  const moved = (event: PointerEvent) => {
    if (!start.current) {
      return null;
    }
    const by = { x: (event.clientX - start.current.x) / scale, y: (event.clientY - start.current.y) / scale };
    const off = {
      x: art.object.width.mm / 2 - (art.left.mm + art.size.width.mm / 2),
      y: art.object.height.mm / 2 - (art.top.mm + art.size.height.mm / 2),
    };
    const near = CATCH / scale;
    return { x: Math.abs(by.x - off.x) < near ? off.x : by.x, y: Math.abs(by.y - off.y) < near ? off.y : by.y };
  };

  const hand = onMove && {
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      start.current = { x: event.clientX, y: event.clientY };
    },
    onPointerMove: (event: PointerEvent) => start.current && setDrag(moved(event)),
    onPointerUp: (event: PointerEvent) => {
      const by = moved(event);
      start.current = null;
      setDrag(null);
      if (by && Math.hypot(by.x, by.y) * scale > 2) {
        onMove(by.x, by.y);
      }
    },
    // A palm on the glass ends a touch: the decal stays where it was.
    onPointerCancel: () => {
      start.current = null;
      setDrag(null);
    },
  };
  return { drag, hand };
}
