import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type On, type Problem, type Schemas } from '../../api/client';
import { Move, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import type { Units } from '../../parts/units';
import { motifOf } from './MotifPanel';
import type { Drawing } from './useDrawing';

type Offer = Schemas['BoxOfferView'];

/** So wide and so high: letters are not stretched, so tracking, a little condensing or another face come near. */
export function BoxPanel({
  on,
  drawing,
  units,
  change,
}: {
  on: On;
  drawing: Drawing;
  units: Units;
  change: (part: Partial<Drawing>) => void;
}) {
  const shown = useShown();
  const isDrawn = drawing.art !== null || motifOf(drawing) !== null;
  const [typed, setTyped] = useState({ wide: '', high: '' });
  const look = useMutation<{ offers: Offer[] }, Problem>({
    mutationFn: () => {
      const { roster: _, ...single } = drawing;
      return ask(api.POST('/api/box', { body: { ...on, ...single, units, ...typed } }));
    },
  });
  const says = look.error?.fields ?? {};
  const take = (offer: Offer) =>
    change({
      ...(isDrawn ? {} : { face: offer.face }),
      capHeight: `${offer.capHeight.mm}mm`,
      left: '',
      top: '',
      setting: {
        ...drawing.setting,
        tracking: offer.tracking === 0 ? '' : String(offer.tracking),
        condense: offer.condense === 0 ? '' : String(offer.condense),
      },
    });
  return (
    <form
      className="mb-4 border-t border-rule pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        look.mutate();
      }}
    >
      <div className="label mb-1">In a box of both</div>
      <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        <TextField
          label="So wide"
          value={typed.wide}
          onChange={(wide) => setTyped((now) => ({ ...now, wide }))}
          says={says.wide}
        />
        <TextField
          label="So high"
          value={typed.high}
          onChange={(high) => setTyped((now) => ({ ...now, high }))}
          says={says.high}
        />
        <Move type="submit" disabled={look.isPending}>
          Look
        </Move>
      </div>
      {look.error && Object.keys(says).length === 0 && (
        <p className="mt-1 text-sm font-medium text-signal-ink">{look.error.message}</p>
      )}
      <ul className="mt-2 flex flex-col gap-1.5" aria-live="polite">
        {look.data?.offers.map((offer) => (
          <li key={offer.face}>
            <button
              type="button"
              className="w-full border border-ink bg-paper px-2 py-1 text-left hover:bg-shade"
              onClick={() => take(offer)}
            >
              <span className="block font-medium">
                {isDrawn ? 'The drawing' : offer.name}, {shown.size(offer.size)}
              </span>
              <span className="block text-sm text-ink2">
                {[
                  offer.tracking === 0 ? '' : `tracking ${offer.tracking}`,
                  offer.condense === 0
                    ? ''
                    : `${offer.condense > 0 ? 'condensed' : 'expanded'} by ${Math.abs(offer.condense)} %`,
                  left(offer, shown.one),
                ]
                  .filter((one) => one !== '')
                  .join(', ')}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </form>
  );
}

/** What is left over, where it is worth a word. */
function left(offer: Offer, one: (length: Offer['across']) => string): string {
  const [side, name] = offer.across.mm > offer.down.mm ? [offer.across, 'wide'] : [offer.down, 'high'];
  return side.mm < 0.3 ? 'fills it' : `${one(side)} less ${name}`;
}
