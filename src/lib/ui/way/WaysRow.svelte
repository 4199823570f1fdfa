<script
  lang="ts"
  generics="Shown extends { readonly id: string; readonly name: string; readonly why: string }"
>
  import type { Snippet } from 'svelte';

  /** Ways of one subject beside each other: each with its picture and what speaks for it. */
  let {
    subject,
    title,
    ways,
    chosen,
    picture,
    onpick
  }: {
    subject: string;
    title: string;
    ways: readonly Shown[];
    /** Null follows what stands elsewhere. */
    chosen: string | null;
    picture: Snippet<[Shown]>;
    onpick: (way: Shown['id']) => void;
  } = $props();
</script>

<fieldset data-subject={subject}>
  <legend>{title}</legend>
  <div class="ways">
    {#each ways as way (way.id)}
      <button type="button" aria-pressed={chosen === way.id} data-way={way.id} onclick={() => onpick(way.id)}>
        {@render picture(way)}
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
