import type { Schemas } from '../../api/client';
import { Section, useShown } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';
import type { Drawing } from './useDrawing';

/** What stands out in a set: who holds the others back, and who stands twice or nearly. */
export function SetPanel({
  set,
  drawing,
  change,
  says,
}: {
  set: Schemas['SetView'] | undefined;
  drawing: Drawing;
  change: (part: Partial<Drawing>) => void;
  says: Record<string, string>;
}) {
  const shown = useShown();
  if (!set) {
    return null;
  }
  const size = drawing.setting.setSize;
  const setting = (part: Partial<Drawing['setting']>) => change({ setting: { ...drawing.setting, ...part } });
  const lines = set.members.map((member) => member.lines.join(' | '));
  const outliers = set.members
    .map((member, nth) => ({ member, nth }))
    .filter(({ member }) => member.outlier)
    .sort((a, b) => a.member.alone.mm - b.member.alone.mm);
  const uncut = set.members.filter((member) => !member.canBeCut).length;
  const apply = (nth: number, proposal: Schemas['ProposalView']) => {
    if (proposal.do === 'two-lines') {
      change({ roster: lines.map((line, at) => (at === nth ? proposal.lines.join(' | ') : line)).join('\n') });
    } else if (proposal.do === 'condense') {
      change({ setting: { ...drawing.setting, condense: String(proposal.condense) } });
    } else if (proposal.face) {
      change({ face: proposal.face });
    }
  };
  return (
    <>
      <div className="mb-4 grid grid-cols-2 gap-3">
        <div className="col-span-2">
          <SelectField
            label="How large"
            value={size}
            onChange={(setSize) => setting({ setSize })}
            options={[
              { value: '', label: 'One letter height for all' },
              { value: 'each', label: 'Each as large as it can be' },
              { value: 'box', label: 'Each in a width, a height, a box' },
            ]}
          />
        </div>
        {size === 'box' && (
          <>
            <TextField
              label="Width of each"
              placeholder="any"
              value={drawing.setting.setWide}
              onChange={(setWide) => setting({ setWide })}
              says={says.setWide}
            />
            <TextField
              label="Height of each"
              placeholder="any"
              value={drawing.setting.setHigh}
              onChange={(setHigh) => setting({ setHigh })}
              says={says.setHigh}
            />
          </>
        )}
      </div>
      {uncut > 0 && (
        <Section title={`${uncut} cannot be cut ${size ? 'so small' : 'at this height'}`} signal>
          <p>Take a bolder face, or larger letters on fewer names.</p>
        </Section>
      )}
      {outliers.length > 0 && (
        <Section
          title={outliers.length === 1 ? 'One holds the others back' : `${outliers.length} hold the others back`}
          signal
        >
          <ul className="flex flex-col gap-2">
            {outliers.slice(0, 12).map(({ member, nth }) => (
              <li key={nth} className="text-note">
                <b className="font-semibold">{member.lines.join(' / ')}</b>, alone {shown.one(member.alone)}
                <span className="mt-1 flex flex-wrap gap-1.5">
                  {member.proposals.map((proposal) => (
                    <button
                      key={proposal.do}
                      type="button"
                      className="border border-ink bg-paper px-2 py-0.5 text-sm font-medium hover:bg-shade"
                      onClick={() => apply(nth, proposal)}
                    >
                      {proposal.do === 'two-lines' ? '' : 'all '}
                      {proposal.says}: {shown.one(proposal.alone)}
                    </button>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </Section>
      )}
      {set.alike.length > 0 && (
        <Section title="Look again at the spelling" signal>
          <ul className="flex flex-col gap-1 text-note">
            {set.alike.slice(0, 12).map((alike) => (
              <li key={`${alike.later}-${alike.earlier}`} className="flex items-baseline justify-between gap-2">
                {alike.says}
                <button
                  type="button"
                  className="shrink-0 text-sm underline"
                  onClick={() => change({ roster: lines.filter((_, at) => at !== alike.later).join('\n') })}
                >
                  drop line {alike.later + 1}
                </button>
              </li>
            ))}
          </ul>
        </Section>
      )}
    </>
  );
}
