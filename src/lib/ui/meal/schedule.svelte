<script lang="ts">
  import type { Kitchen } from '$core/kitchen';
  import type { Cook, SheetLine } from '$core/run';
  import { dayKey, formatDay, formatMinutes, formatTime } from '$core/units';

  interface Props {
    lines: readonly SheetLine[];
    kitchen: Kitchen;
    serveAt: number;
    cooks: readonly Cook[];
    shares: ReadonlyMap<string, number>;
    /** Minutes on the plan's axis at which everything is on the table. */
    ready: number;
    /** What that moment is: of a batch day, that all is packed. */
    end?: string;
    selected?: string | null;
    onselect?: (stepId: string) => void;
  }
  let {
    lines,
    kitchen,
    serveAt,
    cooks,
    shares,
    ready,
    end = 'on the table',
    selected = null,
    onselect,
  }: Props = $props();
  /** Who does it, where more than one cooks. */
  const who = (stepId: string): string =>
    cooks.length < 2 ? '' : (cooks[shares.get(stepId) ?? -1]?.name ?? '');

  const at = (minute: number): number => serveAt + minute * 60_000;
  const clock = (minute: number): string => formatTime(at(minute), kitchen);
  const servingDay = $derived(dayKey(at(ready), kitchen.zone));
  const before = $derived(lines.filter((l) => l.at < ready));
  const after = $derived(lines.filter((l) => l.at >= ready));
</script>

{#snippet row(line: SheetLine)}
  <li class="border-t border-line first:border-0" class:bg-leaf-soft={line.stepId === selected}>
    <button
      type="button"
      class="grid w-full grid-cols-[4.25rem_1fr] items-start gap-x-3 gap-y-0.5 px-4 py-2.5 text-left sm:grid-cols-[4.25rem_6rem_1fr_auto]"
      aria-pressed={line.stepId === selected}
      onclick={() => onselect?.(line.stepId)}
    >
      <span class="text-lg font-bold">{clock(line.at)}</span>
      <span class="justify-self-start pt-0.5 text-sm">
        {#if line.place}<span
            class="rounded border border-line bg-leaf-soft px-2 py-0.5 font-semibold text-ink"
            >{line.place}</span
          >{:else}<span class="text-muted">Counter</span>{/if}
      </span>
      <span class="col-start-2 sm:col-start-3">
        {line.action}
        <span class="block text-[15px] text-muted"
          >{line.dish}{line.amounts.length ? ` · ${line.amounts.join(', ')}` : ''}</span
        >
        {#if line.setting || line.detail}
          <span class="block text-[15px]">
            {#if line.setting}<b class="text-leaf-ink">{line.setting}</b>{line.detail
                ? ' · '
                : ''}{/if}{line.detail ?? ''}
          </span>
        {/if}
        {#if line.caution}<span class="block text-sm text-ember-ink"
            >{line.caution.text} <span class="text-muted">({line.caution.source})</span></span
          >{/if}
      </span>
      <span class="hidden text-right text-[15px] text-muted sm:block"
        >{line.minutes > 0 && line.isHands
          ? formatMinutes(line.minutes)
          : ''}{#if who(line.stepId)}<b class="block text-ink">{who(line.stepId)}</b>{/if}</span
      >
    </button>
  </li>
{/snippet}

<section aria-labelledby="run-sheet" class="h-fit overflow-hidden card">
  <h2 id="run-sheet" class="border-b border-line px-4 py-3 text-xl font-bold">Schedule</h2>
  <ol data-testid="run-sheet">
    {#each before as line, i (line.stepId)}
      {@const day = dayKey(at(line.at), kitchen.zone)}
      {#if (i === 0 || day !== dayKey(at(before[i - 1]?.at ?? 0), kitchen.zone)) && (day !== servingDay || i > 0)}
        <li
          class="border-t border-line bg-paper px-4 py-1.5 text-sm font-semibold text-muted first:border-0"
        >
          {formatDay(at(line.at), kitchen)}
        </li>
      {/if}
      {@render row(line)}
    {/each}
    <li class="bg-pimento px-4 py-2 font-bold text-on-pimento">{clock(ready)} · {end}</li>
    {#each after as line (line.stepId)}{@render row(line)}{/each}
  </ol>
</section>
