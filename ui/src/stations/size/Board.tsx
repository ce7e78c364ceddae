import { useRef, useState } from 'react';
import type { Film, Fit, Problem, Schemas } from '../../api/client';
import { FrontDrawing } from '../../drawing/FrontDrawing';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import { SetDrawing } from '../../drawing/SetDrawing';
import type { Zoom } from '../../drawing/useZoom';
import { Move, Scroll, Trouble } from '../../parts/basics';
import { useUnits } from '../../parts/units';
import { pixelsPerMm, TrueSize } from './TrueSize';
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
  inHand,
  onChoose,
}: {
  object: string;
  ground: string | null | undefined;
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
  /** Which element is in hand; the words where none is. */
  inHand: number | null;
  onChoose: (nth: number | null) => void;
}) {
  const { units } = useUnits();
  const { drawing, change, undo, redo, canUndo, canRedo } = history;
  const zoom = useRef<Zoom>(null);
  const [calibrating, setCalibrating] = useState(false);
  const moveWords = (dx: number, dy: number) =>
    drawn && change({ left: `${(drawn.left.mm + dx).toFixed(3)}mm`, top: `${(drawn.top.mm + dy).toFixed(3)}mm` });
  const laid = drawn?.elements.find((one) => one.nth === inHand);
  const put = (left: string, top: string) =>
    change((now) => ({ elements: now.elements.map((one, nth) => (nth === inHand ? { ...one, left, top } : one)) }));
  const moveElement = (dx: number, dy: number) =>
    laid && put(`${(laid.left.mm + dx).toFixed(3)}mm`, `${(laid.top.mm + dy).toFixed(3)}mm`);
  const moved = laid ? moveElement : moveWords;
  const centre = () => (laid ? put('', '') : change({ left: '', top: '' }));
  const trueSize = () => {
    const scale = pixelsPerMm();
    if (scale === null) {
      setCalibrating(true);
    } else {
      zoom.current?.toScale(scale);
    }
  };
  const keys: Record<string, () => void> = {
    c: centre,
    '+': () => zoom.current?.larger(),
    '=': () => zoom.current?.larger(),
    '-': () => zoom.current?.smaller(),
    '0': () => zoom.current?.whole(),
  };

  if (set || setting) {
    return (
      <Scroll label="The set, all at one scale" className="min-h-0 flex-1 bg-ground">
        {problem && <Trouble says={problem.message} />}
        {set ? (
          <SetDrawing set={set} swatch={swatch} films={films} />
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
      className={`relative grid min-h-0 flex-1 ${drawn?.front ? 'grid-cols-[1fr_230px]' : 'grid-cols-1'}`}
      aria-label="Drawing. Arrow keys move the decal by a tick, with Shift by ten; C centres it; plus, minus and 0 zoom."
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
          moved(way[0] * by, way[1] * by);
        } else if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey)) {
          event.preventDefault();
          event.shiftKey ? redo() : undo();
        } else if (event.key.toLowerCase() === 'y' && (event.ctrlKey || event.metaKey)) {
          event.preventDefault();
          redo();
        } else if (!event.ctrlKey && !event.metaKey) {
          keys[event.key]?.();
        }
      }}
    >
      {drawn ? (
        <>
          <ObjectDrawing
            art={drawn}
            swatch={swatch}
            before={before}
            films={films}
            snags={snags}
            onMove={moveWords}
            ground={ground}
            elements={drawn.elements}
            inHand={laid ? inHand : null}
            onChoose={onChoose}
            onMoveElement={moveElement}
            zoom={zoom}
            label={`${drawing.words} on ${object}, to scale`}
          />
          {drawn.front && (
            <div className="min-w-0 border-l border-rule">
              <FrontDrawing fit={drawn} swatch={swatch} films={films} />
            </div>
          )}
        </>
      ) : (
        <div className="h-full bg-paper p-10">
          {problem ? <Trouble says={problem.message} /> : <p role="status">Drawing …</p>}
        </div>
      )}
      <div
        className={`pointer-events-none absolute top-8 left-8 flex flex-wrap justify-between gap-1 [&>div]:pointer-events-auto max-xl:[&_button]:px-2 max-xl:[&_kbd]:hidden ${drawn?.front ? 'right-[238px]' : 'right-2'}`}
      >
        <div className="flex gap-1">
          <Move onClick={() => zoom.current?.smaller()} aria-label="Smaller" title="Key −">
            −
          </Move>
          <Move onClick={() => zoom.current?.larger()} aria-label="Larger" title="Key +">
            +
          </Move>
          <Move onClick={() => zoom.current?.whole()} title="Key 0">
            Whole
          </Move>
          <Move onClick={trueSize} title="As large as it is; held against a bank card once">
            1:1
          </Move>
          {pixelsPerMm() !== null && (
            <Move onClick={() => setCalibrating(true)} aria-label="Hold a card against the screen again">
              …
            </Move>
          )}
        </div>
        <div className="flex gap-1">
          <Move onClick={undo} disabled={!canUndo} aria-label="Undo">
            Undo
          </Move>
          <Move onClick={redo} disabled={!canRedo} aria-label="Redo">
            Redo
          </Move>
          <Move
            onClick={centre}
            disabled={
              laid
                ? drawing.elements[laid.nth]?.left === '' && drawing.elements[laid.nth]?.top === ''
                : drawing.left === '' && drawing.top === ''
            }
            keys="C"
          >
            Middle
          </Move>
        </div>
      </div>
      {calibrating && (
        <TrueSize
          onClose={() => setCalibrating(false)}
          onSet={(scale) => {
            setCalibrating(false);
            zoom.current?.toScale(scale);
          }}
        />
      )}
    </div>
  );
}
