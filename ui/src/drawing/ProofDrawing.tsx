import type { FilmShown, Proof, Schemas } from '../api/client';
import { ObjectDrawing } from './ObjectDrawing';
import type { Pin } from './ObjectMarks';
import { PartsDrawing } from './SetDrawing';

type Spot = Schemas['SpotView'];

/** The films of a proof's layers as they were when it was made. */
export const filmsOf = (proof: Proof): FilmShown[] =>
  proof.art.parts[0]?.layers.flatMap((layer, nth) => {
    const film = proof.art.films[nth];
    return film && layer.film !== null ? [{ id: layer.film, name: film.name, swatch: film.swatch }] : [];
  }) ?? [];

/** A proof as it was frozen: its decal on its object, or every decal of a set, with what was pinned to it. */
export function ProofDrawing({
  proof,
  pins = [],
  onPin,
  rulers = true,
  fileOf,
}: {
  proof: Proof;
  pins?: Pin[];
  onPin?: (spot: Spot) => void;
  rulers?: boolean;
  fileOf?: (nth: number) => string;
}) {
  const swatch = proof.art.films[0]?.swatch ?? 'var(--color-ink)';
  const films = filmsOf(proof);
  if (proof.art.parts.length > 1) {
    return (
      <PartsDrawing
        parts={proof.art.parts}
        thing={{ outline: proof.on.outline, size: proof.on.objectSize, colour: proof.on.colour, photo: proof.on.photo }}
        swatch={swatch}
        films={films}
        fileOf={fileOf}
      />
    );
  }
  return (
    <ObjectDrawing
      films={films}
      art={{ ...proof.art, ...proof.on, layers: proof.art.parts[0]?.layers ?? [], object: proof.on.objectSize }}
      swatch={swatch}
      rulers={rulers}
      pins={pins}
      onPin={onPin}
      ground={proof.on}
      label={`Proof ${proof.nth}: ${proof.art.words.join(' ')} on ${proof.on.object}, to scale`}
    />
  );
}
