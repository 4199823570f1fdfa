<script lang="ts">
  import { sideKey, sidesOf, type Check } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import type { Family } from '$lib/core/instruments';
  import type { Settings } from '$lib/data';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';

  interface Props {
    check: Check;
    family: Family;
    settings: Settings;
    /** How many faults are shown at most. */
    most?: number;
    /** Faults that were seen. */
    picked?: readonly string[];
    /** Only looked at without it. */
    onpick?: (fault: string) => void;
  }

  /** What right looks like and what usually goes wrong. */
  let { check, family, settings, most = Infinity, picked = [], onpick }: Props = $props();

  // Anybody's figure shows it; no lengths are read for a whole class.
  const who = $derived(drawnAs(family, {}, null, null, settings));
  /** Each fault beside right from the side from which it is seen. */
  const sides = $derived.by(() => {
    let room = most;
    return sidesOf(check, family).flatMap(({ right, faults }) => {
      const some = faults.slice(0, room);
      room -= some.length;
      return some.length === 0 && faults.length > 0 ? [] : { right, faults: some };
    });
  });
</script>

{#snippet seen(scene: (typeof sides)[number]['right'], text: string)}
  <SeenPicture {...who} {...scene} view={VIEWS[scene.view]} />
  {text}
{/snippet}

<ul data-look-pictures>
  {#each sides as { right, faults } (sideKey(right))}
    <li class="tile right">{@render seen(right, '✓ Right')}</li>
    {#each faults as { fault, scene } (fault.id)}
      <li class={onpick ? '' : 'tile'}>
        {#if onpick}
          <button
            type="button"
            class="tile"
            aria-pressed={picked.includes(fault.id)}
            data-fault={fault.id}
            onclick={() => onpick(fault.id)}>{@render seen(scene, fault.text)}</button
          >
        {:else}
          {@render seen(scene, fault.text)}
        {/if}
      </li>
    {/each}
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
  }
  .tile {
    display: grid;
    gap: 0.2rem;
    align-content: start;
    padding: 0.25rem;
    border: 1px solid var(--line);
    border-radius: var(--radius-base);
    font-size: 0.9rem;
    line-height: 1.2;
    text-align: start;
  }
  .right {
    border: 2px solid var(--fits);
    color: var(--fits);
    font-weight: 650;
  }
  [aria-pressed='true'] {
    border: 3px solid var(--large);
    color: var(--large);
    font-weight: 650;
  }
</style>
