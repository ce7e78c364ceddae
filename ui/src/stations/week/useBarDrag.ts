import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { type Axis, after, type Entry, type Run } from './axis';
import { HAND, HEAD, type Moved, minutesOf, NAMES, nameOf, type Put, type Week } from './boardParts';

/** What moves a bar: the pointer, or the arrow keys with Enter; Escape leaves it where it was. */
export function useHand(
  week: Week,
  axis: Axis,
  svg: React.RefObject<SVGSVGElement | null>,
  onChoose: (entry: Entry) => void,
  onPut: (puts: Put[]) => void,
) {
  const [moved, setMoved] = useState<Moved | null>(null);
  const held = useRef<{ run: Run; off: number; x: number; far: boolean } | null>(null);
  const at = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    return { x: event.clientX - (box?.left ?? 0) - NAMES, y: event.clientY - (box?.top ?? 0) };
  };
  const rowAt = (y: number) =>
    week.hands[Math.min(week.hands.length - 1, Math.max(0, Math.floor((y - HEAD) / HAND)))]?.id ?? 0;
  const later = (run: Run, steps: number, rows: number) => {
    const now = moved && nameOf(moved.run) === nameOf(run) ? moved : { run, hand: run.hand, from: run.from };
    const row = week.hands.findIndex((one) => one.id === now.hand) + rows;
    const perMinute = axis.dayWidth / (axis.closes - axis.opens);
    const from =
      steps === 0 ? now.from : axis.moment(axis.x(now.from) + steps * 15 * perMinute + 0.01, minutesOf(run), run.from);
    const who = week.hands[Math.min(week.hands.length - 1, Math.max(0, row))];
    if (from && who) {
      setMoved({ run, hand: who.id, from });
    }
  };
  const put = ({ run, hand, from }: Moved) => {
    // What one does without a gap stays so.
    onPut(
      run.entries.map((entry) => ({
        entry,
        hand,
        from: after(from, (Date.parse(entry.from) - Date.parse(run.from)) / 60_000),
      })),
    );
    setMoved(null);
  };
  const first = (run: Run) => run.entries[0] && onChoose(run.entries[0]);
  const of = (run: Run) => ({
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      const { x } = at(event);
      held.current = { run, off: x - axis.x(run.from), x, far: false };
      first(run);
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      const one = held.current;
      if (!one) {
        return;
      }
      const { x, y } = at(event);
      one.far = one.far || Math.abs(x - one.x) > 4 || rowAt(y) !== run.hand;
      const from = axis.moment(x - one.off, minutesOf(run), run.from);
      if (one.far && from) {
        setMoved({ run, hand: rowAt(y), from });
      }
    },
    onPointerUp: () => {
      held.current = null;
      if (moved) {
        put(moved);
      }
    },
    onPointerCancel: () => {
      held.current = null;
      setMoved(null);
    },
    onFocus: () => first(run),
    onKeyDown: (event: KeyboardEvent) => {
      const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      if (way) {
        event.preventDefault();
        later(run, way[0] ?? 0, way[1] ?? 0);
      } else if (event.key === 'Enter' && moved) {
        event.preventDefault();
        put(moved);
      } else if (event.key === 'Escape') {
        setMoved(null);
      }
    },
  });
  return { moved, of };
}
