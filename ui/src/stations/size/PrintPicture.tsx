import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asFile, ask, type On, type Problem, type Schemas } from '../../api/client';
import { NextMove, Trouble } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { useUnits } from '../../parts/units';

/** A picture that stays one: printed at its size, cut round what is on it. */
export function PrintPicture({
  on,
  file,
  onBrought,
}: {
  on: On;
  file: File;
  onBrought: (art: Schemas['ArtView']) => void;
}) {
  const { units } = useUnits();
  const [high, setHigh] = useState('');
  const [away, setAway] = useState(units === 'metric' ? '2mm' : '1/16in');
  const bring = useMutation<Schemas['ArtView'], Problem>({
    mutationFn: () =>
      ask(
        api.POST('/api/dockets/{number}/picture', {
          params: {
            path: { number: on.docket },
            query: { name: file.name.replace(/\.[^.]*$/, ''), high, away, units },
          },
          body: file as never,
          ...asFile,
        }),
      ),
    onSuccess: onBrought,
  });
  const says = bring.error?.fields ?? {};
  return (
    <form
      className="mt-3 flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        bring.mutate();
      }}
    >
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="How high is what is on it"
          placeholder="80mm"
          value={high}
          onChange={setHigh}
          says={says.high}
        />
        <TextField label="The cut lies outside by" value={away} onChange={setAway} says={says.away} />
      </div>
      <p className="text-sm text-ink2">
        Printed on printable film, dried, given its clear coats, then cut. A plain or clear ground is left out; else the
        cut follows the picture’s edge.
      </p>
      <Trouble says={says.art ?? (bring.error && Object.keys(says).length === 0 ? bring.error.message : null)} />
      <NextMove type="submit" disabled={bring.isPending}>
        {bring.isPending ? 'Finding the outline …' : 'Print it'}
      </NextMove>
    </form>
  );
}
