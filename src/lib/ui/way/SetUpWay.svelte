<script lang="ts" generics="Id extends string">
  import { VIEWS } from '$lib/core/figure/views';
  import { SCROLL_DEG, TILT_DEG } from '$lib/core/setup';
  import { DEFAULT_SETTINGS } from '$lib/data';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import WaysRow from './WaysRow.svelte';

  /** A way of the set-up with its picture: where the scroll points, or which end of the rest is high. */
  let {
    kind,
    title,
    chosen,
    ways,
    onpick
  }: {
    kind: 'tilt' | 'scroll';
    title: string;
    chosen: Id;
    ways: readonly { readonly id: Id; readonly name: string; readonly why: string }[];
    onpick: (way: Id) => void;
  } = $props();

  const who = drawnAs('violin', {}, null, null, DEFAULT_SETTINGS);
  const degOf = (id: string): number =>
    (({ ...SCROLL_DEG, ...TILT_DEG }) as Readonly<Partial<Record<string, number>>>)[id] ?? 0;
  const setupOf = (id: Id) => (kind === 'scroll' ? { scrollDeg: degOf(id) } : { tiltDeg: degOf(id) });
  const view = $derived(VIEWS[kind === 'scroll' ? 'bodyAbove' : 'head']);
</script>

<WaysRow subject={kind} {title} {ways} {chosen} {onpick}>
  {#snippet picture(way)}
    <SeenPicture {...who} pose="playing" {view} changes={[]} setup={setupOf(way.id)} />
  {/snippet}
</WaysRow>
