import type { FilmShown, Schemas } from '../api/client';
import { Printed } from './pictures';

/** The colours of a decal's layers, the letters first. */
export const swatches = (layers: Schemas['LayerView'][] | undefined, own: string, films: FilmShown[]) =>
  (layers ?? []).map((layer) =>
    layer.film === null ? own : (films.find((film) => film.id === layer.film)?.swatch ?? own),
  );

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
        .map((d, nth) => {
          const picture = layers?.[nth]?.picture;
          return picture ? (
            <Printed key={picture.id} picture={picture} path={d} />
          ) : (
            <path
              // biome-ignore lint/suspicious/noArrayIndexKey: a layer is where it lies
              key={nth}
              d={d}
              fill={colours[nth] ?? colours[0]}
              stroke="var(--color-ink)"
              strokeWidth="0.8"
              vectorEffect="non-scaling-stroke"
            />
          );
        })
        .reverse()}
    </>
  );
}

export type Pin = { spot: Schemas['SpotView']; label: string };

/** A triangle as drawings mark a change, its tip on the spot, and a letter that stands again beside the note. */
export function PinMark({ x, y, label }: { x: number; y: number; label: string }) {
  return (
    <g>
      <path d={`M${x} ${y}l-13 -26h26z`} fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="1.6" />
      <text x={x} y={y - 12} textAnchor="middle" fontSize="13" fontWeight="600" fill="var(--color-ink)">
        {label}
      </text>
    </g>
  );
}

/** Of one kind of snag: so many spots are marked, and the worst few carry the number. */
const SPOTS = 60;
const FLAGS = 3;

/** Numbered flags: the spot, and a number that stands again beside the sentence. */
export function SnagFlags({
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
          const stop = snag.severity === 'stop' && snag.waiver === null;
          return (
            <g key={`${snag.code}-${spot.x}-${spot.y}`}>
              <circle cx={at.x} cy={at.y} r="4" fill="var(--color-signal)" />
              {which < FLAGS && (
                <>
                  <path d={`M${at.x} ${at.y}l14 -30`} stroke="var(--color-signal)" strokeWidth="1.5" />
                  <rect
                    x={at.x + 5}
                    y={at.y - 50}
                    width={20}
                    height={20}
                    fill={stop ? 'var(--color-signal)' : 'var(--color-paper)'}
                    stroke="var(--color-signal)"
                    strokeWidth="2"
                  />
                  <text
                    x={at.x + 15}
                    y={at.y - 35}
                    textAnchor="middle"
                    fontSize="14"
                    fontWeight="600"
                    fill={stop ? 'var(--color-white)' : 'var(--color-signal-ink)'}
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
