<script lang="ts">
  import { sceneOf, type Check } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import type { Family } from '$lib/core/instruments';
  import type { Settings } from '$lib/data';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';

  /** What right looks like and what usually goes wrong, before anybody was looked at. */
  let { check, family, settings }: { check: Check; family: Family; settings: Settings } = $props();

  const MOST = 3;
  const who = $derived(drawnAs(family, {}, null, null, settings));
  const shown = $derived([
    { id: 'right', text: '✓ Right', scene: sceneOf(check, family) },
    ...check.faults
      .slice(0, MOST)
      .map((fault) => ({ id: fault.id, text: fault.text, scene: sceneOf(check, family, fault) }))
  ]);
</script>

<ul data-look-pictures>
  {#each shown as { id, text, scene } (id)}
    <li class:right={id === 'right'}>
      <SeenPicture {...who} {...scene} view={VIEWS[scene.view]} />
      {text}
    </li>
  {/each}
</ul>

<style>
  ul {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.35rem;
  }
  li {
    display: grid;
    gap: 0.2rem;
    padding: 0.25rem;
    border: 1px solid var(--line);
    border-radius: var(--radius-base);
    font-size: 0.9rem;
    line-height: 1.2;
  }
  .right {
    border: 2px solid var(--fits);
    color: var(--fits);
    font-weight: 650;
  }
</style>
