<script lang="ts">
  /** A photo of the dish, if there is one; otherwise a quiet way to add one. */
  import { enhance } from '$app/forms';
  import { toast } from 'svelte-sonner';

  let { dishId, name, at }: { dishId: string; name: string; at: number | null } = $props();
  let form = $state<HTMLFormElement>();
</script>

<div class="print:hidden">
  {#if at !== null}
    <img
      src="/dishes/{dishId}/photo?at={at}"
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
    <label class="btn btn-quiet focus-within:outline-2"
      >{at === null ? 'Add a photo' : 'Another photo'}<input
        type="file"
        name="photo"
        accept="image/jpeg,image/png,image/webp"
        class="sr-only"
        onchange={() => form?.requestSubmit()}
      /></label
    >
    {#if at !== null}<button class="btn btn-quiet" formaction="?/removePhoto">Remove it</button
      >{/if}
  </form>
</div>
