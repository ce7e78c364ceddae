import type { Film, Fit, Schemas } from '../../api/client';
import { artOf } from '../../drawing/art';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import type { Ground } from '../../drawing/pictures';
import { Both, Caution, Scroll, Section, Swatch, useShown } from '../../parts/basics';
import { asDay, asMoment } from '../../parts/time';
import { QuoteLines } from '../Quote';

/** What the answers so far come to, while the customer is still talking. */
export function LiveAnswers({
  answers,
  film,
  needed,
  ground,
  comes,
  onFilm,
}: {
  answers: Schemas['AnswersView'] | undefined;
  film: Film | undefined;
  needed: string;
  /** How the object looks, as far as somebody said. */
  ground: Ground;
  /** Whether its drawing is still to come. */
  comes: boolean;
  onFilm: (film: string) => void;
}) {
  const fit = answers?.fit;
  const stop = answers?.check?.snags.find((snag) => snag.severity === 'stop');
  return (
    <Scroll label="What it comes to" className="min-h-0 flex-1 p-5" live>
      <Section title="Does it fit">
        {fit ? (
          <>
            <div className="mb-2 h-44 border border-rule">
              <ObjectDrawing
                art={artOf(fit)}
                ground={ground}
                swatch={film?.swatch ?? 'var(--color-ink)'}
                rulers={false}
                label="What is drawn on the object, to scale"
              />
            </div>
            <Largest fit={fit} motif={answers?.motif ?? ''} comes={comes} />
            {stop && <p className="mt-1 font-medium text-signal-ink">{stop.message}</p>}
          </>
        ) : (
          <p className="text-ink2">As soon as what is on it and the object’s size are known.</p>
        )}
      </Section>
      <Section title="Ready to use">
        {answers && !answers.promised && <p className="text-ink2">The shop is never open: its hours are not set.</p>}
        {answers?.promised && <Promised promised={answers.promised} needed={needed} />}
      </Section>
      {answers?.quote && <Quote quote={answers.quote} />}
      {answers?.enough && <Enough enough={answers.enough} />}
      <Section title="Film">
        <p>{film ? `${film.name}. ${answers?.life ?? ''}` : <span className="text-ink2">Not chosen yet.</span>}</p>
        {answers?.warning && (
          <div className="mt-2">
            <Caution>{answers.warning}</Caution>
          </div>
        )}
        {answers && <Advice advice={answers.advice} onFilm={onFilm} />}
      </Section>
    </Scroll>
  );
}

/** How large it can be: of words their letters, of what stands in their place all of it. */
function Largest({ fit, motif, comes }: { fit: Fit; motif: string; comes: boolean }) {
  const shown = useShown();
  const size = shown.size(fit.place.size);
  return motif === '' ? (
    <>
      <p>
        Letters up to <Both length={fit.lettering.largest} figure />
      </p>
      <p className="text-ink2">{size} over all, in a plain face</p>
    </>
  ) : (
    <>
      <p>
        {motif} of <span className="figure">{size}</span>
      </p>
      <p className="text-ink2">
        {shown.otherSize(fit.place.size)}, {comes ? 'a plain shape until it is brought' : 'the largest that fits'}
      </p>
    </>
  );
}

/** When it can be ready, told from the queue: what that is made of, what would make it earlier, by when the yes is needed. */
function Promised({ promised, needed }: { promised: Schemas['PromisedView']; needed: string }) {
  return (
    <>
      <p>
        <span className="figure">{asDay(promised.readyAt)}</span>
        <span className="block text-ink2">{promised.chain}</span>
        {promised.inTime === true && (
          <span className="block">
            In time for {needed}
            {promised.yesBy && `, with a yes by ${asMoment(promised.yesBy)}`}.
          </span>
        )}
        {promised.inTime === false && (
          <span className="block font-medium text-signal-ink">
            Too late for {needed}
            {promised.yesBy && `, unless the yes comes by ${asMoment(promised.yesBy)}`}.
          </span>
        )}
      </p>
      {promised.sooner.length > 0 && (
        <ul className="mt-1 text-note text-ink2">
          {promised.sooner.map((one) => (
            <li key={one.says}>
              {asMoment(one.readyAt)} {one.says}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** What it costs, how that came about, and what other quantities would. */
function Quote({ quote }: { quote: Schemas['QuoteView'] }) {
  return (
    <Section title="What it costs" named>
      <p>
        <span className="figure">{quote.total.text}</span>
        {quote.tax.minor > 0 && <span className="text-ink2"> with tax</span>}
      </p>
      {quote.steps.length > 0 && (
        <p className="text-note text-ink2">
          {quote.steps.map((step) => (
            <span key={step.copies} className="mr-3 inline-block">
              {step.copies} for {step.total.text}
            </span>
          ))}
        </p>
      )}
      <QuoteLines quote={quote} />
    </Section>
  );
}

/** What it takes of film, tape and blanks, against what is on the shelf. */
function Enough({ enough }: { enough: NonNullable<Schemas['AnswersView']['enough']> }) {
  const rows: [string, string, string, string | null][] = [
    ...enough.films.map((film): [string, string, string, string | null] => [
      enough.films.length > 1 ? film.name : 'film',
      `${film.needed} m² ± ${film.doubt} %`,
      `${film.shelf} m²`,
      film.buy > 0 ? `buy ${film.buy} m²` : null,
    ]),
    ...enough.tapes.map(({ kind, roll }): [string, string, string, string | null] =>
      roll
        ? [roll.name, `${roll.needed} ${roll.unit}`, `${roll.shelf} ${roll.unit}`, roll.isEnough ? null : 'not enough']
        : [kind, '', 'none', 'buy some'],
    ),
    ...enough.blanks.map((blank): [string, string, string, string | null] => [
      blank.name,
      String(blank.needed),
      String(blank.shelf),
      blank.isEnough ? null : `buy ${blank.needed - blank.shelf}`,
    ]),
  ];
  return (
    <Section title="Enough?" signal={rows.some(([, , , short]) => short !== null)}>
      <table className="w-full text-note">
        <thead>
          <tr className="text-left text-sm text-ink2">
            <td />
            <th className="font-normal">takes</th>
            <th className="font-normal">there is</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, takes, shelf, short]) => (
            <tr key={name} className="border-t border-rule align-top">
              <th scope="row" className="py-1 pr-2 text-left font-normal">
                {name}
              </th>
              <td className="py-1 pr-2 whitespace-nowrap">{takes}</td>
              <td className="py-1">
                <span className="whitespace-nowrap">{shelf}</span>
                {short && <b className="block font-medium text-signal-ink">{short}</b>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {enough.untold > 0 && (
        <p className="mt-1 text-sm text-ink2">
          {enough.untold === 1 ? 'One item is' : `${enough.untold} items are`} not counted yet.
        </p>
      )}
    </Section>
  );
}

const VERDICT: Record<string, string> = {
  best: 'suits',
  'will-do': 'will do',
  against: 'better not',
  refused: 'does not work',
};

/** What the shop keeps, in the order it suits this surface and use, each with the reason. */
function Advice({ advice, onFilm }: { advice: Schemas['FilmAdviceView'][]; onFilm: (film: string) => void }) {
  return (
    <ol className="mt-3 flex flex-col gap-2" aria-label="What suits this surface and use">
      {advice.map((one) => (
        <li key={one.grade} className="border-t border-rule pt-1.5 text-note">
          <p>
            <b className="font-semibold">{one.grade}</b>{' '}
            <span className={one.verdict === 'best' ? 'font-medium' : 'text-ink2'}>{VERDICT[one.verdict]}</span>
          </p>
          <p className="text-sm text-ink2">{one.reason}</p>
          {one.verdict !== 'refused' && (
            <p className="mt-1 flex flex-wrap gap-1">
              {one.films.map((film) => (
                <button
                  key={film.id}
                  type="button"
                  className="flex min-h-8 items-center gap-1.5 border border-rule bg-paper px-2 text-sm hover:bg-shade"
                  onClick={() => onFilm(String(film.id))}
                  aria-label={`Take ${film.name}`}
                >
                  <Swatch film={film} size={16} /> {film.name.split(', ')[1]}
                </button>
              ))}
            </p>
          )}
        </li>
      ))}
    </ol>
  );
}
