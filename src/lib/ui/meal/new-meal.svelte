<script lang="ts">
  /** A new meal: a name, a moment, and who eats; dishes come next. */
  import Plus from '@lucide/svelte/icons/plus';
  import { Dialog } from 'bits-ui';
  import { untrack } from 'svelte';
  import { enhance } from '$app/forms';
  import { DateField, TimeField } from '$lib/ui/controls';
  import Field from '$lib/ui/fields/field.svelte';

  interface Props {
    /** As it was asked for by the address: at once, of a day, as a batch day. */
    asked: { isOpen: boolean; day: string; isBatch: boolean };
    typed?: { name: string; day: string; time: string; servings: string; batch: boolean };
    errors?: Record<string, string>;
  }
  let { asked, typed, errors }: Props = $props();

  let isOpen = $state(untrack(() => asked.isOpen));
  let isAhead = $state(untrack(() => typed?.batch ?? asked.isBatch));
</script>

<Dialog.Root bind:open={isOpen}>
  <Dialog.Trigger class="btn btn-strong"
    ><Plus size={18} aria-hidden="true" />New meal</Dialog.Trigger
  >
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-[6dvh] left-1/2 z-50 max-h-[88dvh] w-[min(30rem,94vw)] -translate-x-1/2 overflow-y-auto rounded-2xl bg-paper p-5 shadow-2xl"
    >
      <Dialog.Title class="font-head text-2xl font-bold"
        >{isAhead ? 'New batch day' : 'New meal'}</Dialog.Title
      >
      <form
        method="POST"
        action="/meals?/create"
        use:enhance={() =>
          ({ update }) =>
            update({ reset: false })}
        class="mt-4 grid gap-4"
        novalidate
      >
        <Field
          name="name"
          label="What is it called?"
          value={typed?.name ?? ''}
          error={errors?.name}
          placeholder={isAhead ? 'Freezer day' : 'Sunday lunch'}
        />
        <div class="flex flex-wrap gap-3 *:first:flex-[2_1_13rem] *:last:flex-[1_1_5.5rem]">
          <DateField
            name="day"
            label="Day"
            value={typed?.day ?? asked.day}
            error={errors?.serveAt}
          />
          <TimeField
            name="time"
            label={isAhead ? 'Packed by' : 'Serve at'}
            value={typed?.time ?? '18:30'}
            invalid={!!errors?.serveAt}
          />
        </div>
        <Field
          name="servings"
          label={isAhead ? 'Portions in a bag' : 'How many eat?'}
          type="number"
          min="1"
          max="200"
          value={typed?.servings ?? '4'}
          error={errors?.servings}
        />
        <label class="flex min-h-11 items-center gap-2"
          ><input type="checkbox" name="batch" class="tick" bind:checked={isAhead} /><span
            >Batch day: cook for the freezer</span
          ></label
        >
        <div class="flex justify-end gap-2">
          <Dialog.Close class="btn btn-quiet">Cancel</Dialog.Close>
          <button class="btn btn-strong">Plan it</button>
        </div>
      </form>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
