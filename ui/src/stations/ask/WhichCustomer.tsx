import type { Schemas } from '../../api/client';
import { Says } from '../../parts/fields';

/** Several may bear a name: which of them it is, told apart by how they are reached. */
export function WhichCustomer({
  name,
  namesakes,
  known,
  onKnown,
  says,
}: {
  name: string;
  namesakes: Schemas['CustomerView'][];
  known: string;
  onKnown: (known: string, contact: string) => void;
  says?: string;
}) {
  const ways = [
    ...namesakes.map((one) => ({ value: String(one.id), label: `The ${name} known here, ${one.toldBy}`, of: one })),
    { value: 'new', label: `Another ${name}`, of: null },
  ];
  return (
    <fieldset className="col-span-6 border-l-4 border-ink bg-shade px-3 py-2">
      <legend className="sr-only">Which {name}</legend>
      <p className="label">Which {name}</p>
      <div className="flex flex-wrap gap-x-6">
        {ways.map((way) => (
          <label key={way.value} className="flex min-h-10 cursor-pointer items-center gap-2">
            <input
              type="radio"
              name="known"
              className="h-5 w-5 accent-ink"
              value={way.value}
              checked={known === way.value}
              onChange={() => onKnown(way.value, way.of?.contact ?? '')}
            />
            {way.label}
          </label>
        ))}
      </div>
      <Says id="known-says" says={says} />
    </fieldset>
  );
}
