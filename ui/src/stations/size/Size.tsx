import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, ask, type Docket, type Fit, Problem } from '../../api/client';
import { docket as docketQuery, dockets, useChange } from '../../api/queries';
import { ObjectDrawing } from '../../drawing/ObjectDrawing';
import { Facts, FilmName, Move, NextMove, Nothing, Ready, Section, Trouble, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { asDay, useSettled } from '../../parts/time';
import { useUnits } from '../../parts/units';
import { Elsewhere } from '../Elsewhere';
import { StationList } from '../StationList';
import { Samples } from './Samples';
import { Snags } from './Snags';
import { type Drawing, drawingOf, useDrawing } from './useDrawing';

/** A tick of the tape, 1/16 in, and one of the metric rule. */
const TICK = { imperial: 1.5875, metric: 1 };

export function Size() {
  const { number } = useParams();
  const list = useQuery(dockets('size'));
  const opened = useQuery({ ...docketQuery(Number(number)), enabled: Boolean(number) });
  return (
    <div className="grid h-full grid-cols-[232px_1fr]">
      <StationList title="To be sized" query={list} current={Number(number)} to={(row) => `/size/${row.number}`} />
      {number === undefined ? (
        <Nothing title={list.data?.dockets.length === 0 ? 'Nothing to size' : 'Choose an order'}>
          <p>] opens the first one.</p>
        </Nothing>
      ) : (
        <Ready query={opened} what="the docket">
          {(docket) =>
            docket.state === 'sizing' ? (
              <Board key={docket.number} docket={docket} />
            ) : (
              <Elsewhere docket={docket} says="is not at Size" />
            )
          }
        </Ready>
      )}
    </div>
  );
}

function Board({ docket }: { docket: Docket }) {
  const navigate = useNavigate();
  const { units } = useUnits();
  const { drawing, change, undo, redo, canUndo, canRedo, written } = useDrawing(docket);
  const shown = useShown();
  const asked = { docket: docket.number, ...drawing, units };
  const settled = useSettled(asked, 120);
  const fit = useQuery({
    queryKey: ['fit', settled],
    queryFn: () => ask(api.POST('/api/fit', { body: settled })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const check = useQuery({
    queryKey: ['check', settled],
    queryFn: () => ask(api.POST('/api/check', { body: settled })),
    enabled: fit.isSuccess && !fit.isPlaceholderData,
    retry: false,
  });
  const snags = check.data?.snags;
  const problem = fit.error instanceof Problem ? fit.error : null;
  // A wrong figure leaves the last good drawing on the board; the sentence stands at its field.
  const good = useRef(fit.data);
  good.current = fit.data ?? good.current;
  const drawn = good.current;

  const keep = useChange(
    (proof: boolean) =>
      ask(
        api.PUT('/api/dockets/{number}/design', {
          params: { path: { number: docket.number } },
          body: { version: docket.version, ...drawing, units, proof },
        }),
      ),
    (saved) => {
      written();
      if (saved.state === 'proofing') {
        navigate(`/proof/${saved.number}`);
      }
    },
  );
  useAutoKeep(docket, drawing, keep.isPending, () => keep.mutate(false));

  const moved = (dx: number, dy: number) =>
    drawn && change({ left: `${(drawn.left.mm + dx).toFixed(2)}mm`, top: `${(drawn.top.mm + dy).toFixed(2)}mm` });
  const centre = () => change({ left: '', top: '' });

  return (
    <div className="grid min-h-0 grid-cols-[1fr_316px]">
      <div className="flex min-h-0 flex-col border-r border-rule">
        <div
          role="application"
          className="relative min-h-0 flex-1"
          aria-label="Drawing. Arrow keys move the decal by a tick, with Shift by ten; C centres it."
          // biome-ignore lint/a11y/noNoninteractiveTabindex: arrow keys move the decal while the drawing has the focus
          tabIndex={0}
          onKeyDown={(event) => {
            const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
            if (way) {
              event.preventDefault();
              const by = TICK[units] * (event.shiftKey ? 10 : 1);
              moved((way[0] ?? 0) * by, (way[1] ?? 0) * by);
            } else if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey)) {
              event.preventDefault();
              event.shiftKey ? redo() : undo();
            } else if (event.key.toLowerCase() === 'y' && (event.ctrlKey || event.metaKey)) {
              event.preventDefault();
              redo();
            } else if (event.key === 'c') {
              centre();
            }
          }}
        >
          {drawn ? (
            <ObjectDrawing
              art={drawn}
              swatch={docket.film?.swatch ?? '#12201f'}
              snags={snags ?? []}
              onMove={moved}
              label={`${drawing.words} on ${docket.thing?.name}, to scale`}
            />
          ) : (
            <div className="h-full bg-paper p-10">
              {problem ? <Trouble says={problem.message} /> : <p role="status">Drawing …</p>}
            </div>
          )}
          <div className="absolute top-8 right-2 flex gap-1">
            <Move onClick={undo} disabled={!canUndo} aria-label="Undo">
              Undo
            </Move>
            <Move onClick={redo} disabled={!canRedo} aria-label="Redo">
              Redo
            </Move>
            <Move onClick={centre} disabled={drawing.left === '' && drawing.top === ''} keys="C">
              Middle
            </Move>
          </div>
        </div>
        <Figures
          fit={drawn}
          weeding={check.data?.weeding}
          drawing={drawing}
          change={change}
          says={problem?.fields.capHeight}
        />
      </div>
      <aside className="flex min-h-0 flex-col bg-ground" aria-label="Lettering">
        <div className="min-h-0 flex-1 overflow-auto p-4">
          <Section title="The order">
            <p className="mb-1 font-label text-xl leading-6 font-semibold">{docket.customer}</p>
            <Facts
              rows={[
                ['on', docket.thing ? `${docket.thing.name}, ${shown.size(docket.thing.size)}` : ''],
                ['film', docket.film && <FilmName film={docket.film} />],
                ['used', `${docket.useOf}, ${asDay(docket.neededAt)}`],
              ]}
            />
          </Section>
          <div className="mb-4">
            <TextField
              label="Words"
              value={drawing.words}
              onChange={(words) => change({ words })}
              lines={2}
              says={problem?.fields.words}
            />
          </div>
          <Snags snags={snags} onCure={change} />
          <Samples
            docket={docket.number}
            words={drawing.words}
            units={units}
            chosen={drawing.face}
            onChoose={(face) => change({ face, capHeight: '', left: '', top: '' })}
          />
        </div>
        <div className="flex flex-col gap-2 border-t border-rule p-4">
          <Trouble
            says={
              keep.error?.message ??
              (problem && !problem.fields.words && !problem.fields.capHeight ? problem.message : null)
            }
          />
          <NextMove onClick={() => keep.mutate(true)} disabled={keep.isPending || !fit.data || Boolean(problem)}>
            Make the proof
          </NextMove>
        </div>
      </aside>
    </div>
  );
}

/** Keeps the drawing on the docket a moment after the last change, or when another docket is opened before that. */
function useAutoKeep(docket: Docket, drawing: Drawing, busy: boolean, keep: () => void) {
  const now = JSON.stringify(drawing);
  const settled = useSettled(now, 900);
  const latest = useRef({ now, keep });
  latest.current = { now, keep };
  const kept = useRef(JSON.stringify(drawingOf(docket)));
  useEffect(() => {
    if (!busy && settled !== kept.current) {
      kept.current = settled;
      latest.current.keep();
    }
  }, [settled, busy]);
  useEffect(
    () => () => {
      if (latest.current.now !== kept.current) {
        latest.current.keep();
      }
    },
    [],
  );
}

function Figures({
  fit,
  weeding,
  drawing,
  change,
  says,
}: {
  fit: Fit | undefined;
  weeding: number | undefined;
  drawing: Drawing;
  change: (part: Partial<Drawing>) => void;
  says?: string;
}) {
  const shown = useShown();
  return (
    <div className="grid shrink-0 grid-cols-[150px_1.1fr_1.5fr_1.3fr_1fr] items-start gap-5 border-t border-rule bg-ground px-5 py-3">
      <TextField
        label="Letter height"
        placeholder="the largest"
        value={drawing.capHeight}
        onChange={(capHeight) => change({ capHeight })}
        says={says}
      />
      {fit && (
        <>
          <Figure name="Letters" first={shown.one(fit.capHeight)} second={shown.other(fit.capHeight)} />
          <Figure name="Over all" first={shown.size(fit.size)} second={shown.otherSize(fit.size)} />
          <Figure
            name="From left, from top"
            first={`${shown.bare(fit.left)}, ${shown.one(fit.top)}`}
            second={`clearance ${shown.one(fit.clearance)}`}
          />
          <Figure
            name="Film"
            first={`${fit.film} cm²`}
            second={weeding === undefined ? 'checking …' : `${Math.max(1, Math.round(weeding))} min to weed`}
          />
        </>
      )}
    </div>
  );
}

function Figure({ name, first, second }: { name: string; first: string; second: string }) {
  return (
    <div className="min-w-0">
      <div className="label whitespace-nowrap">{name}</div>
      <div className="font-label text-[25px] leading-8 font-semibold whitespace-nowrap">{first}</div>
      <div className="text-sm whitespace-nowrap text-ink2">{second}</div>
    </div>
  );
}
