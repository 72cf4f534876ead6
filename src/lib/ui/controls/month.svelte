<script lang="ts">
  /** A month to choose a day from; loaded when somebody asks for it. */
  import ChevronLeft from '@lucide/svelte/icons/chevron-left';
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import type { DateValue } from '@internationalized/date';
  import { Calendar, Popover } from 'bits-ui';

  interface Props {
    isOpen: boolean;
    day: DateValue | undefined;
    /** What it opens beside. */
    beside: HTMLElement | null;
    locale: string;
    /** What it is a day for. */
    label: string;
    /** A day was chosen. */
    onchoose: (day: DateValue) => void;
    /** It has gone: the focus belongs where it was opened. */
    onclose: () => void;
  }
  let { isOpen = $bindable(), day, beside, locale, label, onchoose, onclose }: Props = $props();

  let content = $state<HTMLElement | null>(null);
</script>

<Popover.Root bind:open={isOpen}>
  <Popover.Portal>
    <Popover.Content
      customAnchor={beside}
      class="z-40 card p-3 shadow-lg"
      sideOffset={6}
      aria-label={label}
      onOpenAutoFocus={(event) => {
        event.preventDefault();
        // The day that is chosen, else today: both have the calendar's own place in the order of tabs.
        content?.querySelector<HTMLElement>('[data-calendar-day][tabindex="0"]')?.focus();
      }}
      bind:ref={content}
      onCloseAutoFocus={(event) => {
        event.preventDefault();
        onclose();
      }}
    >
      <Calendar.Root
        type="single"
        value={day}
        {locale}
        weekdayFormat="short"
        fixedWeeks
        onValueChange={(chosen) => {
          if (chosen) onchoose(chosen);
        }}
      >
        {#snippet children({ months, weekdays })}
          <Calendar.Header class="flex items-center justify-between gap-2">
            <Calendar.PrevButton class="btn min-h-10 btn-quiet px-2"
              ><ChevronLeft size={18} aria-hidden="true" /><span class="sr-only">Month before</span
              ></Calendar.PrevButton
            >
            <Calendar.Heading class="font-head font-bold" />
            <Calendar.NextButton class="btn min-h-10 btn-quiet px-2"
              ><ChevronRight size={18} aria-hidden="true" /><span class="sr-only">Next month</span
              ></Calendar.NextButton
            >
          </Calendar.Header>
          {#each months as month (month.value)}
            <Calendar.Grid class="mt-1 w-full border-collapse">
              <Calendar.GridHead>
                <Calendar.GridRow>
                  {#each weekdays as name, i (i)}
                    <Calendar.HeadCell class="p-1 text-[13px] font-semibold text-muted"
                      >{name}</Calendar.HeadCell
                    >
                  {/each}
                </Calendar.GridRow>
              </Calendar.GridHead>
              <Calendar.GridBody>
                {#each month.weeks as week, i (i)}
                  <Calendar.GridRow>
                    {#each week as date (date.toString())}
                      <Calendar.Cell {date} month={month.value} class="p-0">
                        <Calendar.Day class="day" />
                      </Calendar.Cell>
                    {/each}
                  </Calendar.GridRow>
                {/each}
              </Calendar.GridBody>
            </Calendar.Grid>
          {/each}
        {/snippet}
      </Calendar.Root>
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
