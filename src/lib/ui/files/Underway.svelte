<script lang="ts">
  import ProgressBar from '$lib/ui/ProgressBar.svelte';
  import type { FileDesk } from './file-desk.svelte';

  /** How far long work is, and the way to stop it. */
  let { desk }: { desk: FileDesk } = $props();
</script>

{#if desk.busy}
  <div class="row" role="status" data-underway>
    <span>{desk.busy.what}</span>
    <ProgressBar label={desk.busy.what} value={desk.busy.share} />
    <button type="button" class="act-quiet" onclick={() => void desk.stop()}>Stop</button>
  </div>
{/if}
