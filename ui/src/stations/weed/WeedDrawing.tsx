import type { Schemas } from '../../api/client';
import { Hatches } from '../../drawing/Hatch';
import { ScaleBar } from '../../drawing/Ruler';
import { fitView, useRoom } from '../../drawing/scale';

const TARGET = 48;

/** The piece as large as it goes: waste crossed out, inside pieces numbered to be tapped when they are out. */
export function WeedDrawing({
  weeding,
  out,
  onTap,
}: {
  weeding: Schemas['WeedingView'];
  out: Set<number>;
  onTap: (nth: number) => void;
}) {
  const { ref, width, height } = useRoom();
  const view = fitView({ width, height }, weeding, { left: 36, top: 44, right: 36, bottom: 96 });
  const px = (mm: number) => view.x + (mm - weeding.left) * view.scale;
  const py = (mm: number) => view.y + (mm - weeding.top) * view.scale;
  const spots = spread(weeding.insides.map((part) => ({ nth: part.nth, x: px(part.x), y: py(part.y) })));
  return (
    <div ref={ref} className="relative min-h-0 overflow-hidden bg-paper">
      {width > 0 && (
        <>
          <svg width={width} height={height} role="img" aria-label={`${weeding.piece.label}, waste crossed out`}>
            <Hatches scale={view.scale} />
            <g
              transform={`translate(${view.x} ${view.y}) scale(${view.scale}) translate(${-weeding.left} ${-weeding.top})`}
            >
              <rect
                x={weeding.left}
                y={weeding.top}
                width={weeding.width}
                height={weeding.height}
                fill="url(#waste)"
                stroke="#12201f"
                strokeWidth="1.5"
                vectorEffect="non-scaling-stroke"
              />
              <path
                d={weeding.path}
                fill={weeding.piece.film?.swatch ?? '#12201f'}
                stroke="#12201f"
                strokeWidth="1"
                vectorEffect="non-scaling-stroke"
              />
              {weeding.insides.map((part) => (
                <path
                  key={part.nth}
                  d={part.path}
                  fill={out.has(part.nth) ? '#ffffff' : 'url(#waste-inside)'}
                  stroke="#12201f"
                  strokeWidth="1"
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            </g>
            <g>
              {spots.map((spot) => (
                <path
                  key={spot.nth}
                  d={`M${spot.x} ${spot.y}L${spot.at.x} ${spot.at.y}`}
                  stroke="#12201f"
                  strokeWidth="1.2"
                />
              ))}
            </g>
            <g stroke="#12201f" strokeWidth="3" fill="none">
              <path d={`M${view.x - 18} ${view.y - 18}l34 26m-4 -14l5 15l-15 -1`} />
            </g>
            <text x={view.x + 26} y={view.y - 12} fontSize="16" fontWeight="600" fill="#12201f">
              start here, pull low towards the far corner
            </text>
            <ScaleBar scale={view.scale} x={36} y={height - 34} />
          </svg>
          {spots.map((spot) => (
            <button
              key={spot.nth}
              type="button"
              aria-pressed={out.has(spot.nth)}
              aria-label={`Inside piece ${spot.nth + 1}, ${out.has(spot.nth) ? 'out' : 'still in'}`}
              onClick={() => onTap(spot.nth)}
              className={`absolute flex items-center justify-center border-2 border-ink text-lg font-semibold ${out.has(spot.nth) ? 'bg-ink text-paper' : 'bg-paper'}`}
              style={{ left: spot.at.x - TARGET / 2, top: spot.at.y - TARGET / 2, width: TARGET, height: TARGET }}
            >
              {out.has(spot.nth) ? '✓' : spot.nth + 1}
            </button>
          ))}
          <p className="absolute bottom-16 left-9 text-ink2">
            Crossed: waste. Numbered: inside pieces. Tap each when it is out.
          </p>
        </>
      )}
    </div>
  );
}

type Spot = { nth: number; x: number; y: number };

/** Moves targets apart where inside pieces lie closer than a thumb: each keeps a line to its piece. */
function spread(spots: Spot[]): (Spot & { at: { x: number; y: number } })[] {
  const placed: (Spot & { at: { x: number; y: number } })[] = [];
  const free = (x: number, y: number) =>
    placed.every((other) => Math.abs(other.at.x - x) >= TARGET + 4 || Math.abs(other.at.y - y) >= TARGET + 4);
  for (const spot of spots) {
    const tries = [0, 1, 2, 3].flatMap((ring) =>
      ring === 0
        ? [[0, 0]]
        : [
            [0, -ring],
            [0, ring],
            [ring, -ring],
            [-ring, -ring],
            [ring, ring],
            [-ring, ring],
            [ring, 0],
            [-ring, 0],
          ],
    );
    const shift = tries.find(([dx, dy]) =>
      free(spot.x + (dx ?? 0) * (TARGET + 4), spot.y + (dy ?? 0) * (TARGET + 4)),
    ) ?? [0, 0];
    placed.push({
      ...spot,
      at: { x: spot.x + (shift[0] ?? 0) * (TARGET + 4), y: spot.y + (shift[1] ?? 0) * (TARGET + 4) },
    });
  }
  return placed;
}
