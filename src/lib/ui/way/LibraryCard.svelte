<script lang="ts">
  import { sceneOf, sideKey, sidesOf, type Check } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import { db, type OwnCheckRecord } from '$lib/data';
  import { removeOwnCheck } from '$lib/data/commands/own-checks';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';
  import { attempt } from '$lib/ui/shell/attempt';
  import { STANDPOINT_WORDS } from '$lib/words/checks';
  import CheckWords from './CheckWords.svelte';

  /** A check as its picture of right; opened, everything that is known of it. */
  let {
    check,
    who,
    open,
    hidden,
    own,
    words,
    onopen,
    onhide,
    onchange
  }: {
    check: Check;
    who: DrawnAs;
    open: boolean;
    hidden: boolean;
    /** What it is kept as, where it is the teacher's own. */
    own: OwnCheckRecord | undefined;
    words: Parameters<typeof CheckWords>[1]['words'];
    onopen: () => void;
    onhide: () => void;
    onchange: (record: OwnCheckRecord) => void;
  } = $props();

  const right = $derived(sceneOf(check, who.family));
</script>

<li data-check={check.id} class:open class:away={hidden} aria-label={check.title}>
  <button type="button" class="title" aria-expanded={open} onclick={onopen}>
    {#if !open}<SeenPicture {...who} {...right} view={VIEWS[right.view]} />{/if}
    <b>{check.title}</b>
    <span class="soft">{STANDPOINT_WORDS[check.standpoint]}{hidden ? ' · hidden' : ''}</span>
  </button>
  <span class="ways">
    <button type="button" class="act-quiet" onclick={onhide}>{hidden ? 'Show' : 'Hide'}</button>
    {#if own}
      {@const record = own}
      <button type="button" class="act-quiet" onclick={() => onchange(record)}>Change</button>
      <button type="button" class="act-quiet" onclick={() => attempt(() => removeOwnCheck(db, record))}
        >Remove</button
      >
    {/if}
  </span>
  {#if open}
    <p>{check.right} <span class="soft">“{check.forPlayer}”</span></p>
    <div class="pictures">
      {#each sidesOf(check, who.family) as side (sideKey(side.right))}
        <figure>
          <SeenPicture {...who} {...side.right} view={VIEWS[side.right.view]} />
          <figcaption>✓ Right</figcaption>
        </figure>
        {#each side.faults as { fault, scene } (fault.id)}
          <figure>
            <SeenPicture {...who} {...scene} view={VIEWS[scene.view]} />
            <figcaption>
              ✗ {fault.text}<br /><span class="soft"
                >{fault.causes.map(({ remedy }) => remedy).join(' ')}</span
              >
            </figcaption>
          </figure>
        {/each}
      {/each}
    </div>
    {#if !own}<CheckWords {check} {words} />{/if}
  {/if}
</li>

<style>
  li {
    display: grid;
    align-content: start;
    border: 1px solid var(--line);
    border-radius: var(--radius-base);
    padding: 0.35rem;
    background: var(--ground);
  }
  .open {
    grid-column: 1 / -1;
    gap: 0.5rem;
  }
  .title {
    display: grid;
    align-content: start;
    gap: 0.15rem;
    min-height: 2.75rem;
    line-height: 1.2;
    text-align: center;
  }
  .open .title {
    text-align: left;
  }
  .away b {
    text-decoration: line-through;
    font-weight: 400;
  }
  .away :global(.seen) {
    opacity: 0.4;
  }
  .title .soft {
    font-size: 0.9rem;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    justify-content: center;
  }
  .pictures {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(10rem, 1fr));
    gap: 0.75rem;
  }
  figcaption {
    text-align: center;
    font-size: 0.95rem;
    line-height: 1.25;
  }
</style>
