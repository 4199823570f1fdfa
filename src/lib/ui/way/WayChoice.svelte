<script lang="ts">
  import type { Subject } from '$lib/core/checks';
  import type { Family } from '$lib/core/instruments';
  import WayPicture from './WayPicture.svelte';
  import WaysRow from './WaysRow.svelte';

  /** A subject on which teachers differ: each way with its picture and what speaks for it. */
  let {
    subject,
    family,
    chosen,
    onpick
  }: {
    subject: Subject;
    family: Family;
    /** Null follows what stands elsewhere. */
    chosen: string | null;
    onpick: (way: string) => void;
  } = $props();
</script>

<WaysRow subject={subject.id} title={subject.title} ways={subject.ways} {chosen} {onpick}>
  {#snippet picture(way)}<WayPicture {way} {family} />{/snippet}
</WaysRow>
