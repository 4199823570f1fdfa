<script lang="ts">
  import { lineName } from '$lib/words/lines';
  import type { DayQueue } from './queue.svelte';

  /** What day it is, and how far it is. */
  let { queue }: { queue: DayQueue } = $props();

  const all = $derived(queue.members.length);
  const seen = $derived(all - queue.waiting.length);
</script>

<header>
  <div>
    <h1>{queue.day && lineName(queue.day)}</h1>
    <p class="soft">
      {seen} of {all} seen{queue.secondLine.length > 0 ? `, ${queue.secondLine.length} for a trial` : ''}
    </p>
  </div>
  <a class="btn act no-print" href="/day">All fitting days</a>
</header>
<div
  class="progress no-print"
  role="progressbar"
  aria-label="Players seen"
  aria-valuemin="0"
  aria-valuemax={all}
  aria-valuenow={seen}
>
  <span style:width="{(100 * seen) / Math.max(1, all)}%"></span>
</div>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: start;
    gap: 0.5rem 1rem;
  }
  .progress {
    height: 6px;
    border-radius: 3px;
    background: var(--line);
    overflow: hidden;
  }
  .progress span {
    display: block;
    height: 100%;
    background: var(--fits);
    transition: width 0.2s;
  }
</style>
