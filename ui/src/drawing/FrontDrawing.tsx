import type { FilmShown, Fit } from '../api/client';
import { Hatches } from './Hatch';
import { AtScale, fitView, useRoom } from './scale';

/** A round thing as it is seen from the front, with what is seen of the decal on it. */
export function FrontDrawing({
  fit,
  swatch,
  films,
  colour,
}: {
  fit: Fit;
  swatch: string;
  films: FilmShown[];
  /** Of the object, where somebody said it. */
  colour?: string | null;
}) {
  const { ref, width, height } = useRoom();
  const front = fit.surface.front;
  if (!front) {
    return null;
  }
  const size = { width: front.size.width.mm, height: front.size.height.mm };
  const view = fitView({ width, height }, size, { left: 16, top: 40, right: 16, bottom: 16 });
  const middle = view.x + (size.width / 2) * view.scale;
  return (
    <div ref={ref} className="relative h-full w-full contain-size overflow-hidden bg-paper">
      <p className="label absolute top-3 left-4">From the front</p>
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label="The object as it is seen from the front">
          <Hatches scale={view.scale} />
          <AtScale view={view}>
            {colour && <path d={front.outline} fill={colour} />}
            {front.keepOuts && <path d={front.keepOuts} fill="url(#kept-clear)" />}
            {front.layers
              .map((layer, nth) => ({ ...layer, key: front.layers.length - nth }))
              .reverse()
              .map((layer) => (
                <path
                  key={layer.key}
                  d={layer.path}
                  fill={films.find((film) => film.id === layer.film)?.swatch ?? swatch}
                  stroke="var(--color-ink)"
                  strokeWidth="0.8"
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            <path
              d={front.outline}
              fill="none"
              stroke="var(--color-ink)"
              strokeWidth="1.6"
              vectorEffect="non-scaling-stroke"
            />
          </AtScale>
          <path
            d={`M${middle} ${view.y - 10}V${view.y + size.height * view.scale + 10}`}
            stroke="var(--color-ink2)"
            strokeWidth="0.9"
            strokeDasharray="14 4 3 4"
            fill="none"
          />
        </svg>
      )}
    </div>
  );
}
