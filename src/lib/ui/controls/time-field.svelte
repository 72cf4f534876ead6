<script lang="ts">
  /** A time of day by the household's own clock, 12 or 24 hours. */
  import { parseTime, type Time } from '@internationalized/date';
  import { TimeField } from 'bits-ui';
  import { page } from '$app/state';
  import { conventionsOf } from './conventions';
  import { Leaving } from './leaving';

  interface Props {
    label: string;
    /** The words are said, not shown. */
    isLabelHidden?: boolean;
    name?: string;
    /** As `18:30`; empty for none. */
    value?: string;
    /** Told the time once the field is left or Enter is pressed; it may refuse it. */
    oncommit?: (time: string) => void;
    error?: string;
    /** Wrong together with a neighbour that carries the words. */
    invalid?: boolean;
    /** Id of the words for what is wrong. */
    describedBy?: string;
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
    describedBy,
    class: extra = '',
  }: Props = $props();

  const read = (time: string): Time | undefined => {
    try {
      return time === '' ? undefined : parseTime(time);
    } catch {
      return undefined;
    }
  };
  const by = $derived(conventionsOf(page.data));
  let draft = $derived<Time | undefined>(read(value));
  const typed = $derived(draft?.toString().slice(0, 5) ?? '');

  function commit(): void {
    if (typed === value) return;
    if (oncommit) oncommit(typed);
    else value = typed;
  }
  const leaving = new Leaving(commit);
</script>

<div class={extra} {...leaving.handlers}>
  <TimeField.Root
    bind:value={draft}
    locale={by.hours === 12 ? 'en-US' : 'en-GB'}
    hourCycle={by.hours}
    granularity="minute"
  >
    <TimeField.Label class={isLabelHidden ? 'sr-only' : 'label'}>{label}</TimeField.Label>
    <div class="parts" data-invalid={!!error || invalid || undefined}>
      <TimeField.Input class="flex items-center" data-value={typed} aria-describedby={describedBy}>
        {#snippet children({ segments })}
          {#each segments as { part, value: text }, i (i)}
            {#if part === 'literal'}<span class="px-px text-muted" aria-hidden="true">{text}</span>
            {:else}
              <TimeField.Segment {part}>
                {#snippet child({ props })}
                  <!-- The package says “18 AM” of a clock of 24 hours. -->
                  <span {...props} class="part" aria-valuetext={text}>{text}</span>
                {/snippet}
              </TimeField.Segment>
            {/if}
          {/each}
        {/snippet}
      </TimeField.Input>
    </div>
  </TimeField.Root>
  {#if name}<input type="hidden" {name} value={typed} />{/if}
  {#if error}<p class="mt-1 text-sm font-semibold text-pimento">{error}</p>{/if}
</div>
