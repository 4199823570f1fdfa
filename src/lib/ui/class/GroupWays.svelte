<script lang="ts">
  import { subjectsFor, SUBJECT_IDS, subjectOf, wayOf } from '$lib/core/checks';
  import type { Family } from '$lib/core/instruments';
  import { db, setGroupWay, type Group, type Settings } from '$lib/data';
  import Fold from '$lib/ui/Fold.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import WayChoice from '$lib/ui/way/WayChoice.svelte';

  /** The group's own ways, where they are not the teacher's. */
  let { group, families, settings }: { group: Group; families: readonly Family[]; settings: Settings } =
    $props();

  const asked = $derived(
    SUBJECT_IDS.filter((id) =>
      families.some((family) => subjectsFor(family).some((one) => one.id === id))
    ).map(subjectOf)
  );
  const own = $derived(Object.keys(group.ways ?? {}).length);
</script>

<Fold title="This group’s way{own > 0 ? `: ${own} of its own` : ''}" name="group-ways">
  <div class="grid gap-4">
    {#each asked as subject (subject.id)}
      <div>
        <WayChoice
          {subject}
          family={families.find((one) => subject.families.includes(one)) ?? 'violin'}
          chosen={group.ways?.[subject.id] ?? null}
          onpick={(way) => void attempt(() => setGroupWay(db, group.id, subject.id, way))}
        />
        <p class="soft">
          {#if group.ways?.[subject.id]}
            <button
              type="button"
              onclick={() => void attempt(() => setGroupWay(db, group.id, subject.id, null))}
              >Follow my way</button
            >
          {:else}Follows your way: {wayOf(subject.id, settings.ways ?? {}).name.toLowerCase()}.{/if}
        </p>
      </div>
    {/each}
  </div>
</Fold>

<style>
  button {
    text-decoration: underline;
    min-height: 2.75rem;
  }
</style>
