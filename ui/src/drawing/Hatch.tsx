/** Fills of technical drawing: one way for what has to stay clear, crossed for waste. */
export function Hatches({ scale = 1 }: { scale?: number }) {
  const pitch = 9 / scale;
  return (
    <defs>
      <pattern id="keep-out" width={pitch} height={pitch} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d={`M0 0V${pitch}`} stroke="var(--color-faint)" strokeWidth={1.4 / scale} />
      </pattern>
      <pattern
        id="kept-clear"
        width={pitch * 0.55}
        height={pitch * 0.55}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <path d={`M0 0V${pitch}`} stroke="var(--color-ink2)" strokeWidth={1.2 / scale} />
      </pattern>
      <pattern id="waste" width={pitch} height={pitch} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d={`M0 0V${pitch}M0 0H${pitch}`} stroke="var(--color-faint)" strokeWidth={1.1 / scale} fill="none" />
      </pattern>
      <pattern
        id="waste-inside"
        width={pitch * 0.7}
        height={pitch * 0.7}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d={`M0 0V${pitch}M0 0H${pitch}`} stroke="var(--color-ink2)" strokeWidth={1.2 / scale} fill="none" />
      </pattern>
    </defs>
  );
}
