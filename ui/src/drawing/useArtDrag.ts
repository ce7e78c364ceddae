import { type PointerEvent, useRef, useState } from 'react';
import type { Fit, Schemas } from '../api/client';

/** Pixels within which a drag catches. */
const CATCH = 7;

type Guide = Schemas['GuideView'];
export type Caught = { across?: Guide | undefined; down?: Guide | undefined };

/** The guide nearest to where it would lie, where one is near enough. */
const nearest = (guides: Guide[], at: number, near: number) => {
  const [best] = guides
    .filter((guide) => Math.abs(guide.at - at) < near)
    .sort((one, other) => Math.abs(one.at - at) - Math.abs(other.at - at));
  return best;
};

/** Drags a decal on its object; where it is in line with the rest it catches. Nothing where it is not to be moved. */
export function useArtDrag(
  art: Pick<Fit, 'left' | 'top' | 'size' | 'object'>,
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
    const middle = {
      across: [
        { at: (art.object.width.mm - art.size.width.mm) / 2, line: art.object.width.mm / 2, label: 'the middle' },
      ],
      down: [
        { at: (art.object.height.mm - art.size.height.mm) / 2, line: art.object.height.mm / 2, label: 'the middle' },
      ],
    };
    const caught = {
      across: nearest(guides?.across ?? middle.across, art.left.mm + by.x, near),
      down: nearest(guides?.down ?? middle.down, art.top.mm + by.y, near),
    };
    return {
      x: caught.across ? caught.across.at - art.left.mm : by.x,
      y: caught.down ? caught.down.at - art.top.mm : by.y,
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
