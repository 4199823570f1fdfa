<script lang="ts">
  import type { FileDesk } from './file-desk.svelte';

  /** How far long work is, and the way to stop it. */
  let { desk }: { desk: FileDesk } = $props();
</script>

{#if desk.busy}
  <p class="row" role="status" data-underway>
    <span>{desk.busy.what}</span>
    <progress class="progress" max="1" value={desk.busy.share ?? undefined} aria-label={desk.busy.what}
    ></progress>
    <button type="button" class="act-quiet" onclick={() => void desk.stop()}>Stop</button>
  </p>
{/if}
