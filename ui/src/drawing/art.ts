import type { Fit } from '../api/client';

/** What is drawn of a decal on its object. */
export type Art = Pick<Fit['place'], 'left' | 'top' | 'size'> &
  Pick<Fit['surface'], 'object' | 'outline'> &
  Pick<Fit['film'], 'path'> &
  Partial<Pick<Fit['surface'], 'safe' | 'keepOuts' | 'focus'> & Pick<Fit['film'], 'layers'>>;

/** What a drawing shows of a fit. */
export const artOf = (fit: Fit): Art => ({ ...fit.place, ...fit.surface, ...fit.film });
