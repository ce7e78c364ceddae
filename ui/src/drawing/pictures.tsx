import { createContext, useContext, useId } from 'react';
import type { Schemas } from '../api/client';

/** Where a picture that is printed is found by the number of its drawing: elsewhere for a customer than for the shop. */
export const PictureSource = createContext((id: number) => `/api/art/${id}/picture`);

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
