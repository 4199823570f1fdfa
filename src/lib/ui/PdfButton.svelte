<script lang="ts">
  import type { Remote } from 'comlink';
  import type { Printed } from '$lib/print/card-pdf';
  import { printAside, type Making } from '$lib/workers/print';
  import type { PrintDoor } from '$lib/workers/print.worker';
  import { download } from './download';
  import ProgressBar from './ProgressBar.svelte';
  import { status } from './shell/status.svelte';

  /** Makes a PDF beside the page and saves it; long ones show how far they are, and can be given up. */
  let {
    text,
    fileName,
    pieces = 1,
    disabled = false,
    ask
  }: {
    text: string;
    fileName: string;
    /** How many cards, labels or strips it is made of. */
    pieces?: number;
    disabled?: boolean;
    ask: (door: Remote<PrintDoor>, report: (done: number) => void) => Promise<Printed>;
  } = $props();

  let making = $state.raw<Making<Printed> | null>(null);
  let done = $state(0);
  /** Characters that the PDF had to leave out. */
  let missing = $state.raw<readonly string[]>([]);

  $effect(() => () => making?.stop());

  async function make() {
    if (making) return;
    done = 0;
    const mine = printAside(ask, (now) => (done = now));
    making = mine;
    try {
      const made = await mine.made;
      if (!made) return;
      missing = made.missing;
      download(fileName, 'application/pdf', made.bytes.slice());
    } catch {
      status.say('The PDF could not be made. Nothing is lost: try it once more.');
    } finally {
      if (making === mine) making = null;
    }
  }
</script>

<div class="flex flex-wrap items-center gap-x-3 gap-y-2">
  {#if making && pieces > 1}
    <ProgressBar label={text} max={pieces} value={done} />
    <span class="soft num">{done} of {pieces}</span>
    <button type="button" class="btn act" onclick={() => making?.stop()}>Stop</button>
  {:else}
    <button type="button" class="btn act" disabled={disabled || making !== null} onclick={make}>
      {making ? 'Making the PDF…' : text}
    </button>
  {/if}
</div>
{#if missing.length > 0}
  <p class="missing" role="alert">
    The PDF’s fonts do not have {missing.join(' ')}; question marks stand there. “Print it” writes them with
    this device’s own fonts, also into a PDF.
  </p>
{/if}

<style>
  .missing {
    color: var(--stop);
    font-weight: 550;
  }
</style>
