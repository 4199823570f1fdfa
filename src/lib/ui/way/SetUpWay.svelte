<script lang="ts" generics="Id extends string">
  import { VIEWS } from '$lib/core/figure/views';
  import { DEFAULT_SETTINGS } from '$lib/data';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import type { SetUpPicture } from './set-up-pictures';
  import WaysRow from './WaysRow.svelte';

  /** A subject of sizing or set-up, each way with its picture on a violin player of a middle size. */
  let {
    subject,
    title,
    chosen,
    ways,
    pictureOf,
    onpick
  }: {
    subject: string;
    title: string;
    chosen: Id;
    ways: readonly { readonly id: Id; readonly name: string; readonly why: string }[];
    pictureOf: (way: Id, who: ReturnType<typeof drawnAs>) => SetUpPicture;
    onpick: (way: Id) => void;
  } = $props();

  const who = drawnAs('violin', {}, null, null, DEFAULT_SETTINGS);
</script>

<WaysRow {subject} {title} {ways} {chosen} {onpick}>
  {#snippet picture(way)}
    {@const { view, pose = 'playing', readings = who.readings, changes = [], setup } = pictureOf(way.id, who)}
    <SeenPicture
      {...who}
      {readings}
      {pose}
      view={VIEWS[view]}
      {changes}
      marked={[]}
      {...setup ? { setup } : {}}
    />
  {/snippet}
</WaysRow>
