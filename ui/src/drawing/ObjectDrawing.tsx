import { type PointerEvent, useRef, useState } from 'react';
import type { Fit, Schemas } from '../api/client';
import { useShown } from '../parts/basics';
import { Dimension } from './Dimension';
import { Hatches } from './Hatch';
import { Rulers } from './Ruler';
import { AtScale, fitView, useRoom } from './scale';

type Art = Pick<Fit, 'path' | 'left' | 'top' | 'size' | 'object' | 'outline'> & { safe?: string };

/**
 * An object to scale with its decal: rulers, dimension lines, centre lines, the safe area as a
 * guide. Dragging and arrow keys move the decal where that is asked for.
 */
export function ObjectDrawing({
  art,
  swatch,
  snags = [],
  onMove,
  rulers = true,
  label,
}: {
  art: Art;
  swatch: string;
  snags?: Schemas['SnagView'][];
  onMove?: (dx: number, dy: number) => void;
  rulers?: boolean;
  label: string;
}) {
  const { ref, width, height } = useRoom();
  const { units, one } = useShown();
  const [drag, setDrag] = useState<{ x: number; y: number } | null>(null);
  const start = useRef<{ x: number; y: number } | null>(null);
  const object = { width: art.object.width.mm, height: art.object.height.mm };
  const edge = rulers ? 26 : 6;
  const margin = rulers
    ? { left: edge + 28, top: edge + 40, right: 96, bottom: 64 }
    : { left: 22, top: 22, right: 88, bottom: 50 };
  const view = fitView({ width, height }, object, margin);
  const px = { x: (mm: number) => view.x + mm * view.scale, y: (mm: number) => view.y + mm * view.scale };
  const left = art.left.mm + (drag?.x ?? 0);
  const top = art.top.mm + (drag?.y ?? 0);
  const right = left + art.size.width.mm;
  const bottom = top + art.size.height.mm;

  const moved = (event: PointerEvent) =>
    start.current && {
      x: (event.clientX - start.current.x) / view.scale,
      y: (event.clientY - start.current.y) / view.scale,
    };

  return (
    <div ref={ref} className="relative h-full w-full overflow-hidden bg-paper">
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={label}>
          <Hatches scale={view.scale} />
          <AtScale view={view}>
            {art.safe && (
              <>
                <path d={`${art.outline}${art.safe}`} fillRule="evenodd" fill="url(#keep-out)" />
                <path
                  d={art.safe}
                  fill="none"
                  stroke="#4d5e5c"
                  strokeDasharray="5 4"
                  vectorEffect="non-scaling-stroke"
                />
              </>
            )}
            <path d={art.outline} fill="none" stroke="#12201f" strokeWidth="1.6" vectorEffect="non-scaling-stroke" />
          </AtScale>
          <path
            d={`M${px.x(object.width / 2)} ${px.y(0) - 12}V${px.y(object.height) + 12}M${px.x(0) - 12} ${px.y(object.height / 2)}H${px.x(object.width) + 12}`}
            stroke="#4d5e5c"
            strokeWidth="0.9"
            strokeDasharray="14 4 3 4"
            fill="none"
          />
          <AtScale view={view}>
            <g
              transform={`translate(${left} ${top})`}
              className={onMove ? 'cursor-move touch-none' : undefined}
              onPointerDown={
                onMove &&
                ((event) => {
                  event.currentTarget.setPointerCapture(event.pointerId);
                  start.current = { x: event.clientX, y: event.clientY };
                })
              }
              onPointerMove={onMove && ((event) => start.current && setDrag(moved(event)))}
              onPointerUp={
                onMove &&
                ((event) => {
                  const by = moved(event);
                  start.current = null;
                  setDrag(null);
                  if (by && Math.hypot(by.x, by.y) * view.scale > 2) {
                    onMove(by.x, by.y);
                  }
                })
              }
            >
              <rect width={art.size.width.mm} height={art.size.height.mm} fill="transparent" />
              <path d={art.path} fill={swatch} stroke="#12201f" strokeWidth="0.8" vectorEffect="non-scaling-stroke" />
            </g>
          </AtScale>
          <Dimension
            from={px.x(left)}
            to={px.x(right)}
            at={px.y(bottom) + 4}
            away={px.y(object.height) + (rulers ? 36 : 26)}
            text={one(art.size.width)}
          />
          <Dimension
            from={px.y(top)}
            to={px.y(bottom)}
            at={px.x(right) + 4}
            away={px.x(object.width) + (rulers ? 48 : 42)}
            text={one(art.size.height)}
            upright
          />
          <SnagFlags snags={snags} x={(mm) => px.x(left + mm)} y={(mm) => px.y(top + mm)} />
          {rulers && <Rulers view={view} width={width} height={height} units={units} />}
        </svg>
      )}
    </div>
  );
}

/** Numbered flags: the spot, and a number that stands again beside the sentence. */
function SnagFlags({
  snags,
  x,
  y,
}: {
  snags: Schemas['SnagView'][];
  x: (mm: number) => number;
  y: (mm: number) => number;
}) {
  return (
    <g>
      {snags.slice(0, 12).map((snag, nth) => {
        if (snag.x === null || snag.y === null) {
          return null;
        }
        const at = { x: x(snag.x), y: y(snag.y) };
        return (
          <g key={`${snag.code}-${snag.x}-${snag.y}`}>
            <path d={`M${at.x} ${at.y}l14 -30`} stroke="#d23c0c" strokeWidth="1.5" />
            <circle cx={at.x} cy={at.y} r="4" fill="#d23c0c" />
            <rect x={at.x + 5} y={at.y - 50} width={20} height={20} fill="#d23c0c" />
            <text x={at.x + 15} y={at.y - 35} textAnchor="middle" fontSize="14" fontWeight="600" fill="#fff">
              {nth + 1}
            </text>
          </g>
        );
      })}
    </g>
  );
}
