import { type PointerEvent, useRef, useState } from 'react';
import type { Fit, Schemas } from '../api/client';

/** Pixels within which a drag catches. */
const CATCH = 7;

type Guide = Schemas['GuideView'];
export type Caught = { across?: Guide | undefined; down?: Guide | undefined };

/** The guide nearest to where it would lie, where one is near enough. */
const nearest = (guides: Guide[], at: number, near: number) => {
  const [best] = guides
    .filter((guide) => Math.abs(guide.at.mm - at) < near)
    .sort((one, other) => Math.abs(one.at.mm - at) - Math.abs(other.at.mm - at));
  return best;
};

/** Drags a decal on its object; where it is in line with the rest it catches. Nothing where it is not to be moved. */
export function useArtDrag(
  art: Pick<Fit['place'], 'left' | 'top'>,
  scale: number,
  onMove?: (dx: number, dy: number) => void,
  guides?: Schemas['GuidesView'],
) {
  const [drag, setDrag] = useState<{ x: number; y: number; caught: Caught } | null>(null);
  const start = useRef<{ x: number; y: number } | null>(null);

  const moved = (event: PointerEvent) => {
    if (!start.current) {
      return null;
    }
    const by = { x: (event.clientX - start.current.x) / scale, y: (event.clientY - start.current.y) / scale };
    const near = CATCH / scale;
    const caught = {
      across: nearest(guides?.across ?? [], art.left.mm + by.x, near),
      down: nearest(guides?.down ?? [], art.top.mm + by.y, near),
    };
    return {
      x: caught.across ? caught.across.at.mm - art.left.mm : by.x,
      y: caught.down ? caught.down.at.mm - art.top.mm : by.y,
      caught,
    };
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
