import { createContext, useContext, useId } from 'react';
import type { Schemas } from '../api/client';

/** Where a picture that is printed is found by the number of its drawing: elsewhere for a customer than for the shop. */
export const PictureSource = createContext((id: number) => `/api/art/${id}/picture`);

/** Where the photo of an object is found by its name. */
export const PhotoSource = createContext((name: string) => `/api/laid/${name}`);

/** How an object looks: its colour, or a photo laid on it; nothing where nobody said. */
export type Ground = { colour?: string | null; photo?: string | null };

/** The object as it looks, inside its outline, mm. */
export function GroundPicture({
  ground,
  outline,
  size,
}: {
  ground: Ground;
  outline: string;
  size: { width: number; height: number };
}) {
  const id = useId();
  const source = useContext(PhotoSource);
  if (ground.photo) {
    return (
      <g>
        <clipPath id={id}>
          <path d={outline} clipRule="evenodd" />
        </clipPath>
        <image
          href={source(ground.photo)}
          width={size.width}
          height={size.height}
          preserveAspectRatio="none"
          clipPath={`url(#${id})`}
        />
      </g>
    );
  }
  return ground.colour ? <path d={outline} fillRule="evenodd" fill={ground.colour} /> : null;
}

/** A picture inside the outline it is cut by. */
export function Printed({ picture, path }: { picture: Schemas['PictureView']; path: string }) {
  const id = useId();
  const source = useContext(PictureSource);
  const { left, top, width, height } = picture.at;
  return (
    <g>
      <clipPath id={id}>
        <path d={path} />
      </clipPath>
      <path d={path} fill="var(--color-white)" />
      <image
        href={source(picture.id)}
        x={left}
        y={top}
        width={width}
        height={height}
        preserveAspectRatio="none"
        clipPath={`url(#${id})`}
      />
      <path
        d={path}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="1"
        strokeDasharray="5 3"
        vectorEffect="non-scaling-stroke"
      />
    </g>
  );
}
