import type { FilmShown, Schemas } from '../api/client';
import { useShown } from '../parts/basics';
import { Hatches } from './Hatch';
import { ArtLayers, swatches } from './ObjectMarks';
import { type Ground, GroundPicture } from './pictures';

/** Every decal of a set on its object, all at one scale side by side, so that an uneven one is seen. */
export function SetDrawing({
  set,
  swatch,
  films,
  ground,
}: {
  set: Schemas['SetView'];
  swatch: string;
  films: FilmShown[];
  ground?: Ground | null;
}) {
  const shown = useShown();
  const { width, height } = { width: set.object.width.mm, height: set.object.height.mm };
  const across = Math.max(150, Math.min(300, width / height > 2 ? 300 : 190));
  const scale = across / width;
  return (
    <ul className="flex flex-wrap content-start gap-x-4 gap-y-3 p-4">
      {set.members.map((member, nth) => {
        const colours = swatches(member.layers, swatch, films);
        const decides = nth === set.deciding;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: names may stand twice; their place tells them apart
          <li key={nth}>
            <div className={`bg-paper p-1.5 ${decides ? 'border-2 border-ink' : 'border border-rule'}`}>
              <svg
                width={across}
                height={height * scale}
                viewBox={`0 0 ${width} ${height}`}
                role="img"
                overflow="visible"
                aria-label={`${member.lines.join(' ')} on its object`}
              >
                {nth === 0 && <Hatches scale={scale} />}
                {ground && <GroundPicture ground={ground} outline={set.outline} size={{ width, height }} />}
                <path
                  d={set.outline}
                  fill="none"
                  stroke="var(--color-ink)"
                  strokeWidth="1.2"
                  vectorEffect="non-scaling-stroke"
                />
                <path
                  d={set.safe}
                  fill="none"
                  stroke="var(--color-ink2)"
                  strokeDasharray="4 3"
                  vectorEffect="non-scaling-stroke"
                />
                <g transform={`translate(${member.left.mm} ${member.top.mm})`}>
                  <ArtLayers layers={member.layers} path="" colours={colours} />
                </g>
              </svg>
              <span className="mt-1 block text-sm" style={{ width: across }}>
                <b className="font-semibold">{member.lines.join(' / ')}</b>
                <span className="text-ink2">
                  {' '}
                  ·{' '}
                  {set.highest.mm > set.capHeight.mm
                    ? `letters ${shown.one(member.capHeight)}`
                    : `alone ${shown.one(member.alone)}`}
                </span>
                {decides && <span className="block">decides the letter height</span>}
                {!member.canBeCut && <span className="block font-medium text-signal-ink">{member.says}</span>}
                {!member.inside && (
                  <span className="block font-medium text-signal-ink">does not fit at this height</span>
                )}
              </span>
            </div>
          </li>
        );
      })}
    </ul>
  );
}

/** The decals of a proof, all at one scale. */
export function PartsDrawing({
  parts,
  thing,
  swatch,
  films,
  fileOf,
}: {
  parts: Schemas['PartView'][];
  thing: Pick<Schemas['ObjectView'], 'outline' | 'size'> & Ground;
  swatch: string;
  films: FilmShown[];
  /** Where a decal can be had as a file, by its place. */
  fileOf?: ((nth: number) => string) | undefined;
}) {
  const { width, height } = { width: thing.size.width.mm, height: thing.size.height.mm };
  const across = Math.max(150, Math.min(300, width / height > 2 ? 300 : 190));
  return (
    <ul className="flex flex-wrap content-start gap-x-4 gap-y-3 p-4">
      {parts.map((part, nth) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: names may stand twice; their place tells them apart
        <li key={nth} className="border border-rule bg-paper p-1.5">
          <svg
            width={across}
            height={(height * across) / width}
            viewBox={`0 0 ${width} ${height}`}
            role="img"
            overflow="visible"
            aria-label={`${part.lines.join(' ')} on its object`}
          >
            <GroundPicture ground={thing} outline={thing.outline} size={{ width, height }} />
            <path
              d={thing.outline}
              fill="none"
              stroke="var(--color-ink)"
              strokeWidth="1.2"
              vectorEffect="non-scaling-stroke"
            />
            <g transform={`translate(${part.left.mm} ${part.top.mm})`}>
              <ArtLayers layers={part.layers} path="" colours={swatches(part.layers, swatch, films)} />
            </g>
          </svg>
          <span className="mt-1 flex items-baseline justify-between text-sm font-semibold" style={{ width: across }}>
            {part.lines.join(' / ')}
            {fileOf && (
              <a
                href={fileOf(nth)}
                download
                className="font-normal underline"
                aria-label={`${part.lines.join(' ')} as SVG`}
              >
                SVG
              </a>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
