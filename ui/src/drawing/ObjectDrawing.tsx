import { type RefObject, useId, useImperativeHandle } from 'react';
import type { FilmShown, Schemas } from '../api/client';
import { useShown } from '../parts/basics';
import type { Art } from './art';
import { CaughtLines } from './CaughtLines';
import { Dimension } from './Dimension';
import { Hatches } from './Hatch';
import { ArtLayers, type Pin, PinMark, SnagFlags, swatches } from './ObjectMarks';
import { type Ground, GroundPicture } from './pictures';
import { Rulers } from './Ruler';
import { AtScale, fitView, useRoom } from './scale';
import { useArtDrag } from './useArtDrag';
import { useZoom, type Zoom } from './useZoom';

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
  elements = [],
  inHand = null,
  onChoose,
  onMoveElement,
  along = [],
  guides,
  ground,
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
  /** What lies beside the words, from bottom to top; the one in hand is told its size, the rest is quieter. */
  elements?: Schemas['ElementView'][];
  inHand?: number | null;
  /** Told what was pointed at, and whether it is picked along with the rest. */
  onChoose?: (nth: number | null, more: boolean) => void;
  onMoveElement?: (dx: number, dy: number) => void;
  /** Elements that move with the one in hand. */
  along?: number[];
  /** Where what is in hand is in line with the rest. */
  guides?: Schemas['GuidesView'] | undefined;
  /** How the object looks, where somebody said it. */
  ground?: Ground | null;
  label: string;
}) {
  const { ref, width, height } = useRoom();
  const inside = useId();
  const { units, one } = useShown();
  const object = { width: art.object.width.mm, height: art.object.height.mm };
  const edge = rulers ? 26 : 6;
  // Where it is zoomed, the row of buttons for that stands above it.
  const margin = rulers
    ? { left: edge + 28, top: edge + (zoom ? 54 : 40), right: 96, bottom: 64 }
    : { left: 22, top: 22, right: 88, bottom: 50 };
  const focus = art.focus ?? { left: 0, top: 0, ...object };
  const framed = fitView({ width, height }, focus, margin);
  const fitted = { ...framed, x: framed.x - focus.left * framed.scale, y: framed.y - focus.top * framed.scale };
  const handle = useZoom(ref, fitted, zoom !== undefined);
  useImperativeHandle(zoom, () => handle);
  const view = handle.view;
  const px = { x: (mm: number) => view.x + mm * view.scale, y: (mm: number) => view.y + mm * view.scale };
  const chosen = elements.find((one) => one.nth === inHand);
  const { drag, hand } = useArtDrag(art, view.scale, onMove, chosen ? undefined : guides);
  const ofElement = useArtDrag(chosen ?? art, view.scale, chosen ? onMoveElement : undefined, guides);
  const left = art.left.mm + (drag?.x ?? 0);
  const top = art.top.mm + (drag?.y ?? 0);
  // Dimension lines are those of what is in hand.
  const measured = chosen ?? art;
  const by = chosen ? ofElement.drag : drag;
  const from = { left: measured.left.mm + (by?.x ?? 0), top: measured.top.mm + (by?.y ?? 0) };
  const right = from.left + measured.size.width.mm;
  const bottom = from.top + measured.size.height.mm;
  const quiet = elements.length > 0 && chosen !== undefined;
  const beside = (under: boolean) =>
    elements
      .filter((one) => one.under === under)
      .map((one) => {
        const held = one.nth === inHand;
        const goes = along.includes(one.nth) ? ofElement.drag : null;
        const at = { left: one.left.mm + (goes?.x ?? 0), top: one.top.mm + (goes?.y ?? 0) };
        return (
          <g
            key={one.nth}
            transform={`translate(${at.left} ${at.top})`}
            opacity={quiet && !held ? 0.45 : 1}
            className={onChoose ? (held ? 'cursor-move touch-none' : 'cursor-pointer') : undefined}
            onPointerDown={held || !onChoose ? undefined : (event) => onChoose(one.nth, event.shiftKey)}
            {...(held ? ofElement.hand : {})}
          >
            {held && (
              <rect
                width={one.size.width.mm}
                height={one.size.height.mm}
                fill="transparent"
                stroke="var(--color-ink2)"
                strokeDasharray="2 3"
                vectorEffect="non-scaling-stroke"
              />
            )}
            {one.films.map(({ film, path }) => (
              <path
                key={path}
                d={path}
                fill={film === null ? swatch : (films.find((other) => other.id === film)?.swatch ?? swatch)}
                stroke="var(--color-ink)"
                strokeWidth="0.8"
                vectorEffect="non-scaling-stroke"
              />
            ))}
          </g>
        );
      });
  const colours = swatches(art.layers, swatch, films);

  return (
    <div ref={ref} className="relative h-full w-full contain-size overflow-hidden bg-paper">
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
              {ground && <GroundPicture ground={ground} outline={art.outline} size={object} />}
              {art.safe && (
                <>
                  <path d={`${art.outline}${art.safe}`} fillRule="evenodd" fill="url(#keep-out)" />
                  <clipPath id={inside}>
                    <path d={art.outline} clipRule="evenodd" />
                  </clipPath>
                  {art.keepOuts && <path d={art.keepOuts} fill="url(#kept-clear)" clipPath={`url(#${inside})`} />}
                  <path
                    d={art.safe}
                    fill="none"
                    stroke="var(--color-ink2)"
                    strokeDasharray="5 4"
                    vectorEffect="non-scaling-stroke"
                  />
                </>
              )}
              <path
                d={art.outline}
                fill="none"
                stroke="var(--color-ink)"
                strokeWidth="1.6"
                vectorEffect="non-scaling-stroke"
              />
            </AtScale>
            <path
              d={`M${px.x(object.width / 2)} ${px.y(0) - 12}V${px.y(object.height) + 12}M${px.x(0) - 12} ${px.y(object.height / 2)}H${px.x(object.width) + 12}`}
              stroke="var(--color-ink2)"
              strokeWidth="0.9"
              strokeDasharray="14 4 3 4"
              fill="none"
            />
          </g>
          <AtScale view={view}>
            {beside(true)}
            <g
              transform={`translate(${left} ${top})`}
              className={onMove ? 'cursor-move touch-none' : undefined}
              opacity={quiet ? 0.45 : 1}
              onPointerDown={quiet ? (event) => onChoose?.(null, event.shiftKey) : undefined}
              {...(quiet ? {} : hand)}
            >
              <rect width={art.size.width.mm} height={art.size.height.mm} fill="transparent" />
              <ArtLayers layers={art.layers} path={art.path} colours={colours.length > 0 ? colours : [swatch]} />
              {before && (
                <g fill="none">
                  <path d={before} stroke="var(--color-paper)" strokeWidth="2.6" vectorEffect="non-scaling-stroke" />
                  <path
                    d={before}
                    stroke="var(--color-ink)"
                    strokeWidth="1.2"
                    strokeDasharray="4 3"
                    vectorEffect="non-scaling-stroke"
                  />
                </g>
              )}
            </g>
            {beside(false)}
          </AtScale>
          <g pointerEvents="none">
            <Dimension
              from={px.x(from.left)}
              to={px.x(right)}
              at={px.y(bottom) + 4}
              away={px.y(Math.min(object.height, focus.top + focus.height)) + (rulers ? 36 : 26)}
              text={one(measured.size.width)}
            />
            <Dimension
              from={px.y(from.top)}
              to={px.y(bottom)}
              at={px.x(right) + 4}
              away={px.x(Math.min(object.width, focus.left + focus.width)) + (rulers ? 48 : 42)}
              text={one(measured.size.height)}
              upright
            />
            {by && <CaughtLines caught={by.caught} px={px} width={width} height={height} />}
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
