import { inWaits } from '../../parts/duration';
import { useInSight } from '../../parts/useInSight';
import type { Step } from './stepWords';

export function PlanLine({
  step,
  nth,
  current,
  disabled,
  of,
  onBack,
}: {
  step: Step;
  nth: number;
  current: boolean;
  disabled: boolean;
  of: string | undefined;
  onBack: () => void;
}) {
  const line = (
    <>
      <span className="w-5 shrink-0 text-right text-sm text-ink2">{step.done ? '✓' : nth + 1}</span>
      <span className="flex-1">{step.title}</span>
      {step.wait > 0 && <span className="text-sm text-ink2">dries {inWaits(step.wait)}</span>}
    </>
  );
  return (
    <li
      ref={useInSight<HTMLLIElement>(current)}
      className={`border-b border-rule ${current ? 'bg-shade font-semibold' : ''}`}
      aria-current={current ? 'step' : undefined}
    >
      {of && <p className="label pt-3 pb-1 font-medium">{of}</p>}
      {step.done ? (
        <button
          type="button"
          className="flex w-full items-center gap-2 py-1 text-left text-ink2 hover:bg-shade max-xl:min-h-12"
          disabled={disabled}
          onClick={onBack}
          title="Back to this step"
        >
          {line}
        </button>
      ) : (
        <span className="flex items-center gap-2 py-1 max-xl:min-h-12">{line}</span>
      )}
    </li>
  );
}
