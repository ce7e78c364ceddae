export const Told = ({ x, y, says }: { x: number; y: number; says: string }) => (
  <text
    x={x}
    y={y}
    fontSize="13"
    fill="var(--color-signal-ink)"
    stroke="var(--color-paper)"
    strokeWidth="3"
    paintOrder="stroke"
  >
    {says}
  </text>
);
