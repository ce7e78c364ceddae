import type { Film, Schemas } from '../../api/client';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import { Both, Caution, Scroll, Section, useShown } from '../../parts/basics';
import { asDay } from '../../parts/time';

/** What the answers so far come to, while the customer is still talking. */
export function LiveAnswers({
  answers,
  film,
  needed,
}: {
  answers: Schemas['AnswersView'] | undefined;
  film: Film | undefined;
  needed: string;
}) {
  const shown = useShown();
  const fit = answers?.fit;
  const stop = answers?.check?.snags.find((snag) => snag.severity === 'stop');
  return (
    <Scroll label="What it comes to" className="min-h-0 flex-1 p-5" live>
      <Section title="Does it fit">
        {fit ? (
          <>
            <div className="mb-2 h-44 border border-rule">
              <ObjectDrawing
                art={fit}
                swatch={film?.swatch ?? '#12201f'}
                rulers={false}
                label="The words on the object, to scale"
              />
            </div>
            <p>
              Letters up to <Both length={fit.largest} figure />
            </p>
            <p className="text-ink2">{shown.size(fit.size)} over all, in a plain face</p>
            {stop && <p className="mt-1 font-medium text-signal-ink">{stop.message}</p>}
          </>
        ) : (
          <p className="text-ink2">As soon as the words and the object’s size are known.</p>
        )}
      </Section>
      <Section title="Ready to use">
        {answers && (
          <p>
            <span className="figure">{asDay(answers.readyAt)}</span>
            <span className="block text-ink2">at the earliest: bench, then the film rests on its object.</span>
            {answers.inTime === true && <span className="block">In time for {needed}.</span>}
            {answers.inTime === false && (
              <span className="block font-medium text-signal-ink">
                Too late for {needed}: it has to rest before it is used.
              </span>
            )}
          </p>
        )}
      </Section>
      <Section title="Film">
        <p>{film ? `${film.name}. ${film.life}` : <span className="text-ink2">Not chosen yet.</span>}</p>
        {answers?.warning && (
          <div className="mt-2">
            <Caution>{answers.warning}</Caution>
          </div>
        )}
      </Section>
    </Scroll>
  );
}
