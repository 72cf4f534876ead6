<script lang="ts">
  /** Why taps of this screen do not count, where they do not. */
  import type { EveningState } from './evening-state.svelte';

  let { live }: { live: EveningState } = $props();
</script>

{#if !live.canTap}
  <p role="status" class="mt-3 banner banner-note text-lg">
    This screen is read-only.
    <a class="font-semibold underline" href="/access?to=/cook/{live.evening.id}"
      >Give the passcode</a
    >
    to tap here.
  </p>
{:else if live.refusal}
  <p role="alert" class="mt-3 banner banner-stop text-lg">
    <b>The server doesn’t accept this screen.</b>
    {live.refusal.text}{#if live.waiting.length > 0}
      {live.waiting.length === 1 ? 'One tap is' : `${live.waiting.length} taps are`} kept here until then.{/if}
    {#if live.refusal.status === 401 || live.refusal.status === 403}<a
        class="font-semibold underline"
        href="/access?to=/cook/{live.evening.id}">Give the passcode</a
      >{/if}
  </p>
{/if}
{#if live.problem}
  <p role="alert" class="mt-3 banner banner-stop">{live.problem}</p>
{/if}
