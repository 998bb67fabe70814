const WIDTH = 132;
const HEIGHT = 26;

/** How far apart, as dots between two posts that stand at the promised tolerance. */
export function ApartPlot({ apart, tolerance }: { apart: readonly number[]; tolerance: number }) {
  const reach = tolerance * 1.5;
  const x = (celsius: number) => ((Math.max(-reach, Math.min(reach, celsius)) + reach) / (2 * reach)) * WIDTH;
  const said = apart.map((each) => `${each >= 0 ? '+' : '−'}${Math.abs(each).toFixed(2)} °C`).join(', ');
  return (
    <svg role="img" width={WIDTH} height={HEIGHT} aria-label={`Ours less published: ${said}`} className="shrink-0">
      <line x1={x(-tolerance)} x2={x(tolerance)} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke="var(--hairline)" />
      {[-tolerance, tolerance].map((post) => (
        <line key={post} x1={x(post)} x2={x(post)} y1={3} y2={HEIGHT - 3} stroke="var(--ink)" strokeWidth={2} />
      ))}
      <line x1={x(0)} x2={x(0)} y1={8} y2={HEIGHT - 8} stroke="var(--control-line)" />
      {apart.map((each, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: moments never change their order.
        <circle key={i} cx={x(each)} cy={HEIGHT / 2} r={4.5} fill="var(--ink)" fillOpacity={0.75} />
      ))}
    </svg>
  );
}
