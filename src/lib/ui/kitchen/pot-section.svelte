<script lang="ts">
  /** The inner pot cut open, to scale, with its lines: least liquid, half, two thirds. */
  import { leastLiquid, type LiquidSchool } from '$core/cooker';
  import type { Cooker } from '$core/kitchen';
  import { formatQuantity } from '$core/units';

  interface Props {
    cooker: Cooker;
    school: LiquidSchool;
    system: 'us' | 'metric';
  }
  let { cooker, school, system }: Props = $props();

  /** px per mm, the same for every cooker, so that sizes can be compared. */
  const PX = 0.62;
  const isSound = $derived(
    [cooker.litres, cooker.diameterMm, cooker.heightMm].every((n) => n > 0 && n <= 400),
  );
  const w = $derived(cooker.diameterMm * PX);
  const h = $derived(cooker.heightMm * PX);
  const left = $derived((170 - w) / 2 + 4);
  const marks = $derived([
    {
      share: 2 / 3,
      name: 'two thirds',
      dash: '',
      colour: 'var(--pimento)',
      ml: (cooker.litres * 1000 * 2) / 3,
    },
    { share: 1 / 2, name: 'half', dash: '6 4', colour: 'var(--muted)', ml: cooker.litres * 500 },
    {
      share: leastLiquid(cooker.litres, school) / (cooker.litres * 1000),
      name: 'least liquid',
      dash: '2 3',
      colour: 'var(--brine)',
      ml: leastLiquid(cooker.litres, school),
    },
  ]);
</script>

{#if isSound}
  <svg
    viewBox="0 0 330 132"
    class="w-full"
    role="img"
    aria-label="Inner pot {cooker.diameterMm} mm across, {cooker.heightMm} mm high"
  >
    <g transform="translate({left} {122 - h})">
      <path
        d="M0 0V{h - 10}Q0 {h} 10 {h}H{w - 10}Q{w} {h} {w} {h - 10}V0"
        fill="var(--paper)"
        stroke="var(--ink)"
        stroke-width="2.5"
      />
      <path
        d="M-6 0H4M{w - 4} 0H{w + 6}"
        stroke="var(--ink)"
        stroke-width="2.5"
        stroke-linecap="round"
      />
      <path
        d="M1.5 {h - h * (marks[2]?.share ?? 0)}H{w - 1.5}V{h - 10}Q{w - 1.5} {h - 1.5} {w -
          11} {h - 1.5}H11Q1.5 {h - 1.5} 1.5 {h - 10}Z"
        fill="var(--brine-soft)"
      />
      {#each marks as mark, index (index)}
        <line
          x1="-4"
          x2={w + 8}
          y1={h - h * mark.share}
          y2={h - h * mark.share}
          stroke={mark.colour}
          stroke-width="1.6"
          stroke-dasharray={mark.dash}
        />
      {/each}
    </g>
    {#each marks as mark, index (index)}
      {@const y = 122 - h * mark.share + (mark.name === 'half' ? Math.max(0, 14 - h / 6) : 0)}
      <text x={left + w + 14} y={y + 4} fill={mark.colour} class="text-[12px] font-semibold"
        >{mark.name} · {formatQuantity({ amount: mark.ml, unit: 'ml' }, system)}</text
      >
    {/each}
  </svg>
{:else}
  <p class="text-sm text-muted">The drawing appears when the sizes are right.</p>
{/if}
