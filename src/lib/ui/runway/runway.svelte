<script lang="ts">
  import type { Kitchen } from '$core/kitchen';
  import type { CompiledMeal, Totals } from '$core/plan';
  import type { Schedule } from '$core/solve';
  import { formatMinutes, formatTime } from '$core/units';
  import { textFits, ticks, toX, type Scale } from './geometry';
  import HandOver from './hand-over.svelte';
  import { toLanes, type Lane } from './lanes';
  import LaneLabel from './lane-label.svelte';
  import Piece from './piece.svelte';
  import Textures from './textures.svelte';
  import Cycle from './cycle.svelte';
  import { toCycles } from './cycles';
  import { wavePath } from './geometry';

  interface Props {
    compiled: CompiledMeal;
    schedule: Schedule;
    totals: Totals;
    kitchen: Kitchen;
    /** ms since the epoch of the wanted moment of serving. */
    serveAt: number;
    selected?: string | null;
    onselect?: (stepId: string) => void;
  }
  let { compiled, schedule, totals, kitchen, serveAt, selected = null, onselect }: Props = $props();

  const HEIGHTS = { cooker: 78, oven: 64, burner: 64, hands: 40 } as const;
  const AXIS = 50;
  const FOOT = 40;
  /** Before the browser has measured the page. */
  let width = $state(1100);

  const isNarrow = $derived(width < 640);
  const labelHeight = $derived(isNarrow ? 20 : 0);
  const lanes = $derived(toLanes(compiled, schedule, kitchen));
  const tops = $derived.by(() => {
    let y = AXIS;
    return lanes.map((lane) => {
      const top = y;
      y += HEIGHTS[lane.kind] + labelHeight;
      return top;
    });
  });
  const bottom = $derived((tops.at(-1) ?? AXIS) + labelHeight + HEIGHTS.hands);
  const scale = $derived.by((): Scale => {
    const last = Math.max(
      totals.ready,
      ...lanes.flatMap((l) => l.pieces.filter((p) => p.phase !== 'rinse').map((p) => p.end)),
    );
    const span = last - totals.firstStart;
    return {
      from: totals.firstStart - span * 0.015,
      to: last + Math.max(4, span * 0.035),
      left: isNarrow ? 4 : 132,
      right: width - 4,
    };
  });
  const clockOffset = $derived.by(() => {
    const [h = 0, m = 0] = formatTime(serveAt, { zone: kitchen.zone, hours: 24 })
      .split(':')
      .map(Number);
    return h * 60 + m;
  });
  const marks = $derived(ticks(scale, clockOffset, 92));
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
  const servedX = $derived(toX(scale, totals.ready));

  function baseOf(i: number): number {
    const lane = lanes[i] as Lane;
    return (tops[i] ?? 0) + labelHeight + HEIGHTS[lane.kind] - (lane.kind === 'hands' ? 8 : 12);
  }
  function placeOf(stepId: string): { x: (edge: 'start' | 'end') => number; y: number } | null {
    for (const [i, lane] of lanes.entries()) {
      if (lane.kind === 'hands') continue;
      const piece = lane.pieces.find((p) => p.stepId === stepId);
      if (piece) return { x: (edge) => toX(scale, piece[edge]), y: baseOf(i) };
    }
    return null;
  }
  const summary = $derived(
    `Runway from ${clock(totals.firstStart)} to ${clock(totals.ready)}: ` +
      lanes
        .filter((l) => l.pieces.length > 0 && l.kind !== 'hands')
        .map((l) => `${l.name}: ${[...new Set(l.pieces.map((p) => p.dish))].join(', ')}`)
        .join('; ') +
      '. The run sheet below says the same in words.',
  );
</script>

<div bind:clientWidth={width} class="w-full">
  <svg
    {width}
    height={bottom + FOOT}
    viewBox="0 0 {width} {bottom + FOOT}"
    role="img"
    aria-label={summary}
    class="block font-sans select-none"
  >
    <Textures />
    {#each marks as at (at)}
      {@const x = toX(scale, at)}
      <line x1={x} x2={x} y1={AXIS - 8} y2={bottom} stroke="var(--line)" />
      {#if Math.abs(x - servedX) > 64}
        <text {x} y="18" text-anchor="middle" class="fill-ink text-[13px] font-bold"
          >{clock(at)}</text
        >
        <text {x} y="35" text-anchor="middle" class="fill-muted text-[12px]">
          {at < totals.ready
            ? `${formatMinutes(totals.ready - at)} to go`
            : at > totals.ready
              ? `+${formatMinutes(at - totals.ready)}`
              : ''}
        </text>
      {/if}
    {/each}

    {#each lanes as lane, i (lane.id)}
      {@const base = baseOf(i)}
      <LaneLabel {lane} top={tops[i] ?? 0} {base} narrow={isNarrow} />
      {#if lane.kind === 'hands'}
        <rect
          x={scale.left}
          y={base - 24}
          width={scale.right - scale.left}
          height="24"
          rx="6"
          fill="var(--salt)"
          stroke="var(--line)"
        />
        {#if totals.longestGap && lanes.filter((l) => l.kind === 'hands').length === 1}
          {@const x0 = toX(scale, totals.longestGap.from)}
          {@const x1 = toX(scale, totals.longestGap.to)}
          {@const words = `free ${clock(totals.longestGap.from)}–${clock(totals.longestGap.to)}`}
          {#if textFits(words, x1 - x0 - 16)}
            <rect
              x={x0 + 3}
              y={base - 20}
              width={x1 - x0 - 6}
              height="16"
              rx="8"
              fill="var(--leaf-soft)"
            />
            <text
              x={(x0 + x1) / 2}
              y={base - 8}
              text-anchor="middle"
              class="fill-leaf-ink text-[12px] font-semibold">{words}</text
            >
          {/if}
        {/if}
      {:else}
        <line x1={scale.left} x2={scale.right} y1={base} y2={base} stroke="var(--line-strong)" />
        {#each lane.waits as wait (wait.from)}
          {@const x0 = toX(scale, wait.from)}
          {@const x1 = toX(scale, wait.to)}
          <rect x={x0} y={base - 12} width={x1 - x0} height="12" fill="var(--straw)" />
          <path
            d={wavePath(x0, x1, base - 6)}
            fill="none"
            stroke="var(--straw-ink)"
            stroke-width="1.5"
          />
        {/each}
      {/if}
      {#each toCycles(lane) as cycle, c (cycle.key)}
        <Cycle
          {cycle}
          {scale}
          {base}
          room={(toCycles(lane)[c + 1]?.start ?? scale.to) - cycle.start}
          {selected}
          {onselect}
        />
      {/each}
      {#each lane.pieces as piece (piece.stepId)}
        <Piece
          {piece}
          kind={lane.kind}
          {scale}
          {base}
          isSelected={piece.stepId === selected}
          {onselect}
        />
      {/each}
    {/each}

    {#each compiled.handOvers as hand (hand.fromStep + hand.toStep)}
      {@const a = placeOf(hand.fromStep)}
      {@const b = placeOf(hand.toStep)}
      {#if a && b}<HandOver
          x0={a.x('end')}
          y0={a.y}
          x1={b.x('start')}
          y1={b.y}
          text={hand.what}
        />{/if}
    {/each}

    {#if totals.ready > 0}
      <line
        x1={toX(scale, 0)}
        x2={toX(scale, 0)}
        y1={AXIS - 8}
        y2={bottom}
        stroke="var(--pimento)"
        stroke-dasharray="3 5"
      />
    {/if}
    <line
      x1={servedX}
      x2={servedX}
      y1="24"
      y2={bottom + 4}
      stroke="var(--pimento)"
      stroke-width="2.5"
    />
    <text
      x={Math.min(servedX, width - 26)}
      y="18"
      text-anchor="middle"
      class="fill-pimento text-[15px] font-bold">{clock(totals.ready)}</text
    >
    <rect
      x={Math.min(servedX - 52, width - 108)}
      y={bottom + 6}
      width="104"
      height="26"
      rx="13"
      fill="var(--pimento)"
    />
    <text
      x={Math.min(servedX, width - 56)}
      y={bottom + 24}
      text-anchor="middle"
      class="fill-on-pimento text-[13px] font-bold">on the table</text
    >
  </svg>
</div>
