import type { Schemas } from '../../api/client';
import { Move, NextMove } from '../../parts/basics';

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
  const share = Math.round(live.share * 100);
  return (
    <div aria-live="polite">
      <p>
        <span className="figure">{share} %</span>{' '}
        <span className="text-ink2">
          {live.state === 'paused' ? 'paused' : `about ${Math.ceil(live.seconds)} s left`}
        </span>
      </p>
      <div
        role="progressbar"
        aria-label="Cut"
        aria-valuenow={share}
        aria-valuemin={0}
        aria-valuemax={100}
        className="mt-2 h-4 border border-ink bg-paper"
      >
        <div className="h-full bg-ink" style={{ width: `${share}%` }} />
      </div>
      <p className="mt-1 text-sm text-ink2">{live.contours} outlines cut whole</p>
    </div>
  );
}
