<script lang="ts">
  import changes from '../../../../CHANGELOG.md?raw';
  import { onMount } from 'svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import { newSeen } from '$lib/ui/shell/whats-new';

  /** What is new in each version, and the licences of everything that ships with Jarvel. */
  interface Notice {
    readonly name: string;
    readonly version: string;
    readonly licence: string;
    readonly text: string;
  }

  const versions = changes
    .split(/^## /m)
    .slice(1)
    .map((part) => {
      const [version = '', ...lines] = part.split('\n');
      const points = lines
        .join('\n')
        .split(/^- /m)
        .map((point) => point.replace(/\s+/g, ' ').trim());
      return { version, points: points.filter((point) => point !== '') };
    });
  onMount(() => {
    newSeen();
    // A link that led here came before the text did.
    if (location.hash === '#what-is-new') document.getElementById('what-is-new')?.scrollIntoView();
  });

  async function notices(): Promise<readonly Notice[]> {
    const answer = await fetch('/_app/immutable/notices.json');
    if (!answer.ok) return [];
    const { paragraphs, notices: all } = (await answer.json()) as {
      readonly paragraphs: readonly string[];
      readonly notices: readonly (Omit<Notice, 'text'> & { readonly parts: readonly number[] })[];
    };
    return all.map(({ parts, ...notice }) => ({
      ...notice,
      text: parts.map((part) => paragraphs[part]).join('\n\n')
    }));
  }
</script>

{#each versions as { version, points } (version)}
  <h3>Version {version}{version === __APP_VERSION__ ? ', which runs here' : ''}</h3>
  <ul>
    {#each points as point (point)}<li>{point}</li>{/each}
  </ul>
{/each}
<Fold name="notices" title="Fonts and libraries, with their licences">
  {#await notices() then all}
    {#if all.length === 0}
      <p>The licences come with the built application; here it runs from its sources.</p>
    {/if}
    <ul data-notices>
      {#each all as { name, version, licence, text } (name)}
        <li>
          <b>{name}</b>
          {version}, {licence}
          {#if text}<pre>{text}</pre>{/if}
        </li>
      {/each}
    </ul>
  {:catch}
    <p role="alert">The licences could not be read.</p>
  {/await}
</Fold>

<style>
  h3 {
    font-weight: 700;
    margin-top: 0.5rem;
  }
  ul {
    list-style: disc;
    padding-inline-start: 1.25rem;
    max-width: 44rem;
  }
  pre {
    white-space: pre-wrap;
    font-size: 0.8rem;
    margin: 0.25rem 0 0.75rem;
  }
</style>
