import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { Hatches } from '../../drawing/Hatch';
import { Rulers } from '../../drawing/Ruler';
import { Tag, UsedLength } from '../../drawing/SheetMarks';
import { fitView, useRoom } from '../../drawing/scale';
import { pen, placeTags } from '../../drawing/tags';
import { useShown } from '../../parts/basics';

type Shape = Schemas['ShapeView'];
type Laid = Schemas['LaidView'];
export type Put = { nth: number; x: number; y: number; turn: number };

/** Where a shape's own left top corner goes so that, once turned, its box's does. */
function corner(shape: Shape, turn: number) {
  switch (((turn % 360) + 360) % 360) {
    case 90:
      return { x: shape.height, y: 0 };
    case 180:
      return { x: shape.width, y: shape.height };
    case 270:
      return { x: 0, y: shape.width };
    default:
      return { x: 0, y: 0 };
  }
}

const across = (shape: Shape, turn: number) =>
  turn % 180 === 0 ? { width: shape.width, height: shape.height } : { width: shape.height, height: shape.width };

/**
 * A sheet of a plan, lying on its side as on the bench, the end it is fed from at the left. A piece is taken with the
 * pointer or with the arrow keys and put down where it may lie.
 */
export function PlanDrawing({
  sheet,
  shapes,
  swatch,
  label,
  still,
  taken,
  onTake,
  onPut,
  step,
}: {
  sheet: Schemas['PlanSheetView'];
  shapes: Map<string, Shape>;
  swatch: string;
  label: string;
  /** Nothing can be moved now. */
  still: boolean;
  taken: number | null;
  onTake: (nth: number | null) => void;
  onPut: (put: Put) => void;
  /** mm an arrow key moves by. */
  step: number;
}) {
  const { ref, width, height } = useRoom();
  const { units, one } = useShown();
  const [drag, setDrag] = useState<{ nth: number; x: number; y: number } | null>(null);
  const from = useRef<{ pointer: number; x: number; y: number; moved: boolean } | null>(null);
  const side = { width: sheet.size.height.mm, height: sheet.size.width.mm };
  const view = fitView({ width, height }, side, { left: 54, top: 54, right: 44, bottom: 72 });
  const turned = `translate(${view.x} ${view.y + side.height * view.scale}) scale(${view.scale}) rotate(-90)`;

  const paths = useMemo(() => new Map([...shapes].map(([name, shape]) => [name, new Path2D(shape.path)])), [shapes]);
  const tags = placeTags(
    sheet.places.flatMap((place, nth) => {
      const shape = shapes.get(place.name);
      const path = paths.get(place.name);
      if (!shape || !path || drag?.nth === nth) {
        return [];
      }
      const box = across(shape, place.turn);
      const at = corner(shape, place.turn);
      const turn = (place.turn * Math.PI) / 180;
      const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
      const pinned = place.pinned ? ' pinned' : '';
      return [
        {
          of: { place, shape },
          texts: [`${shape.tag}${pinned}`, shape.tag, shape.tag.slice(shape.tag.indexOf('/'))],
          box: {
            x: view.x + place.y * view.scale,
            y: view.y + (side.height - place.x - box.width) * view.scale,
            width: box.height * view.scale,
            height: box.width * view.scale,
          },
          // From the picture to the sheet, to the piece, and back to how it is drawn before it is turned.
          covers: (x: number, y: number) => {
            const dx = side.height - (y - view.y) / view.scale - place.x - at.x;
            const dy = (x - view.x) / view.scale - place.y - at.y;
            return pen.isPointInPath(path, dx * cos + dy * sin, dy * cos - dx * sin, 'evenodd');
          },
          weight: (taken === nth ? 4 : 0) + (shape.late ? 2 : 0) + (place.pinned ? 1 : 0),
        },
      ];
    }),
    { x: 28, y: 28, width: width - 30, height: height - 30 },
    { x: view.x, y: view.y, width: side.width * view.scale, height: side.height * view.scale },
  );

  const pointer = {
    down: (nth: number) => (event: PointerEvent<SVGGElement>) => {
      onTake(nth);
      event.currentTarget.focus();
      if (!still) {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { pointer: event.pointerId, x: event.clientX, y: event.clientY, moved: false };
      }
    },
    move: (nth: number) => (event: PointerEvent<SVGGElement>) => {
      const start = from.current;
      if (start && start.pointer === event.pointerId) {
        start.moved ||= Math.hypot(event.clientX - start.x, event.clientY - start.y) > 4;
        if (start.moved) {
          setDrag({ nth, x: -(event.clientY - start.y) / view.scale, y: (event.clientX - start.x) / view.scale });
        }
      }
    },
    up: (nth: number, place: Laid) => () => {
      const moved = drag;
      from.current = null;
      setDrag(null);
      if (moved && moved.nth === nth) {
        onPut({ nth, x: place.x + moved.x, y: place.y + moved.y, turn: place.turn });
      }
    },
  };
  const key = (nth: number, place: Laid) => (event: KeyboardEvent<SVGGElement>) => {
    const by = event.shiftKey ? 10 * step : step;
    const way: Record<string, [number, number]> = {
      ArrowRight: [0, by],
      ArrowLeft: [0, -by],
      ArrowUp: [by, 0],
      ArrowDown: [-by, 0],
    };
    const [dx, dy] = way[event.key] ?? [0, 0];
    if (!still && (dx !== 0 || dy !== 0)) {
      event.preventDefault();
      onTake(nth);
      onPut({ nth, x: place.x + dx, y: place.y + dy, turn: place.turn });
    }
  };
  return (
    <div ref={ref} className="relative h-full w-full contain-size overflow-hidden bg-paper">
      {width > 0 && (
        // biome-ignore lint/a11y/useSemanticElements: a drawing with pieces in it to take has no element of its own
        <svg width={width} height={height} role="group" aria-label={label}>
          <Hatches scale={view.scale} />
          <g transform={turned}>
            <path
              d={sheet.outline}
              fill="var(--color-white)"
              stroke="var(--color-ink)"
              strokeWidth="1.6"
              vectorEffect="non-scaling-stroke"
              onPointerDown={() => onTake(null)}
            />
            {sheet.boxes.map((box) => (
              <path
                key={box}
                d={box}
                fill="none"
                stroke="var(--color-ink)"
                strokeWidth="1"
                vectorEffect="non-scaling-stroke"
              />
            ))}
            {sheet.places.map((place, nth) => {
              const shape = shapes.get(place.name);
              if (!shape) {
                return null;
              }
              const shift = drag?.nth === nth ? drag : { x: 0, y: 0 };
              const at = corner(shape, place.turn);
              const box = across(shape, place.turn);
              return (
                // biome-ignore lint/a11y/useSemanticElements: a shape inside a drawing
                <g
                  key={place.name}
                  role="button"
                  tabIndex={0}
                  aria-pressed={taken === nth}
                  aria-label={`${shape.tag} ${shape.label}${place.pinned ? ', pinned' : ''}`}
                  className={still ? 'cursor-pointer' : 'cursor-move'}
                  style={{ touchAction: 'none', outline: 'none' }}
                  transform={`translate(${place.x + shift.x} ${place.y + shift.y})`}
                  onPointerDown={pointer.down(nth)}
                  onPointerMove={pointer.move(nth)}
                  onPointerUp={pointer.up(nth, place)}
                  onPointerCancel={() => setDrag(null)}
                  onFocus={() => onTake(nth)}
                  onKeyDown={key(nth, place)}
                >
                  <rect width={box.width} height={box.height} fill="transparent" />
                  <path
                    transform={`translate(${at.x} ${at.y}) rotate(${place.turn})`}
                    d={shape.path}
                    fill={swatch}
                    stroke="var(--color-ink)"
                    strokeWidth="0.8"
                    vectorEffect="non-scaling-stroke"
                  />
                  {taken === nth && (
                    <rect
                      x={-1.5}
                      y={-1.5}
                      width={box.width + 3}
                      height={box.height + 3}
                      fill="none"
                      stroke="var(--color-ink)"
                      strokeWidth="2"
                      strokeDasharray="6 3"
                      vectorEffect="non-scaling-stroke"
                    />
                  )}
                </g>
              );
            })}
          </g>
          <g pointerEvents="none">
            <UsedLength view={view} high={side.height} length={sheet.length.mm} text={one(sheet.length)} tags={tags} />
            {tags.map((tag) => (
              <Tag key={tag.of.place.name} {...tag} late={tag.of.shape.late} pinned={tag.of.place.pinned} />
            ))}
            <Rulers view={view} width={width} height={height} units={units} />
          </g>
        </svg>
      )}
    </div>
  );
}
