<script lang="ts">
  import { enhance } from '$app/forms';

  interface Props {
    problems: readonly string[];
    /** What was brought in, in words; null before. */
    opened: string | null;
    onopened: () => void;
  }
  let { problems, opened, onopened }: Props = $props();
</script>

<section aria-labelledby="file" class="mt-8 grid gap-4 card p-5 md:grid-cols-2">
  <div>
    <h2 id="file" class="text-xl font-bold">Household file</h2>
    <p class="mt-1 text-muted">
      Kitchen, dishes and meals in one JSON file: yours to keep, copy and read.
    </p>
    <a class="mt-3 btn" href="/household.json" download>Save everything to a file</a>
  </div>
  <form
    method="POST"
    action="?/open"
    enctype="multipart/form-data"
    use:enhance={({ cancel }) => {
      if (
        !confirm(
          'This replaces the kitchen, all dishes and all meals with what is in the file. Go on?',
        )
      )
        cancel();
      return async ({ result, update }) => {
        await update({ reset: false });
        if (result.type === 'success') onopened();
      };
    }}
  >
    <label for="household-file" class="label">Open a household file (replaces what is here)</label>
    <input
      id="household-file"
      type="file"
      name="file"
      accept="application/json,.json"
      class="field py-2"
    />
    <button class="mt-3 btn">Open it</button>
    {#if opened}<p class="mt-2 font-semibold text-leaf-ink" role="status">{opened}</p>{/if}
    {#if problems.length > 0}
      <ul class="mt-2 font-semibold text-pimento" role="alert">
        {#each problems as problem (problem)}<li>{problem}</li>{/each}
      </ul>
    {/if}
  </form>
</section>
