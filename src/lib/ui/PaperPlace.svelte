<script lang="ts">
  import type { Snippet } from 'svelte';
  import ChildHead from './player/ChildHead.svelte';

  /** A card of A6 on a page of its own, to print. */
  let {
    playerId,
    back,
    title,
    empty,
    ready,
    paper,
    children
  }: {
    playerId: string;
    back: { readonly href: string; readonly text: string };
    /** Null while there is no card. */
    title: string | null;
    /** What is said when there is none. */
    empty: string;
    ready: boolean;
    /** What can be done with it besides. */
    paper: Snippet;
    children: Snippet;
  } = $props();
</script>

<div class="place" style:--wide="none">
  <ChildHead {playerId} here="papers" />
  <div class="no-print flex flex-wrap items-center gap-4">
    <a class="btn act" href={back.href}>{back.text}</a>
    <button type="button" class="btn act-next" onclick={() => print()} disabled={title === null}>Print</button
    >
    {#if title !== null}{@render paper()}{/if}
    <span class="soft">A6. On larger paper it stands in the corner: cut along the edge.</span>
  </div>
  {#if title !== null}
    <h2 class="sr-only">{title}</h2>
    {@render children()}
  {:else if ready}
    <h2 class="empty">{empty}</h2>
  {/if}
</div>

<style>
  .empty {
    font-size: 1.1rem;
  }
  @media print {
    .place {
      padding: 0;
    }
  }
</style>
