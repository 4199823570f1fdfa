<script lang="ts">
  import { sideKey, sidesOf, type Check } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import type { Family } from '$lib/core/instruments';
  import type { Settings } from '$lib/data';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';

  /** What right looks like and what usually goes wrong, before anybody was looked at. */
  let { check, family, settings }: { check: Check; family: Family; settings: Settings } = $props();

  const MOST = 3;
  const who = $derived(drawnAs(family, {}, null, null, settings));
  /** Each fault beside right from the side from which it is seen. */
  const shown = $derived.by(() => {
    let room = MOST;
    return sidesOf(check, family).flatMap(({ right, faults }) => {
      const some = faults.slice(0, room);
      room -= some.length;
      if (some.length === 0 && faults.length > 0) return [];
      return [
        { id: sideKey(right), text: '✓ Right', scene: right, isRight: true },
        ...some.map(({ fault, scene }) => ({ id: fault.id, text: fault.text, scene, isRight: false }))
      ];
    });
  });
</script>

<ul data-look-pictures>
  {#each shown as { id, text, scene, isRight } (id)}
    <li class:right={isRight}>
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
