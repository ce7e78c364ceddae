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
  const view = fitView({ width, height }, weeding.block, { left: 36, top: 44, right: 36, bottom: 200 });
  const px = (mm: number) => view.x + (mm - weeding.block.left) * view.scale;
  const py = (mm: number) => view.y + (mm - weeding.block.top) * view.scale;
  const under = view.y + weeding.block.height * view.scale + 46;
  const spots = spread(
    weeding.insides.map((part) => {
      const at = { x: px(part.x), y: py(part.y) };
      // A number larger than its piece would hide it: it stands below, with a line to the piece.
      return { nth: part.nth, ...at, start: part.across * view.scale > TARGET * 1.3 ? at : { x: at.x, y: under } };
    }),
  );
  return (
    <div ref={ref} className="relative min-h-0 contain-size overflow-hidden bg-paper">
      {width > 0 && (
        <>
          <svg width={width} height={height} role="img" aria-label={`${weeding.piece.label}, waste crossed out`}>
            <Hatches scale={view.scale} />
            <g
              transform={`translate(${view.x} ${view.y}) scale(${view.scale}) translate(${-weeding.block.left} ${-weeding.block.top})`}
            >
              <rect
                x={weeding.block.left}
                y={weeding.block.top}
                width={weeding.block.width}
                height={weeding.block.height}
                fill="url(#waste)"
                stroke="var(--color-ink)"
                strokeWidth="1.5"
                vectorEffect="non-scaling-stroke"
              />
              <path
                d={weeding.path}
                fill={weeding.piece.film?.swatch ?? 'var(--color-ink)'}
                stroke="var(--color-ink)"
                strokeWidth="1"
                vectorEffect="non-scaling-stroke"
              />
              {weeding.insides.map((part) => (
                <path
                  key={part.nth}
                  d={part.path}
                  fill={out.has(part.nth) ? 'var(--color-white)' : 'url(#waste-inside)'}
                  stroke="var(--color-ink)"
                  strokeWidth="1"
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            </g>
            {weeding.parts.map(({ number, box }) => (
              <g key={number}>
                <rect
                  x={px(box.left) - 3}
                  y={py(box.top) - 3}
                  width={box.width * view.scale + 6}
                  height={box.height * view.scale + 6}
                  fill="none"
                  stroke="var(--color-ink)"
                  strokeDasharray="5 4"
                />
                <PartNumber x={px(box.left + box.width / 2)} y={py(box.top + box.height) + 3} number={number} />
              </g>
            ))}
            <g>
              {spots.map((spot) => (
                <g key={spot.nth}>
                  <path
                    d={`M${spot.x} ${spot.y}L${spot.at.x} ${spot.at.y}`}
                    stroke="var(--color-ink)"
                    strokeWidth="1.2"
                  />
                  <circle cx={spot.x} cy={spot.y} r="3.5" fill="var(--color-ink)" />
                </g>
              ))}
            </g>
            <g stroke="var(--color-ink)" strokeWidth="3" fill="none">
              <path d={`M${view.x - 18} ${view.y - 18}l34 26m-4 -14l5 15l-15 -1`} />
            </g>
            <text x={view.x + 26} y={view.y - 12} fontSize="16" fontWeight="600" fill="var(--color-ink)">
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

/** On the lower edge of a part, where no letter is. */
function PartNumber({ x, y, number }: { x: number; y: number; number: number }) {
  return (
    <>
      <rect x={x - 21} y={y} width="42" height="22" fill="var(--color-paper)" stroke="var(--color-ink)" />
      <text
        x={x}
        y={y + 16}
        fontSize="15"
        className="font-label font-semibold"
        textAnchor="middle"
        fill="var(--color-ink)"
      >
        part {number}
      </text>
    </>
  );
}

type Point = { x: number; y: number };
type Spot = Point & { nth: number; start: Point };

/** Moves targets apart where they lie closer than a thumb: sideways first, then down a row. */
function spread(spots: Spot[]): (Spot & { at: Point })[] {
  const placed: (Spot & { at: Point })[] = [];
  const step = TARGET + 6;
  const free = (at: Point) =>
    placed.every((other) => Math.abs(other.at.x - at.x) >= step || Math.abs(other.at.y - at.y) >= step);
  const shifts = [0, 1, 2].flatMap((row) =>
    [0, 0.5, -0.5, 1, -1, 1.5, -1.5, 2, -2].map((column) => ({ x: column * step, y: row * step })),
  );
  for (const spot of spots) {
    const moved = shifts.map((shift) => ({ x: spot.start.x + shift.x, y: spot.start.y + shift.y }));
    placed.push({ ...spot, at: moved.find(free) ?? spot.start });
  }
  return placed;
}
