import type { Schemas } from '../../api/client';
import { Move, NextMove, ProgressBar } from '../../parts/basics';

/** What can be said to the cutter while it runs. */
export type Word = 'pause' | 'resume' | 'stop' | 'jam';

export function Running({ paused, onOrder }: { paused: boolean; onOrder: (word: Word) => void }) {
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <Move tall onClick={() => onOrder('stop')}>
          Stop
        </Move>
        <Move tall onClick={() => onOrder('jam')} title="For trying out: the simulated cutter jams">
          Make it jam
        </Move>
      </div>
      {paused ? (
        <NextMove onClick={() => onOrder('resume')}>Go on cutting</NextMove>
      ) : (
        <Move tall onClick={() => onOrder('pause')}>
          Pause
        </Move>
      )}
    </>
  );
}

export function CutterState({
  cutter,
  cutting,
  live,
}: {
  cutter: Schemas['CutterView'] | undefined;
  cutting: boolean;
  live: Schemas['CutterView'] | undefined;
}) {
  if (!cutter) {
    return <p role="status">Asking the cutter …</p>;
  }
  if (!cutting || !live) {
    return (
      <p className={cutter.answers ? '' : 'font-medium text-signal-ink'}>
        {cutter.state === 'done' ? 'Idle. The last job is done.' : cutter.says}
      </p>
    );
  }
  return (
    <div aria-live="polite">
      <p>
        <span className="figure">{Math.round(live.share * 100)} %</span>{' '}
        <span className="text-ink2">
          {live.state === 'paused' ? 'paused' : `about ${Math.ceil(live.seconds)} s left`}
        </span>
      </p>
      <ProgressBar label="Cut" share={live.share} className="mt-2 h-4" />
      <p className="mt-1 text-sm text-ink2">{live.contours} outlines cut whole</p>
    </div>
  );
}
