import type { ButtonHTMLAttributes, ReactNode } from 'react';
import type { Film, Length, Size } from '../api/client';
import { useUnits } from './units';

type ButtonProps = ButtonHTMLAttributes<HTMLButtonElement> & { keys?: string; tall?: boolean };

/** The next legal move: one to a screen, reached by Enter. */
export function NextMove({ children, keys = 'Enter', tall = true, className = '', ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      data-next=""
      title={`${keys}: ${typeof children === 'string' ? children : 'the next move'}`}
      className={`on-ink flex w-full items-center justify-between gap-3 bg-signal px-4 font-semibold text-white hover:bg-signal-ink disabled:cursor-not-allowed disabled:bg-shade disabled:text-ink2 ${tall ? 'min-h-14 text-lead' : 'min-h-12'} ${className}`}
      {...rest}
    >
      <span className="text-left">{children}</span>
      <span className="text-sm font-medium">{keys}</span>
    </button>
  );
}

/** Any other move. */
export function Move({ children, keys, tall = false, className = '', ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      title={keys ? `Key ${keys}` : undefined}
      className={`flex items-center justify-between gap-3 border border-ink bg-paper px-3 font-medium hover:bg-shade disabled:cursor-not-allowed disabled:border-rule disabled:text-ink2 ${tall ? 'min-h-12' : 'min-h-10'} ${className}`}
      {...rest}
    >
      <span className="text-left">{children}</span>
      {keys && <kbd>{keys}</kbd>}
    </button>
  );
}

/** How far something is, from 0 to 1. */
export function ProgressBar({ label, share, className }: { label: string; share: number; className: string }) {
  const percent = Math.round(share * 100);
  return (
    <div
      role="progressbar"
      aria-label={label}
      aria-valuenow={percent}
      aria-valuemin={0}
      aria-valuemax={100}
      className={`border border-ink bg-paper ${className}`}
    >
      <div className="h-full bg-ink" style={{ width: `${percent}%` }} />
    </div>
  );
}

export function Swatch({ film, size = 22 }: { film: Pick<Film, 'swatch'>; size?: number }) {
  return (
    <svg width={size} height={size} aria-hidden="true" className="shrink-0">
      <rect x="0.5" y="0.5" width={size - 1} height={size - 1} fill={film.swatch} stroke="var(--color-edge)" />
    </svg>
  );
}

export function FilmName({ film }: { film: Pick<Film, 'swatch' | 'name'> }) {
  return (
    <span className="flex items-center gap-2">
      <Swatch film={film} />
      {film.name}
    </span>
  );
}

/** A length in the shop's own system first, the other behind it. */
export function Both({ length, figure = false }: { length: Length; figure?: boolean }) {
  const { units } = useUnits();
  const [first, second] =
    units === 'metric'
      ? [`${length.metric} mm`, `${length.imperial} in`]
      : [`${length.imperial} in`, `${length.metric} mm`];
  return (
    <span className={figure ? 'whitespace-nowrap' : undefined}>
      <span className={figure ? 'figure' : undefined}>{first}</span>
      <span className={figure ? 'ml-1.5 text-sm text-ink2' : 'text-ink2'}> · {second}</span>
    </span>
  );
}

export function useShown() {
  const { units } = useUnits();
  return {
    units,
    one: (length: Length) => (units === 'metric' ? `${length.metric} mm` : `${length.imperial} in`),
    other: (length: Length) => (units === 'metric' ? `${length.imperial} in` : `${length.metric} mm`),
    otherSize: (size: Size) =>
      units === 'metric'
        ? `${size.width.imperial} × ${size.height.imperial} in`
        : `${size.width.metric} × ${size.height.metric} mm`,
    bare: (length: Length) => (units === 'metric' ? length.metric : length.imperial),
    size: (size: Size) =>
      units === 'metric'
        ? `${size.width.metric} × ${size.height.metric} mm`
        : `${size.width.imperial} × ${size.height.imperial} in`,
  };
}

/** A list of facts with hairlines between. */
export function Facts({ rows }: { rows: [string, ReactNode][] }) {
  return (
    <dl className="text-note">
      {rows.map(([name, value]) => (
        <div key={name} className="flex items-center justify-between gap-3 border-b border-rule py-1.5">
          <dt className="text-ink2">{name}</dt>
          <dd className="text-right">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

export function Section({
  title,
  children,
  signal = false,
  named = false,
}: {
  title: string;
  children: ReactNode;
  signal?: boolean;
  /** It is a place of its own on the page, to be gone to by name. */
  named?: boolean;
}) {
  return (
    <section className="mb-4" aria-label={named ? title : undefined}>
      <h2 className="label mb-1.5" style={signal ? { color: 'var(--color-signal-ink)' } : undefined}>
        {title}
      </h2>
      {children}
    </section>
  );
}

/** A part of the page that scrolls by itself, with keys too. */
export function Scroll({
  label,
  className,
  live = false,
  children,
}: {
  label: string;
  className: string;
  live?: boolean;
  children: ReactNode;
}) {
  return (
    <section
      className={`overflow-auto ${className}`}
      aria-label={label}
      aria-live={live ? 'polite' : undefined}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: arrow keys scroll what has the focus
      tabIndex={0}
    >
      {children}
    </section>
  );
}

export function Caution({ children }: { children: ReactNode }) {
  return (
    <p className="flex gap-2 border-l-4 border-ink bg-shade px-3 py-2 text-note">
      <span className="label shrink-0 pt-0.5" style={{ color: 'var(--color-ink)' }}>
        Caution
      </span>
      <span>{children}</span>
    </p>
  );
}

/** What went wrong, in words, where it went wrong. */
export function Trouble({ says }: { says: string | null | undefined }) {
  return says ? (
    <p role="alert" className="border-l-4 border-signal bg-paper px-3 py-2 text-note text-signal-ink">
      {says}
    </p>
  ) : null;
}

export function Nothing({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="flex h-full flex-col items-center justify-center gap-2 p-10 text-center">
      <svg width="180" height="22" aria-hidden="true">
        <path d="M0 21H180" stroke="currentColor" />
        {Array.from({ length: 19 }, (_, nth) => `M${nth * 10} 21V${nth % 6 === 0 ? 4 : 14}`).map((tick) => (
          <path key={tick} d={tick} stroke="var(--color-ink2)" />
        ))}
      </svg>
      <h2 className="title">{title}</h2>
      <div className="max-w-md text-ink2">{children}</div>
    </div>
  );
}

export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="p-6 text-ink2">
      Fetching {what} …
    </p>
  );
}

/** Shows the content once it is there, and says so plainly when it is late or cannot be had. */
export function Ready<T>({
  query,
  what,
  children,
}: {
  query: { data: T | undefined; error: Error | null; refetch: () => unknown };
  what: string;
  children: (data: T) => ReactNode;
}) {
  if (query.data !== undefined) {
    return <>{children(query.data)}</>;
  }
  if (query.error) {
    return (
      <div className="flex flex-col items-start gap-3 p-6">
        <Trouble says={query.error.message} />
        <Move onClick={() => query.refetch()}>Try again</Move>
      </div>
    );
  }
  return <Loading what={what} />;
}
