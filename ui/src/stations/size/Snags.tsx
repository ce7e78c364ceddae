import type { Schemas } from '../../api/client';
import { Section } from '../../parts/basics';
import type { Drawing } from './useDrawing';

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];
const MOST = 6;

/** What will go wrong, numbered as on the drawing, with what would cure it. */
export function Snags({
  snags,
  onCure,
}: {
  snags: Schemas['SnagView'][] | undefined;
  onCure: (part: Partial<Drawing>) => void;
}) {
  if (snags === undefined) {
    return (
      <Section title="Snags">
        <p role="status" className="text-ink2">
          Checking …
        </p>
      </Section>
    );
  }
  if (snags.length === 0) {
    return (
      <Section title="No snags">
        <p className="text-ink2">It can be cut and weeded as it stands.</p>
      </Section>
    );
  }
  return (
    <Section title={`${NUMBERS[snags.length] ?? snags.length} ${snags.length === 1 ? 'snag' : 'snags'}`} signal>
      <ol className="flex flex-col gap-2">
        {snags.slice(0, MOST).map((snag, nth) => (
          <li key={`${snag.code}-${snag.x}-${snag.y}`} className="flex gap-2">
            <span className="flex h-6 w-6 shrink-0 items-center justify-center bg-signal font-semibold text-white">
              {nth + 1}
            </span>
            <div className="text-[15px]">
              <p>{snag.message}</p>
              <p className="mt-0.5 flex flex-wrap gap-1.5">
                {snag.cures.map((cure) =>
                  cure.capHeight || cure.do === 'centre' ? (
                    <button
                      key={cure.do}
                      type="button"
                      className="border border-ink bg-paper px-2 py-0.5 text-sm font-medium hover:bg-shade"
                      onClick={() =>
                        onCure(cure.capHeight ? { capHeight: `${cure.capHeight.mm}mm` } : { left: '', top: '' })
                      }
                    >
                      {cure.says}
                    </button>
                  ) : (
                    <span key={cure.do} className="py-0.5 text-sm text-ink2">
                      or {cure.says.charAt(0).toLowerCase() + cure.says.slice(1)}
                    </span>
                  ),
                )}
              </p>
            </div>
          </li>
        ))}
      </ol>
      {snags.length > MOST && <p className="mt-1 text-sm text-ink2">and {snags.length - MOST} more of the same kind</p>}
    </Section>
  );
}
