<script lang="ts">
  /** A label photographed with the phone at the freezer opens its page, whatever address is printed on it. */
  import { goto } from '$app/navigation';
  import { readLabel } from '$lib/client/read-label';

  let problem = $state('');
  let isReading = $state(false);

  async function read(input: HTMLInputElement): Promise<void> {
    const [picture] = input.files ?? [];
    if (!picture) return;
    isReading = true;
    const code = await readLabel(picture).catch(() => null);
    isReading = false;
    input.value = '';
    problem = code
      ? ''
      : 'No label found in the picture. Hold it straight, in good light, or type its code.';
    if (code) await goto(`/s/${code}`);
  }
</script>

<label class="btn cursor-pointer has-focus-visible:outline-2"
  >{isReading ? 'Reading…' : 'Scan a label'}<input
    type="file"
    accept="image/*"
    capture="environment"
    class="sr-only"
    onchange={(e) => void read(e.currentTarget)}
  /></label
>
{#if problem}<p role="alert" class="w-full text-[15px] font-semibold text-pimento">
    {problem}
  </p>{/if}
