import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, ask, type Schemas } from '../../api/client';
import { Section, useShown } from '../../parts/basics';
import { useSettled } from '../../parts/time';
import type { Units } from '../../parts/units';

/** The customer's own words in every face, what can be cut first. */
export function Samples({
  docket,
  words,
  units,
  chosen,
  onChoose,
}: {
  docket: number;
  words: string;
  units: Units;
  chosen: string;
  onChoose: (face: string) => void;
}) {
  const settled = useSettled(words, 350);
  const { data } = useQuery({
    queryKey: ['samples', docket, settled],
    queryFn: () => ask(api.POST('/api/samples', { body: { docket, words: settled, face: '', units } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const able = data?.samples.filter((sample) => sample.canBeCut).length ?? 0;
  return (
    <Section title="In every face, the largest that fits">
      {data === undefined && <p className="text-ink2">Setting the words …</p>}
      <div className="flex flex-col gap-2">
        {data?.samples.map((sample) => (
          <Sample
            key={sample.face}
            sample={sample}
            chosen={sample.face === chosen}
            onChoose={() => onChoose(sample.face)}
          />
        ))}
      </div>
      {data && (
        <p className="mt-2 text-sm text-ink2">
          {able} of {data.samples.length} can be cut in this film at this size.
        </p>
      )}
    </Section>
  );
}

function Sample({
  sample,
  chosen,
  onChoose,
}: {
  sample: Schemas['SampleView'];
  chosen: boolean;
  onChoose: () => void;
}) {
  const shown = useShown();
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      className={`w-full bg-paper px-3 py-2 text-left hover:bg-white ${chosen ? 'border-2 border-ink' : 'border border-rule'}`}
    >
      {sample.path && sample.size && (
        <svg
          className="h-10 w-full"
          viewBox={`0 0 ${sample.size.width.mm} ${sample.size.height.mm}`}
          preserveAspectRatio="xMinYMid meet"
          aria-hidden="true"
        >
          <path
            d={sample.path}
            fill={sample.canBeCut ? '#12201f' : 'none'}
            stroke={sample.canBeCut ? 'none' : '#4d5e5c'}
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      )}
      <span className="mt-1 block text-sm">
        <b className="font-semibold">{sample.name}</b>
        {sample.largest && <span> · {shown.one(sample.largest)}</span>}
        <span className={sample.canBeCut ? 'text-ink2' : 'font-medium text-signal-ink'}> · {sample.says}</span>
      </span>
    </button>
  );
}
