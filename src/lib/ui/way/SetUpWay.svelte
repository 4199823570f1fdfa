<script lang="ts" generics="Id extends string">
  import { VIEWS } from '$lib/core/figure/views';
  import { SCROLL_DEG, TILT_DEG } from '$lib/core/setup';
  import { DEFAULT_SETTINGS } from '$lib/data';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';

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

<fieldset data-subject={kind}>
  <legend>{title}</legend>
  <div class="ways">
    {#each ways as way (way.id)}
      <button type="button" aria-pressed={chosen === way.id} data-way={way.id} onclick={() => onpick(way.id)}>
        <SeenPicture {...who} pose="playing" {view} changes={[]} setup={setupOf(way.id)} />
        <b>{way.name}</b>
        <span class="soft">{way.why}</span>
      </button>
    {/each}
  </div>
</fieldset>

<style>
  legend {
    font-weight: 650;
    padding-bottom: 0.25rem;
  }
  .ways {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 0.5rem;
  }
  button {
    display: grid;
    align-content: start;
    gap: 0.15rem;
    padding: 0.4rem;
    border: 1px solid var(--line);
    border-radius: var(--radius-base);
    text-align: center;
    line-height: 1.2;
  }
  button[aria-pressed='true'] {
    border: 3px solid var(--ink);
    padding: calc(0.4rem - 2px);
  }
  span {
    font-size: 0.9rem;
  }
</style>
