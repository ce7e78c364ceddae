import type { Schemas } from '../../api/client';

/** Every line large, letter by letter, each with what it is called: to be read out at the counter or on the phone. */
export function ReadBack({ lines }: { lines: Schemas['ReadOutView'][] }) {
  return (
    <div className="flex flex-col gap-5">
      {lines.map((line, nth) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a line may stand twice; its place tells them apart
        <div key={nth}>
          <p className="label mb-1">{lines.length > 1 ? `${nth + 1}: ${line.line}` : line.line}</p>
          <ol className="flex flex-wrap gap-1" aria-label={line.line}>
            {line.letters.map((letter, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: letters repeat; their place is what they are
              <li key={at} className="min-w-[62px] border border-rule bg-paper px-1.5 pt-1 pb-1.5 text-center">
                <span className="block font-label text-count-large leading-[50px] font-medium" aria-hidden="true">
                  {letter.letter === ' ' ? '␣' : letter.letter}
                </span>
                <span className="block text-sm whitespace-nowrap text-ink2">{letter.says}</span>
              </li>
            ))}
          </ol>
        </div>
      ))}
    </div>
  );
}
