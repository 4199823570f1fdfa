<script lang="ts">
  import type { Verdict } from '$lib/core/sizing';

  /** The verdict's own shape in its own tone: disc for fits, triangle up for large, down for small, a dash while nothing is said. */
  let { verdict, size = 14 }: { verdict: Verdict; size?: number } = $props();
</script>

<svg width={size} height={size} viewBox="0 0 14 14" aria-hidden="true" class="verdict-mark {verdict}">
  {#if verdict === 'fits'}
    <circle cx="7" cy="7" r="5.5" />
  {:else if verdict === 'large'}
    <path d="M7 1.5 13 12.5 1 12.5Z" />
  {:else if verdict === 'unsaid'}
    <path d="M1.5 5.5h11v3h-11Z" />
  {:else}
    <path d="M7 12.5 13 1.5 1 1.5Z" />
  {/if}
</svg>

<style>
  .verdict-mark {
    display: inline-block;
    flex: none;
    fill: currentColor;
  }
</style>
