import { useState } from 'react';
import { NextMove } from '../../parts/basics';
import { Box } from '../../parts/dialog';

const KEPT = 'yelbo.pixels-per-mm';
/** A bank card, ISO/IEC 7810 ID-1, mm. */
const CARD = { width: 85.6, height: 53.98 };
/** What most screens say of themselves. */
const USUAL = 96 / 25.4;

export const pixelsPerMm = () => Number(localStorage.getItem(KEPT)) || null;

/** Makes this screen show true sizes: a bank card is held against it once. */
export function TrueSize({ onClose, onSet }: { onClose: () => void; onSet: (scale: number) => void }) {
  const [scale, setScale] = useState(pixelsPerMm() ?? USUAL);
  return (
    <Box
      open
      onClose={onClose}
      title="True size on this screen"
      what="Hold a bank card against the frame and move the slider until they are the same width. It is kept for this device."
      wide
    >
      <div className="flex flex-col gap-4">
        <div className="overflow-auto">
          <svg
            width={CARD.width * scale + 4}
            height={CARD.height * scale + 4}
            role="img"
            aria-label="The size of a bank card"
          >
            <rect
              x="2"
              y="2"
              width={CARD.width * scale}
              height={CARD.height * scale}
              rx={3 * scale}
              fill="var(--color-paper)"
              stroke="var(--color-ink)"
              strokeWidth="2"
            />
          </svg>
        </div>
        <label className="flex items-center gap-3">
          <span className="label">Width</span>
          <input
            type="range"
            min={2}
            max={9}
            step={0.01}
            className="flex-1"
            value={scale}
            onChange={(event) => setScale(Number(event.target.value))}
          />
          <span className="w-28 text-right">{scale.toFixed(2)} px to 1 mm</span>
        </label>
        <NextMove
          tall={false}
          onClick={() => {
            localStorage.setItem(KEPT, String(scale));
            onSet(scale);
          }}
        >
          The card fits: show true size
        </NextMove>
      </div>
    </Box>
  );
}
