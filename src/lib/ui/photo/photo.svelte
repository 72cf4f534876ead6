<script lang="ts">
  /** A photo, if there is one; otherwise a quiet way to add one. The page has the actions `photo` and `removePhoto`. */
  import { enhance } from '$app/forms';
  import { toast } from 'svelte-sonner';
  import { smallPhoto } from '$lib/client/small-photo';

  interface Props {
    /** Where it is shown from. */
    address: string;
    name: string;
    /** When it was taken over, ms since the epoch; null where there is none. */
    at: number | null;
    /** Which of several on the page it is. */
    entry?: string;
  }
  let { address, name, at, entry }: Props = $props();
  let form = $state<HTMLFormElement>();

  async function send(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    if (!file) return;
    const chosen = new DataTransfer();
    chosen.items.add(await smallPhoto(file));
    input.files = chosen.files;
    form?.requestSubmit();
  }
</script>

<div class="print:hidden">
  {#if at !== null}
    <img
      src="{address}?at={at}"
      alt="{name}, as it was served"
      class="aspect-[4/3] w-full rounded-xl border border-line object-cover"
    />
  {/if}
  <form
    bind:this={form}
    method="POST"
    action="?/photo"
    enctype="multipart/form-data"
    class="mt-1 flex gap-2"
    use:enhance={() =>
      async ({ result, update }) => {
        await update();
        if (result.type === 'failure') toast.error(String(result.data?.problem));
      }}
  >
    {#if entry !== undefined}<input type="hidden" name="entry" value={entry} />{/if}
    <label class="btn btn-quiet focus-within:outline-2"
      >{at === null ? 'Add a photo' : 'Another photo'}<span class="sr-only"> of {name}</span><input
        type="file"
        name="photo"
        accept="image/jpeg,image/png,image/webp"
        class="sr-only"
        onchange={(event) => void send(event.currentTarget)}
      /></label
    >
    {#if at !== null}<button class="btn btn-quiet" formaction="?/removePhoto">Remove it</button
      >{/if}
  </form>
</div>
