import type { Schemas } from '../../api/client';
import type { Drawing } from './useDrawing';

/** A cure as a part of the drawing, typed as a hand would type it. */
export function applied(change: Schemas['CureChangeView'], drawing: Drawing): Partial<Drawing> {
  const out = change.setting.find((part) => part.name === 'leave-out')?.value;
  if (out !== undefined && drawing.art) {
    return {
      art: {
        ...drawing.art,
        layers: drawing.art.layers.map((layer) => (layer.colour === out ? { ...layer, film: '0' } : layer)),
      },
      left: '',
      top: '',
    };
  }
  return {
    ...(change.capHeight === null ? {} : { capHeight: change.capHeight }),
    ...(change.face === null ? {} : { face: change.face }),
    ...(change.film === null ? {} : { film: change.film }),
    ...(change.toTheMiddle ? { left: '', top: '' } : {}),
    ...(change.setting.length === 0
      ? {}
      : {
          setting: {
            ...drawing.setting,
            ...Object.fromEntries(change.setting.map((part) => [part.name, part.value])),
          },
        }),
  };
}
