import { type RefObject, useState } from 'react';
import type { Zoom } from '../../drawing/useZoom';
import { Move } from '../../parts/basics';
import { pixelsPerMm, TrueSize } from './TrueSize';
import type { useDrawing } from './useDrawing';

/** What is done to the drawing as a whole: larger and smaller, its true size, back and forth, to the middle. */
export function BoardTools({
  zoom,
  history,
  beside,
  onCentre,
  isCentred,
}: {
  zoom: RefObject<Zoom | null>;
  history: ReturnType<typeof useDrawing>;
  /** The object from the front stands beside the drawing. */
  beside: boolean;
  onCentre: () => void;
  isCentred: boolean;
}) {
  const { undo, redo, canUndo, canRedo } = history;
  const [calibrating, setCalibrating] = useState(false);
  const trueSize = () => {
    const scale = pixelsPerMm();
    if (scale === null) {
      setCalibrating(true);
    } else {
      zoom.current?.toScale(scale);
    }
  };
  return (
    <>
      <div
        className={`pointer-events-none absolute top-8 left-8 flex flex-wrap justify-between gap-1 [&>div]:pointer-events-auto max-xl:[&_button]:px-2 max-xl:[&_kbd]:hidden right-2 ${beside ? 'lg:right-[238px]' : ''}`}
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
          <Move onClick={onCentre} disabled={isCentred} keys="C">
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
    </>
  );
}
