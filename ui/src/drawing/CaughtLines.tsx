import { Told } from './Told';
import type { Caught } from './useArtDrag';

/** What a drag has caught: the line, and what it is. */
export function CaughtLines({
  caught,
  px,
  width,
  height,
}: {
  caught: Caught;
  px: { x: (mm: number) => number; y: (mm: number) => number };
  width: number;
  height: number;
}) {
  return (
    <g stroke="var(--color-signal)" strokeWidth="1.4" className="label">
      {caught.across && (
        <>
          <path d={`M${px.x(caught.across.line.mm)} 26V${height}`} />
          <Told x={px.x(caught.across.line.mm) + 6} y={height - 12} says={caught.across.label} />
        </>
      )}
      {caught.down && (
        <>
          <path d={`M26 ${px.y(caught.down.line.mm)}H${width}`} />
          <Told x={34} y={px.y(caught.down.line.mm) - 6} says={caught.down.label} />
        </>
      )}
    </g>
  );
}
