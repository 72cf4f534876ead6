<script lang="ts">
  import { enhance } from '$app/forms';

  interface Props {
    /** How many there are, what they weigh together, and whether one file carries them. */
    photos: { count: number; bytes: number; areTooMany: boolean };
    problems: readonly string[];
    /** What was brought in, in words; null before. */
    opened: string | null;
    /** The copy of what was here before; null without one. */
    before: string | null;
    onopened: () => void;
  }
  let { photos, problems, opened, before, onopened }: Props = $props();
  /** One file at a time: the answer to the last one opened is the one that holds. */
  let isOpening = $state(false);
  /** How far the server is with it; null while it is on its way there. */
  let progress = $state.raw<{ stage: 'check' | 'write' | 'learn'; share: number } | null>(null);
  const SAID = {
    check: 'Checking it',
    write: 'Writing it',
    learn: 'Reading what its evenings teach',
  } as const;
  const LOOK_EVERY_MS = 500;
  $effect(() => {
    if (!isOpening) return;
    const timer = setInterval(() => void look(), LOOK_EVERY_MS);
    return () => clearInterval(timer);
  });
  async function look(): Promise<void> {
    const response = await fetch('/api/opening').catch(() => null);
    if (response?.ok && isOpening) progress = (await response.json()) as typeof progress;
  }
  const size = $derived(
    photos.bytes < 1e5
      ? `${Math.ceil(photos.bytes / 1e3)} kB`
      : `${(photos.bytes / 1e6).toFixed(1)} MB`,
  );
</script>

<section aria-labelledby="file" class="mt-8 grid gap-4 card p-5 md:grid-cols-2">
  <div>
    <h2 id="file" class="text-xl font-bold">Household file</h2>
    <p class="mt-1 text-muted">
      Kitchen, dishes with all their versions, meals, freezer, evenings, verdicts and photos in one
      JSON file: yours to keep, copy and read.
    </p>
    <div class="mt-3 flex flex-wrap gap-2">
      {#if !photos.areTooMany}
        <a class="btn" href="/household.json" download>Save everything to a file</a>
      {/if}
      {#if photos.count > 0}
        <a class="btn" href="/household.json?photos=no" download>Save it without photos</a>
      {/if}
    </div>
    {#if photos.count > 0}
      <p class="mt-2 text-sm text-muted">
        {photos.count === 1 ? 'One photo' : `${photos.count} photos`}, {size}{photos.areTooMany
          ? ': more than one file carries. Copies of the database hold them.'
          : '. A file without photos leaves those alone that are where it is opened.'}
      </p>
    {/if}
  </div>
  <form
    method="POST"
    action="?/open"
    enctype="multipart/form-data"
    use:enhance={({ cancel }) => {
      if (
        !confirm(
          'This replaces what is here with what is in the file: kitchen, dishes, meals, freezer, evenings. What is here is kept as a copy first. Go on?',
        )
      ) {
        cancel();
        return;
      }
      isOpening = true;
      return async ({ result, update }) => {
        await update({ reset: false });
        isOpening = false;
        progress = null;
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
    <button class="mt-3 btn" disabled={isOpening}>{isOpening ? 'Opening …' : 'Open it'}</button>
    {#if isOpening}
      <div class="mt-3">
        <label class="label grid"
          >{progress ? SAID[progress.stage] : 'Sending it'}<progress
            class="mt-1 h-3 w-full appearance-none overflow-hidden rounded-full bg-line [&::-moz-progress-bar]:bg-olive [&::-webkit-progress-bar]:bg-line [&::-webkit-progress-value]:bg-olive"
            max="1"
            value={progress?.share}
          ></progress></label
        >
        {#if progress && progress.stage !== 'learn'}<button
            type="button"
            class="mt-2 btn"
            onclick={() => void fetch('/api/opening', { method: 'DELETE' })}>Stop</button
          >{/if}
      </div>
    {/if}
    {#if problems.length > 0 && !isOpening}
      <ul class="mt-2 font-semibold text-pimento" role="alert">
        {#each problems as problem, index (index)}<li>{problem}</li>{/each}
      </ul>
    {/if}
  </form>
  {#if opened && !isOpening}
    <div class="flex flex-wrap items-center gap-3 md:col-span-2" role="status">
      <p class="font-semibold text-leaf-ink">
        {opened}{before ? ' What was here before is kept as a copy.' : ''}
      </p>
      {#if before}
        <form
          method="POST"
          action="?/bringBack"
          use:enhance={() =>
            async ({ result, update }) => {
              await update();
              if (result.type === 'success') onopened();
            }}
        >
          <input type="hidden" name="copy" value={before} />
          <button class="btn">Undo</button>
        </form>
      {/if}
    </div>
  {/if}
</section>
