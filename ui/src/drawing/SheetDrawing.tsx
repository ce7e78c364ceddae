import { useMemo } from 'react';
import type { Schemas } from '../api/client';
import { useShown } from '../parts/basics';
import { Hatches } from './Hatch';
import { Rulers } from './Ruler';
import { Tag, UsedLength } from './SheetMarks';
import { fitView, useRoom } from './scale';
import { boxOf, pen, placeTags } from './tags';

export type Knife = { x: number; y: number; share: number; alive: boolean };

/**
 * A sheet or offcut with its pieces in place. It is drawn lying on its side, the end it is fed
 * from at the left, as it lies on the bench.
 */
export function SheetDrawing({
  size,
  outline,
  boxes = [],
  places,
  length,
  swatch,
  knife,
  label,
}: {
  size: Schemas['SizeView'];
  /** Path data in mm. */
  outline: string;
  /** Weed boxes. */
  boxes?: string[];
  places: Schemas['PlaceView'][];
  length: Schemas['LengthView'];
  swatch: string;
  knife?: Knife;
  label: string;
}) {
  const { ref, width, height } = useRoom();
  const { units, one } = useShown();
  const sheet = { width: size.height.mm, height: size.width.mm };
  const view = fitView({ width, height }, sheet, { left: 54, top: 54, right: 44, bottom: 72 });
  // The sheet's own x runs down the picture, its length to the right.
  const turned = `translate(${view.x} ${view.y + sheet.height * view.scale}) scale(${view.scale}) rotate(-90)`;
  const spot = (x: number, y: number) => ({ x: view.x + y * view.scale, y: view.y + (sheet.height - x) * view.scale });
  const at = knife && spot(knife.x, knife.y);
  const shapes = useMemo(
    () => places.map((place) => ({ place, path: new Path2D(place.path), ...boxOf(place.path) })),
    [places],
  );
  const tags = useMemo(
    () =>
      placeTags(
        shapes.map(({ place, path, left, top, right, bottom }) => ({
          of: place,
          texts: [place.tag, place.tag.slice(place.tag.indexOf('/'))],
          box: {
            x: view.x + top * view.scale,
            y: view.y + (sheet.height - right) * view.scale,
            width: (bottom - top) * view.scale,
            height: (right - left) * view.scale,
          },
          covers: (x: number, y: number) =>
            pen.isPointInPath(path, sheet.height - (y - view.y) / view.scale, (x - view.x) / view.scale, 'evenodd'),
          weight: place.late ? 1 : 0,
        })),
        { x: 28, y: 28, width: width - 30, height: height - 30 },
        { x: view.x, y: view.y, width: sheet.width * view.scale, height: sheet.height * view.scale },
      ),
    [shapes, view.x, view.y, view.scale, width, height, sheet.width, sheet.height],
  );
  return (
    <div ref={ref} className="relative h-full w-full contain-size overflow-hidden bg-paper">
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={label}>
          <Hatches scale={view.scale} />
          <g transform={turned}>
            <path
              d={outline}
              fill="var(--color-white)"
              stroke="var(--color-ink)"
              strokeWidth="1.6"
              vectorEffect="non-scaling-stroke"
            />
            {places.map((place) => (
              <path
                key={place.tag}
                d={place.path}
                fill={swatch}
                stroke="var(--color-ink)"
                strokeWidth="0.8"
                vectorEffect="non-scaling-stroke"
              />
            ))}
            {boxes.map((box) => (
              <path
                key={box}
                d={box}
                fill="none"
                stroke="var(--color-ink)"
                strokeWidth="1"
                vectorEffect="non-scaling-stroke"
              />
            ))}
          </g>
          <UsedLength view={view} high={sheet.height} length={length.mm} text={one(length)} tags={tags} />
          {tags.map((tag) => (
            <Tag key={tag.of.tag} {...tag} late={tag.of.late} />
          ))}
          {at && knife.alive && (
            <g stroke="var(--color-signal)" strokeWidth="2" fill="none" data-knife="">
              <circle cx={at.x} cy={at.y} r="9" />
              <path d={`M${at.x - 15} ${at.y}h30M${at.x} ${at.y - 15}v30`} />
            </g>
          )}
          <Rulers view={view} width={width} height={height} units={units} />
        </svg>
      )}
    </div>
  );
}
