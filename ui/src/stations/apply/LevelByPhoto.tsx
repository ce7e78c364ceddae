import { useState } from 'react';
import { api, ask, type Problem, type Schemas } from '../../api/client';
import { Move } from '../../parts/basics';
import { Box } from '../../parts/dialog';

type Spot = { x: number; y: number };
const ASKS = [
  'Tap the foot of the first letter.',
  'Tap the foot of the last letter.',
  'If the photo was held askew: tap one end of an edge it should run along.',
  'Tap the other end of that edge.',
];

/** Two taps on a photo tell how level the decal is; the photo stays on this device. */
export function LevelByPhoto({ piece }: { piece: number }) {
  const [photo, setPhoto] = useState<string | null>(null);
  const [spots, setSpots] = useState<Spot[]>([]);
  const [told, setTold] = useState<Schemas['LevelView'] | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const close = () => {
    setPhoto(null);
    setSpots([]);
    setTold(null);
    setSays(null);
  };
  const tap = async (spot: Spot) => {
    const all = spots.length >= 4 ? [spot] : [...spots, spot];
    setSpots(all);
    setTold(null);
    if (all.length % 2 === 0) {
      const flat = all.flatMap(({ x, y }) => [x, y]);
      try {
        setSays(null);
        setTold(
          await ask(
            api.POST('/api/pieces/{id}/level', {
              params: { path: { id: piece } },
              body: { line: flat.slice(0, 4), along: flat.slice(4) },
            }),
          ),
        );
      } catch (fault) {
        setSays((fault as Problem).message);
      }
    }
  };
  return (
    <>
      <label className="mt-2 inline-flex min-h-12 cursor-pointer self-start items-center border border-ink bg-paper px-3 font-medium hover:bg-shade">
        Level by a photo …
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file) {
              close();
              const reader = new FileReader();
              reader.onload = () => setPhoto(String(reader.result));
              reader.readAsDataURL(file);
            }
          }}
        />
      </label>
      <Box
        open={photo !== null}
        onClose={close}
        title="Is it level?"
        what="The photo stays on this device. Stand straight in front of it."
        wide
      >
        <p className="mb-2 text-lead font-semibold" role="status">
          {told?.says ?? says ?? ASKS[spots.length % 4]}
        </p>
        {told && spots.length === 2 && <p className="mb-2 text-ink2">{ASKS[2]}</p>}
        {photo && (
          <button
            type="button"
            className="relative block w-full cursor-crosshair"
            aria-label="The photo: tap two spots"
            onClick={(event) => {
              const box = event.currentTarget.getBoundingClientRect();
              tap({ x: event.clientX - box.left, y: event.clientY - box.top });
            }}
          >
            <img src={photo} alt="" className="block max-h-[60vh] w-full object-contain" />
            <svg className="pointer-events-none absolute inset-0 h-full w-full" aria-hidden="true">
              {[0, 2].map(
                (from) =>
                  spots[from] &&
                  spots[from + 1] && (
                    <line
                      key={from}
                      x1={spots[from]?.x}
                      y1={spots[from]?.y}
                      x2={spots[from + 1]?.x}
                      y2={spots[from + 1]?.y}
                      stroke="var(--color-signal)"
                      strokeWidth="2"
                    />
                  ),
              )}
              {spots.map((spot) => (
                <circle
                  key={`${spot.x} ${spot.y}`}
                  cx={spot.x}
                  cy={spot.y}
                  r="6"
                  fill="none"
                  stroke="var(--color-signal)"
                  strokeWidth="3"
                />
              ))}
            </svg>
          </button>
        )}
        <div className="mt-3 flex gap-3">
          <Move tall onClick={() => setSpots([])} disabled={spots.length === 0}>
            Tap again
          </Move>
          <Move tall keys="Esc" onClick={close}>
            Close
          </Move>
        </div>
      </Box>
    </>
  );
}
