/** The amber spoon, standing. */
export function SpoonMark({ className }: { className: string }) {
  return (
    <svg aria-hidden="true" viewBox="0 0 16 40" className={className}>
      <SpoonShape />
    </svg>
  );
}

/** Drawn in a 16 × 40 box. */
export function SpoonShape() {
  return (
    <g fill="var(--heat)">
      <ellipse cx="8" cy="9" rx="7" ry="9" />
      <path d="M6.7 17h2.6l.7 21.4a2 2 0 0 1-4 0z" />
      <ellipse cx="8.4" cy="8.2" rx="4" ry="5.6" fill="var(--paper)" opacity=".28" />
    </g>
  );
}
