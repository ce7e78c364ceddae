import { type PointerEvent, type RefObject, useImperativeHandle, useRef, useState } from 'react';
import type { FilmShown, Fit, Schemas } from '../api/client';
import { useShown } from '../parts/basics';
import { Dimension } from './Dimension';
import { Hatches } from './Hatch';
import { Rulers } from './Ruler';
import { AtScale, fitView, useRoom } from './scale';
import { useZoom, type Zoom } from './useZoom';

type Art = Pick<Fit, 'path' | 'left' | 'top' | 'size' | 'object' | 'outline'> &
  Partial<Pick<Fit, 'safe' | 'layers' | 'keepOuts' | 'focus'>>;

export type Pin = { spot: Schemas['SpotView']; label: string };

/** Pixels within which a drag catches the object's middle. */
const CATCH = 7;

/** The colours of a decal's layers, the letters first. */
export const swatches = (layers: Schemas['LayerView'][] | undefined, own: string, films: FilmShown[]) =>
  (layers ?? []).map((layer) =>
    layer.film === null ? own : (films.find((film) => film.id === layer.film)?.swatch ?? own),
  );

/**
 * An object to scale with its decal: rulers, dimension lines, centre lines, the safe area as a
 * guide, what has to stay clear. Dragging and arrow keys move the decal where that is asked
 * for; the wheel, two fingers and the ground move the view.
 */
export function ObjectDrawing({
  art,
  swatch,
  films = [],
  snags = [],
  onMove,
  rulers = true,
  zoom,
  before,
  pins = [],
  onPin,
  label,
}: {
  art: Art;
  swatch: string;
  films?: FilmShown[];
  snags?: Schemas['SnagGroupView'][];
  onMove?: (dx: number, dy: number) => void;
  rulers?: boolean;
  /** Where zooming is wanted, the handles to it are put here. */
  zoom?: RefObject<Zoom | null>;
  /** Outlines as they were, laid over the art as a guide. */
  before?: string;
  /** Spots that something was said of, in the object's frame. */
  pins?: Pin[];
  /** Told where on the object was pointed, mm. */
  onPin?: (spot: Schemas['SpotView']) => void;
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
  const focus = art.focus ?? { left: 0, top: 0, ...object };
  const framed = fitView({ width, height }, focus, margin);
  const fitted = { ...framed, x: framed.x - focus.left * framed.scale, y: framed.y - focus.top * framed.scale };
  const handle = useZoom(ref, fitted, zoom !== undefined);
  useImperativeHandle(zoom, () => handle);
  const view = handle.view;
  const px = { x: (mm: number) => view.x + mm * view.scale, y: (mm: number) => view.y + mm * view.scale };
  const left = art.left.mm + (drag?.x ?? 0);
  const top = art.top.mm + (drag?.y ?? 0);
  const right = left + art.size.width.mm;
  const bottom = top + art.size.height.mm;
  const colours = swatches(art.layers, swatch, films);

  const moved = (event: PointerEvent) => {
    if (!start.current) {
      return null;
    }
    const by = { x: (event.clientX - start.current.x) / view.scale, y: (event.clientY - start.current.y) / view.scale };
    const off = {
      x: object.width / 2 - (art.left.mm + art.size.width.mm / 2),
      y: object.height / 2 - (art.top.mm + art.size.height.mm / 2),
    };
    const near = CATCH / view.scale;
    return { x: Math.abs(by.x - off.x) < near ? off.x : by.x, y: Math.abs(by.y - off.y) < near ? off.y : by.y };
  };

  return (
    <div ref={ref} className="relative h-full w-full overflow-hidden bg-paper">
      {width > 0 && (
        // biome-ignore lint/a11y/useKeyWithClickEvents: a spot is pointed at; the note can be sent without one
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={label}
          className={zoom ? 'touch-none' : onPin ? 'cursor-crosshair' : undefined}
          onClick={
            onPin &&
            ((event) => {
              const box = event.currentTarget.getBoundingClientRect();
              onPin({
                x: Math.round(10 * ((event.clientX - box.left - view.x) / view.scale)) / 10,
                y: Math.round(10 * ((event.clientY - box.top - view.y) / view.scale)) / 10,
              });
            })
          }
        >
          <Hatches scale={view.scale} />
          {zoom && <rect width={width} height={height} fill="transparent" className="cursor-grab" {...handle.ground} />}
          <g pointerEvents="none">
            <AtScale view={view}>
              {art.safe && (
                <>
                  <path d={`${art.outline}${art.safe}`} fillRule="evenodd" fill="url(#keep-out)" />
                  {art.keepOuts && <path d={art.keepOuts} fill="url(#kept-clear)" />}
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
          </g>
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
              <ArtLayers layers={art.layers} path={art.path} colours={colours.length > 0 ? colours : [swatch]} />
              {before && (
                <g fill="none">
                  <path d={before} stroke="#fafbfa" strokeWidth="2.6" vectorEffect="non-scaling-stroke" />
                  <path
                    d={before}
                    stroke="#12201f"
                    strokeWidth="1.2"
                    strokeDasharray="4 3"
                    vectorEffect="non-scaling-stroke"
                  />
                </g>
              )}
            </g>
          </AtScale>
          <g pointerEvents="none">
            <Dimension
              from={px.x(left)}
              to={px.x(right)}
              at={px.y(bottom) + 4}
              away={px.y(Math.min(object.height, focus.top + focus.height)) + (rulers ? 36 : 26)}
              text={one(art.size.width)}
            />
            <Dimension
              from={px.y(top)}
              to={px.y(bottom)}
              at={px.x(right) + 4}
              away={px.x(Math.min(object.width, focus.left + focus.width)) + (rulers ? 48 : 42)}
              text={one(art.size.height)}
              upright
            />
            {pins.map((pin) => (
              <PinMark key={`${pin.label}-${pin.spot.x}`} x={px.x(pin.spot.x)} y={px.y(pin.spot.y)} label={pin.label} />
            ))}
            <SnagFlags snags={snags} x={(mm) => px.x(left + mm)} y={(mm) => px.y(top + mm)} />
            {rulers && <Rulers view={view} width={width} height={height} units={units} />}
          </g>
        </svg>
      )}
    </div>
  );
}

/** The films of a decal, the lowest drawn first. */
export function ArtLayers({
  layers,
  path,
  colours,
}: {
  layers?: Schemas['LayerView'][] | undefined;
  path: string;
  colours: string[];
}) {
  const paths = layers && layers.length > 0 ? layers.map((layer) => layer.path) : [path];
  return (
    <>
      {paths
        .map((d, nth) => (
          <path
            key={layers?.[nth]?.role ?? 'top'}
            d={d}
            fill={colours[nth] ?? colours[0]}
            stroke="#12201f"
            strokeWidth="0.8"
            vectorEffect="non-scaling-stroke"
          />
        ))
        .reverse()}
    </>
  );
}

/** A triangle as drawings mark a change, its tip on the spot, and a letter that stands again beside the note. */
function PinMark({ x, y, label }: { x: number; y: number; label: string }) {
  return (
    <g>
      <path d={`M${x} ${y}l-13 -26h26z`} fill="#fafbfa" stroke="#12201f" strokeWidth="1.6" />
      <text x={x} y={y - 12} textAnchor="middle" fontSize="13" fontWeight="600" fill="#12201f">
        {label}
      </text>
    </g>
  );
}

/** Of one kind of snag: so many spots are marked, and the worst few carry the number. */
const SPOTS = 60;
const FLAGS = 3;

/** Numbered flags: the spot, and a number that stands again beside the sentence. */
function SnagFlags({
  snags,
  x,
  y,
}: {
  snags: Schemas['SnagGroupView'][];
  x: (mm: number) => number;
  y: (mm: number) => number;
}) {
  return (
    <g>
      {snags.flatMap((snag, nth) =>
        snag.spots.slice(0, SPOTS).map((spot, which) => {
          const at = { x: x(spot.x), y: y(spot.y) };
          const stop = snag.severity === 'stop' && snag.overruled === null;
          return (
            <g key={`${snag.code}-${spot.x}-${spot.y}`}>
              <circle cx={at.x} cy={at.y} r="4" fill="#d23c0c" />
              {which < FLAGS && (
                <>
                  <path d={`M${at.x} ${at.y}l14 -30`} stroke="#d23c0c" strokeWidth="1.5" />
                  <rect
                    x={at.x + 5}
                    y={at.y - 50}
                    width={20}
                    height={20}
                    fill={stop ? '#d23c0c' : '#fafbfa'}
                    stroke="#d23c0c"
                    strokeWidth="2"
                  />
                  <text
                    x={at.x + 15}
                    y={at.y - 35}
                    textAnchor="middle"
                    fontSize="14"
                    fontWeight="600"
                    fill={stop ? '#fff' : '#a82f08'}
                  >
                    {nth + 1}
                  </text>
                </>
              )}
            </g>
          );
        }),
      )}
    </g>
  );
}
