<script lang="ts">
  import { tick } from 'svelte';
  import type { Kitchen } from '$core/kitchen';
  import type { Cook } from '$core/run';
  import type { Plan, Totals } from '$core/plan';
  import { formatMinutes, formatTime } from '$core/units';
  import { textFits, ticks, toX, type Scale, wavePath } from './geometry';
  import HandOver from './hand-over.svelte';
  import { aheadLane, toLanes, type Lane } from './lanes';
  import LaneLabel from './lane-label.svelte';
  import MarkBars from './mark-bars.svelte';
  import { markRoom, toMarkBars, WORK_ROOM, type TimelineMark } from './marks';
  import Legend from './legend.svelte';
  import Piece from './piece.svelte';
  import { zoomable } from './pinch';
  import Textures from './textures.svelte';
  import Cycle from './cycle.svelte';
  import { toCycles } from './cycles';

  interface Props {
    plan: Plan;
    totals: Totals;
    kitchen: Kitchen;
    /** ms since the epoch of the wanted moment of serving. */
    serveAt: number;
    /** What the serving line is: of a batch day, that all is packed. */
    end?: string;
    cooks: readonly Cook[];
    /** Cook's number by step id. */
    shares: ReadonlyMap<string, number>;
    /** What is shown in red, with the words for it. */
    marks?: readonly TimelineMark[];
    selected?: string | null;
    onselect?: (stepId: string) => void;
    /** A step was dragged: by so many minutes, and onto this lane. */
    ondrag?: (stepId: string, minutes: number, laneId: string) => void;
    /** The serving line was dragged by so many minutes. */
    onserve?: (minutes: number) => void;
  }
  let {
    plan,
    totals,
    kitchen,
    serveAt,
    end = 'on the table',
    cooks,
    shares,
    marks = [],
    selected = null,
    onselect,
    ondrag,
    onserve,
  }: Props = $props();

  const HEIGHTS = { ahead: 64, cooker: 78, oven: 64, burner: 64, hands: 40 } as const;
  const AXIS = 50;
  const FOOT = 40;
  /** “12 h 30 min to go” at its size, px. */
  const TICK_ROOM = 112;
  /** Before the browser has measured the page. */
  let shown = $state(1100);
  /** Times as wide as the page: close up for a busy hour. */
  let zoom = $state(1);
  const ZOOMS = [1, 1.5, 2, 3];
  let frame = $state<HTMLElement>();
  /** What is under the fingers stays there. */
  async function zoomTo(factor: number, at: number): Promise<void> {
    if (!frame || factor === zoom) return;
    const seen = (frame.scrollLeft + at * frame.clientWidth) / zoom;
    zoom = factor;
    await tick();
    frame.scrollLeft = seen * factor - at * frame.clientWidth;
  }
  const width = $derived(Math.max(320, shown) * zoom);

  const isNarrow = $derived(width < 640);
  const labelHeight = $derived(isNarrow ? 20 : 0);
  const before = $derived(aheadLane(plan));
  /** The earliest thing of all: a soak or a thaw may begin two days before. */
  const earliest = $derived(Math.min(totals.firstStart, ...plan.operations.map((o) => o.start)));
  const hasLead = $derived(earliest < totals.firstStart - 30);
  /** Zoomed out to the whole lead instead of the evening alone. */
  let isWhole = $state(false);
  const showsLead = $derived(isWhole && hasLead);
  const lanes = $derived([
    ...(showsLead && before.pieces.length > 0 ? [before] : []),
    ...toLanes(plan, kitchen, cooks, shares),
  ]);
  const bars = $derived(toMarkBars(lanes, marks, plan));
  const roomOf = (lane: Lane | undefined): number => markRoom(bars.byLane.get(lane?.id ?? ''));
  /** Where the lanes begin: lower where something before them is told of. */
  const axis = $derived(AXIS + (bars.unseen.length > 0 ? 16 : 0));
  const tops = $derived.by(() => {
    let y = axis;
    return lanes.map((lane) => {
      const top = y;
      y += HEIGHTS[lane.kind] + labelHeight + roomOf(lane);
      return top;
    });
  });
  const bottom = $derived(
    (tops.at(-1) ?? axis) + labelHeight + HEIGHTS.hands + roomOf(lanes.at(-1)),
  );
  const scale = $derived.by((): Scale => {
    const last = Math.max(
      totals.ready,
      ...lanes.flatMap((l) => l.pieces.filter((p) => p.phase !== 'rinse').map((p) => p.end)),
    );
    const first = showsLead ? earliest : totals.firstStart;
    const span = last - first;
    return {
      from: first - span * 0.015,
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
  const times = $derived(ticks(scale, clockOffset, TICK_ROOM));
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
  const weekday = (minute: number): string =>
    new Date(serveAt + minute * 60_000).toLocaleDateString('en-GB', {
      weekday: 'short',
      timeZone: kitchen.zone,
    });
  /** Half of the serving time as it is written, px. */
  const half = $derived(kitchen.hours === 12 ? 36 : 26);
  const servedX = $derived(toX(scale, totals.ready));

  function baseOf(i: number): number {
    const lane = lanes[i] as Lane;
    return (tops[i] ?? 0) + labelHeight + HEIGHTS[lane.kind] - (lane.kind === 'hands' ? 8 : 12);
  }
  function placeOf(
    stepId: string,
  ): { x: (edge: 'start' | 'end') => number; y: number; room: number } | null {
    for (const [i, lane] of lanes.entries()) {
      if (lane.kind === 'hands') continue;
      const piece = lane.pieces.find((p) => p.stepId === stepId);
      if (piece) return { x: (edge) => toX(scale, piece[edge]), y: baseOf(i), room: roomOf(lane) };
    }
    return null;
  }
  /** What is being dragged, in px from where it was taken. */
  let drag = $state<{ step: string; x: number; y: number; dx: number; dy: number } | null>(null);
  const DRAG_PX = 6;
  const perPx = $derived((scale.to - scale.from) / (scale.right - scale.left));
  const dragMinutes = $derived(drag ? Math.round(drag.dx * perPx) : 0);
  const isDragged = $derived(drag && Math.hypot(drag.dx, drag.dy) > DRAG_PX);
  const dragged = $derived.by(() => {
    const step = drag?.step;
    const i = lanes.findIndex((l) => l.pieces.some((p) => p.stepId === step));
    const piece = lanes[i]?.pieces.find((p) => p.stepId === step);
    return piece ? { piece, base: baseOf(i) } : null;
  });
  function take(event: PointerEvent): void {
    if (!ondrag || event.button !== 0) return;
    const step = (event.target as Element).closest('[data-step]')?.getAttribute('data-step');
    if (!step) return;
    drag = { step, x: event.clientX, y: event.clientY, dx: 0, dy: 0 };
  }
  function move(event: PointerEvent): void {
    if (!drag) return;
    drag = { ...drag, dx: event.clientX - drag.x, dy: event.clientY - drag.y };
    if (isDragged) (event.currentTarget as Element).setPointerCapture(event.pointerId);
  }
  function drop(event: PointerEvent): void {
    const was = drag;
    const minutes = dragMinutes;
    const isReal = isDragged;
    drag = null;
    if (!was || !isReal) return;
    if (was.step === 'serve') {
      onserve?.(minutes);
      return;
    }
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const y = event.clientY - box.top;
    const lane = lanes.findLast((_, i) => (tops[i] ?? 0) <= y) ?? lanes[0];
    ondrag?.(was.step, minutes, lane?.id ?? '');
  }

  const summary = $derived(
    `Timeline from ${clock(totals.firstStart)} to ${clock(totals.ready)}: ` +
      lanes
        .filter((l) => l.pieces.length > 0 && l.kind !== 'hands')
        .map((l) => `${l.name}: ${[...new Set(l.pieces.map((p) => p.dish))].join(', ')}`)
        .join('; ') +
      (marks.length > 0
        ? `. Marked in red: ${marks.map((m) => `${m.label}: ${m.text}`).join(' ')}`
        : '. The schedule below says the same in words.'),
  );
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (scrolled by the arrows, zoomed by + and −) -->
<div
  bind:clientWidth={shown}
  bind:this={frame}
  {@attach zoomable(
    () => zoom,
    (factor, at) => void zoomTo(factor, at),
  )}
  class="timeline w-full overflow-x-auto"
  role="group"
  tabindex="0"
  aria-label="Timeline; + and − zoom it"
>
  <!-- Dragging is a short cut: the same is done by buttons beside a selected step. -->
  <svg
    onpointerdown={take}
    onpointermove={move}
    onpointerup={drop}
    onpointercancel={() => (drag = null)}
    {width}
    height={bottom + FOOT}
    viewBox="0 0 {width} {bottom + FOOT}"
    role="img"
    aria-label={summary}
    class="block font-sans select-none"
  >
    <Textures />
    {#each times as at (at)}
      {@const x = toX(scale, at)}
      <line x1={x} x2={x} y1={AXIS - 8} y2={bottom} stroke="var(--line)" />
      {#if Math.abs(x - servedX) > 2 * half + 12}
        <text {x} y="18" text-anchor="middle" class="fill-ink text-[13px] font-bold"
          >{showsLead ? `${weekday(at)} ${clock(at)}` : clock(at)}</text
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
        {#each lane.waits as wait, index (index)}
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

    {#if bars.unseen.length > 0}
      <text x={scale.left} y={AXIS + 4} class="fill-pimento text-[13px] font-bold"
        >◂ {bars.unseen.join(', ')} before</text
      >
    {/if}

    {#each plan.handOvers as hand, index (index)}
      {@const a = placeOf(hand.fromStep)}
      {@const b = placeOf(hand.toStep)}
      {#if a && b}<HandOver
          x0={a.x('end')}
          y0={a.y}
          x1={b.x('start')}
          y1={b.y}
          room={Math.min(a.room, WORK_ROOM)}
          text={hand.what}
        />{/if}
    {/each}

    {#each lanes as lane, i (lane.id)}
      <MarkBars bars={bars.byLane.get(lane.id) ?? []} {scale} base={baseOf(i)} />
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
      x={Math.min(servedX, width - half)}
      y="18"
      text-anchor="middle"
      class="fill-pimento text-[15px] font-bold">{clock(totals.ready)}</text
    >
    {#if isDragged && drag}
      {#if dragged}
        <rect
          x={toX(scale, dragged.piece.start) + drag.dx}
          y={dragged.base - 26 + drag.dy}
          width={Math.max(6, (dragged.piece.end - dragged.piece.start) / perPx)}
          height="24"
          rx="4"
          fill="var(--olive)"
          opacity="0.6"
        />
      {/if}
      <text
        x={(dragged ? toX(scale, dragged.piece.start) : servedX) + drag.dx}
        y={(dragged?.base ?? axis + 40) - 32 + drag.dy}
        class="fill-ink text-[14px] font-bold"
        >{clock((dragged?.piece.start ?? totals.ready) + dragMinutes)}</text
      >
    {/if}
    <rect
      data-step="serve"
      class={onserve ? 'cursor-ew-resize' : ''}
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
      class="pointer-events-none fill-on-pimento text-[13px] font-bold">{end}</text
    >
  </svg>
</div>
<div class="mt-1 flex flex-wrap items-center gap-1 text-sm text-muted print:hidden">
  <span id="zoom">Zoom</span>
  {#each ZOOMS as factor (factor)}
    <button
      type="button"
      class="btn min-h-9 btn-quiet px-2 aria-pressed:bg-leaf-soft aria-pressed:font-bold"
      aria-pressed={zoom === factor}
      aria-label="Zoom {factor} times"
      onclick={() => (zoom = factor)}>{factor}×</button
    >
  {/each}
  {#if hasLead}
    <button
      type="button"
      class="btn min-h-9 btn-quiet px-2 aria-pressed:bg-leaf-soft aria-pressed:font-bold"
      aria-pressed={isWhole}
      onclick={() => (isWhole = !isWhole)}>days before</button
    >
  {/if}
  <Legend />
  {#if ondrag}<span class="ml-2 hidden lg:inline"
      >Drag a step, a pot or the serving time; or choose a step and move it by its buttons.</span
    >{/if}
</div>

<style>
  /* A finger on a step moves it sideways; up and down it scrolls the page, and two fingers zoom the timeline. */
  .timeline {
    touch-action: pan-x pan-y;
  }
  .timeline :global([data-step]) {
    touch-action: pan-y;
  }
</style>
