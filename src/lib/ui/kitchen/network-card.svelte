<script lang="ts">
  /** How other screens of the house come in, and the link for one that only shows. */
  import { toast } from 'svelte-sonner';

  /** Address for a screen that only shows; null where no passcode is set. */
  let { link }: { link: string | null } = $props();

  async function copy(): Promise<void> {
    try {
      await navigator.clipboard.writeText(link ?? '');
      toast.success('Copied.');
    } catch {
      toast.error('This browser can’t copy here: select the address and copy it yourself.');
    }
  }
</script>

<section aria-labelledby="network" class="mt-6 max-w-3xl card p-5">
  <h2 id="network" class="text-xl font-bold">Other screens in the house</h2>
  {#if link}
    <p class="mt-1 text-muted">
      Over the network it opens with the passcode. A screen on the wall that shows and changes
      nothing opens with this address instead:
    </p>
    <div class="mt-2 flex flex-wrap gap-2">
      <input
        class="field min-w-0 flex-1"
        readonly
        aria-label="Address for a screen that only shows"
        value={link}
      />
      <button type="button" class="btn" onclick={copy}>Copy</button>
    </div>
    <p class="mt-2 text-sm text-muted">It works until a new passcode is set.</p>
  {:else}
    <p class="mt-1 text-muted">
      It can be reached from this machine only. To use it on the phone in the kitchen, set a
      passcode here, on the machine:
      <code>npm run passcode</code>, then serve it with
      <code>HOST=0.0.0.0 npm run preview -- --https</code>. The file <code>docs/network.md</code> says
      the rest.
    </p>
  {/if}
</section>
