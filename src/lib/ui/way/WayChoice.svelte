<script lang="ts">
  import type { Subject } from '$lib/core/checks';
  import type { Family } from '$lib/core/instruments';
  import WayPicture from './WayPicture.svelte';

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

<fieldset data-subject={subject.id}>
  <legend>{subject.title}</legend>
  <div class="ways">
    {#each subject.ways as way (way.id)}
      <button type="button" aria-pressed={chosen === way.id} data-way={way.id} onclick={() => onpick(way.id)}>
        <WayPicture {way} {family} />
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
