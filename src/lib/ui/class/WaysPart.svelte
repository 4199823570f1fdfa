<script lang="ts">
  import { CHOSEN_SUBJECTS, subjectsFor, subjectOf, wayOf } from '$lib/core/checks';
  import { FAMILIES } from '$lib/core/instruments';
  import { db, setGroupWay, type Group, type Player, type Settings } from '$lib/data';
  import { playersIn } from '$lib/data/questions/records';
  import { live } from '$lib/ui/live.svelte';
  import { KEPT_SUBJECTS } from '$lib/data/commands/ways';
  import KeptOtherwise from '$lib/ui/way/KeptOtherwise.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import WayChoice from '$lib/ui/way/WayChoice.svelte';

  /** The group's own ways, where they are not the teacher's. */
  let { group, settings }: { group: Group; settings: Settings } = $props();

  const members = live<readonly Player[]>(
    () => playersIn(db, group.id),
    [],
    () => group.id
  );
  const families = $derived(FAMILIES.filter((one) => members.current.some(({ family }) => family === one)));

  const asked = $derived(
    CHOSEN_SUBJECTS.filter((id) =>
      families.some((family) => subjectsFor(family).some((one) => one.id === id))
    ).map(subjectOf)
  );
</script>

<div class="grid gap-4">
  {#each asked as subject (subject.id)}
    {@const kept = KEPT_SUBJECTS[subject.id]}
    {@const own = group.ways?.[subject.id]}
    <div>
      <WayChoice
        {subject}
        family={families.find((one) => subject.families.includes(one)) ?? 'violin'}
        chosen={group.ways?.[subject.id] ?? null}
        onpick={(way) => void attempt(() => setGroupWay(db, group.id, subject.id, way))}
      />
      {#if kept && own}<KeptOtherwise kept={{ ...kept, way: own }} groupId={group.id} />{/if}
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

<style>
  button {
    text-decoration: underline;
    min-height: 2.75rem;
  }
</style>
