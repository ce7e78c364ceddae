import type { FilmShown, Proof, Schemas } from '../api/client';
import { ObjectDrawing } from './ObjectDrawing';
import type { Pin } from './ObjectMarks';
import { PartsDrawing } from './SetDrawing';

type Spot = Schemas['SpotView'];

/** The films of a proof's layers as they were when it was made. */
export const filmsOf = (proof: Proof): FilmShown[] =>
  proof.parts[0]?.layers.flatMap((layer, nth) => {
    const film = proof.films[nth];
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
  const swatch = proof.films[0]?.swatch ?? 'var(--color-ink)';
  const films = filmsOf(proof);
  if (proof.parts.length > 1) {
    return (
      <PartsDrawing
        parts={proof.parts}
        thing={{ outline: proof.outline, size: proof.objectSize, colour: proof.colour, photo: proof.photo }}
        swatch={swatch}
        films={films}
        fileOf={fileOf}
      />
    );
  }
  return (
    <ObjectDrawing
      films={films}
      art={{ ...proof, layers: proof.parts[0]?.layers ?? [], object: proof.objectSize, outline: proof.outline }}
      swatch={swatch}
      rulers={rulers}
      pins={pins}
      onPin={onPin}
      ground={proof}
      label={`Proof ${proof.nth}: ${proof.words.join(' ')} on ${proof.object}, to scale`}
    />
  );
}
