import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import {
  api,
  ask,
  type DesignBody,
  type Element,
  type Film,
  type Fit,
  type Problem,
  type Schemas,
} from '../../api/client';
import { CALCULATED } from '../../api/keys';
import { artOf } from '../../drawing/art';
import { FrontDrawing } from '../../drawing/FrontDrawing';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import type { Ground } from '../../drawing/pictures';
import { SetDrawing } from '../../drawing/SetDrawing';
import type { Zoom } from '../../drawing/useZoom';
import { Scroll, Trouble } from '../../parts/basics';
import { useUnits } from '../../parts/units';
import { BoardTools } from './BoardTools';
import { along, doubled, type Hand, moved, reordered, WORDS } from './elements';
import type { useDrawing } from './useDrawing';

/** A tick of the tape, 1/16 in, and one of the metric rule. */
const TICK = { imperial: 1.5875, metric: 1 };
const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The drawing board: the object with its decal, or a whole set, and what moves and turns the view. */
export function Board({
  object,
  ground,
  history,
  drawn,
  set,
  setting,
  films,
  swatch,
  before,
  snags,
  problem,
  body,
  hand,
}: {
  object: string;
  ground: Ground | null | undefined;
  history: ReturnType<typeof useDrawing>;
  drawn: Fit | undefined;
  set: Schemas['SetView'] | undefined;
  setting: boolean;
  films: Film[];
  swatch: string;
  /** The art before it was mended, to be seen over it. */
  before: string | undefined;
  snags: Schemas['SnagGroupView'][];
  problem: Problem | null;
  /** What is drawn, as it is asked for. */
  body: DesignBody;
  hand: Hand;
}) {
  const { units } = useUnits();
  const { drawing, change, undo, redo } = history;
  const zoom = useRef<Zoom>(null);
  const moveWords = (dx: number, dy: number) =>
    drawn &&
    change({ left: `${(drawn.place.left.mm + dx).toFixed(3)}mm`, top: `${(drawn.place.top.mm + dy).toFixed(3)}mm` });
  const laid = drawn?.film.elements.find((one) => one.nth === hand.nth);
  const moveElement = (dx: number, dy: number) =>
    laid && change((now) => ({ elements: moved(now.elements, drawn?.film.elements ?? [], laid.nth, dx, dy) }));
  const move = laid ? moveElement : moveWords;
  const setHeld = (part: Partial<Element>) =>
    change((now) => ({ elements: now.elements.map((one, nth) => (nth === hand.nth ? { ...one, ...part } : one)) }));
  const centre = () => (laid ? setHeld({ left: '', top: '' }) : change({ left: '', top: '' }));
  const [pointed, setPointed] = useState(false);
  const guides = useQuery({
    queryKey: [CALCULATED, 'guides', body, hand.nth],
    queryFn: ({ signal }) => ask(api.POST('/api/guides', { body: { ...body, element: hand.nth }, signal })),
    enabled: pointed && drawn !== undefined,
    retry: false,
  }).data;
  const order = (by: 1 | -1) => {
    if (hand.nth !== null) {
      const next = reordered(drawing.elements, hand.nth, by);
      change({ elements: next.elements });
      hand.take(next.nth);
    }
  };
  /** The next of them, the words after the last. */
  const another = (by: 1 | -1) => {
    const count = drawing.elements.length + 1;
    const next = ((hand.nth ?? WORDS) + 1 + by + count) % count;
    hand.take(next === 0 ? null : next - 1);
  };
  const keys: Record<string, (shift: boolean) => void> = {
    c: centre,
    '+': () => zoom.current?.larger(),
    '=': () => zoom.current?.larger(),
    '-': () => zoom.current?.smaller(),
    '0': () => zoom.current?.whole(),
    e: (shift) => another(shift ? -1 : 1),
    x: () => hand.pick(hand.nth ?? WORDS),
    d: () => {
      if (hand.nth !== null) {
        change({ elements: doubled(drawing.elements, drawn?.film.elements ?? [], hand.nth) });
        hand.take(drawing.elements.length);
      }
    },
    delete: () => {
      if (hand.nth !== null) {
        change({ elements: drawing.elements.filter((_, nth) => nth !== hand.nth) });
        hand.take(null);
      }
    },
    pageup: () => order(1),
    pagedown: () => order(-1),
  };

  if (set || setting) {
    return (
      <Scroll label="The set, all at one scale" className="min-h-0 flex-1 bg-ground">
        {problem && <Trouble says={problem.message} />}
        {set ? (
          <SetDrawing ground={ground} set={set} swatch={swatch} films={films} />
        ) : (
          <p role="status" className="p-6 text-ink2">
            Setting the names …
          </p>
        )}
      </Scroll>
    );
  }
  return (
    <div
      role="application"
      className={`relative grid min-h-0 flex-1 ${drawn?.surface.front ? 'max-lg:grid-rows-[1fr_220px] lg:grid-cols-[1fr_230px]' : 'grid-cols-1'}`}
      aria-label="Drawing. Arrow keys move what is in hand by a tick, with Shift by ten; C centres it; E takes the next element in hand; plus, minus and 0 zoom."
      onPointerEnter={() => setPointed(true)}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: arrow keys move the decal while the drawing has the focus
      tabIndex={0}
      onKeyDown={(event) => {
        const way = WAYS[event.key];
        if (way) {
          event.preventDefault();
          if (event.altKey) {
            zoom.current?.pan(-40 * way[0], -40 * way[1]);
            return;
          }
          const by = TICK[units] * (event.shiftKey ? 10 : 1);
          move(way[0] * by, way[1] * by);
        } else if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey)) {
          event.preventDefault();
          event.shiftKey ? redo() : undo();
        } else if (event.key.toLowerCase() === 'y' && (event.ctrlKey || event.metaKey)) {
          event.preventDefault();
          redo();
        } else if (!event.ctrlKey && !event.metaKey) {
          const act = keys[event.key.toLowerCase()];
          if (act) {
            event.preventDefault();
            act(event.shiftKey);
          }
        }
      }}
    >
      {drawn ? (
        <>
          <ObjectDrawing
            art={artOf(drawn)}
            swatch={swatch}
            before={before}
            films={films}
            snags={snags}
            onMove={moveWords}
            ground={ground}
            elements={drawn.film.elements}
            inHand={laid ? hand.nth : null}
            onChoose={(nth, more) => (more ? hand.pick(nth ?? WORDS) : hand.take(nth))}
            onMoveElement={moveElement}
            along={along(drawing.elements, hand.nth)}
            guides={guides}
            zoom={zoom}
            label={`${drawing.words || 'What is drawn'} on ${object}, to scale`}
          />
          {drawn.surface.front && (
            <div className="min-w-0 border-rule max-lg:border-t lg:border-l">
              <FrontDrawing fit={drawn} swatch={swatch} films={films} colour={ground?.colour} />
            </div>
          )}
        </>
      ) : (
        <div className="h-full bg-paper p-10 pt-24">
          {problem ? <Trouble says={problem.message} /> : <p role="status">Drawing …</p>}
        </div>
      )}
      <BoardTools
        zoom={zoom}
        history={history}
        beside={drawn?.surface.front != null}
        onCentre={centre}
        isCentred={
          laid
            ? drawing.elements[laid.nth]?.left === '' && drawing.elements[laid.nth]?.top === ''
            : drawing.left === '' && drawing.top === ''
        }
      />
    </div>
  );
}
