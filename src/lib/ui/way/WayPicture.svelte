<script lang="ts">
  import type { Way } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import type { Family } from '$lib/core/instruments';
  import { DEFAULT_SETTINGS } from '$lib/data';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';

  /** How a way looks on a player of a middle size. */
  let { way, family }: { way: Way; family: Family } = $props();

  const who = $derived(drawnAs(family, {}, null, null, DEFAULT_SETTINGS));
</script>

<SeenPicture
  {...who}
  pose={way.picture.pose}
  view={VIEWS[way.picture.view]}
  changes={way.picture.changes}
  marked={[]}
/>
