<script lang="ts">
  import { Progress } from '@skeletonlabs/skeleton-svelte';

  /** How far something is; nobody knows yet where no value is given. */
  let { label, value, max = 1 }: { label: string; value: number | null; max?: number } = $props();
</script>

<Progress {value} {max} class="how-far">
  <Progress.Track aria-label={label}><Progress.Range /></Progress.Track>
</Progress>

<style>
  :global([data-scope='progress'].how-far) {
    width: 12rem;
    max-width: 100%;
  }
</style>
