<script lang="ts">
  /** A day in the household's own order, typed by its parts or chosen from a month. */
  import CalendarDays from '@lucide/svelte/icons/calendar-days';
  import { parseDate, type DateValue } from '@internationalized/date';
  import { DateField } from 'bits-ui';
  import { page } from '$app/state';
  import type MonthComponent from './month.svelte';
  import { Leaving } from './leaving';
  import { conventionsOf } from './conventions';

  interface Props {
    label: string;
    /** The words are said, not shown. */
    isLabelHidden?: boolean;
    name?: string;
    /** As `2026-11-28`; empty for none. */
    value?: string;
    /** Told the day once the field is left, Enter is pressed or a day is chosen; it may refuse it. */
    oncommit?: (day: string) => void;
    /** What is wrong and what to do; nothing where all is well. */
    error?: string;
    /** Wrong together with a neighbour that carries the words. */
    invalid?: boolean;
    class?: string;
  }
  let {
    label,
    isLabelHidden = false,
    name,
    value = $bindable(''),
    oncommit,
    error,
    invalid = false,
    class: extra = '',
  }: Props = $props();

  const read = (day: string): DateValue | undefined => {
    try {
      return day === '' ? undefined : parseDate(day);
    } catch {
      return undefined;
    }
  };
  const by = $derived(conventionsOf(page.data));
  let draft = $derived<DateValue | undefined>(read(value));
  const typed = $derived(draft?.toString() ?? '');
  const weekday = $derived(
    draft?.toDate('UTC').toLocaleDateString(by.locale, { weekday: 'short', timeZone: 'UTC' }) ?? '',
  );
  const id = $props.id();

  function commit(): void {
    if (typed === value) return;
    if (oncommit) oncommit(typed);
    else value = typed;
  }
  const leaving = new Leaving(commit);

  let frame = $state<HTMLElement | null>(null);
  let opener = $state<HTMLButtonElement | null>(null);
  let isOpen = $state(false);
  let Month = $state<typeof MonthComponent | null>(null);
  async function open(): Promise<void> {
    Month ??= (await import('./month.svelte')).default;
    isOpen = true;
  }
  function choose(day: DateValue): void {
    draft = day;
    isOpen = false;
    commit();
  }
</script>

<div class={extra} {...leaving.handlers} bind:this={frame}>
  <DateField.Root bind:value={draft} locale={by.locale}>
    <DateField.Label class={isLabelHidden ? 'sr-only' : 'label'}>{label}</DateField.Label>
    <div class="parts" data-invalid={!!error || invalid || undefined}>
      {#if weekday}<span class="text-muted" aria-hidden="true">{weekday}</span>{/if}
      <DateField.Input
        class="flex items-center"
        data-value={typed}
        aria-describedby={error ? `${id}-error` : undefined}
      >
        {#snippet children({ segments })}
          {#each segments as { part, value: text }, i (i)}
            {#if part === 'literal'}<span class="px-px text-muted" aria-hidden="true">{text}</span>
            {:else}<DateField.Segment {part} class="part">{text}</DateField.Segment>{/if}
          {/each}
        {/snippet}
      </DateField.Input>
      <button
        type="button"
        class="ml-auto btn min-h-9 btn-quiet px-1.5"
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        onclick={() => void open()}
        bind:this={opener}
      >
        <CalendarDays size={18} aria-hidden="true" /><span class="sr-only">Choose: {label}</span>
      </button>
    </div>
  </DateField.Root>
  {#if Month}<Month
      bind:isOpen
      day={draft}
      beside={frame}
      locale={by.locale}
      {label}
      onchoose={choose}
      onclose={() => opener?.focus()}
    />{/if}
  {#if name}<input type="hidden" {name} value={typed} />{/if}
  {#if error}<p id="{id}-error" class="mt-1 text-sm font-semibold text-pimento">{error}</p>{/if}
</div>
