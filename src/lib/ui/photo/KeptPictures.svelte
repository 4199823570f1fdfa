<script lang="ts">
  import { ANGLE_IDS } from '$lib/core/photo';
  import { db } from '$lib/data';
  import { dropPictures, picturesOf } from '$lib/data/pictures/kept';
  import { download, fileNamePart } from '$lib/ui/download';
  import { attempt } from '$lib/ui/shell/attempt';
  import { live } from '$lib/ui/live.svelte';
  import { dayText } from '$lib/words/dates';
  import { angleName } from '$lib/words/photo';

  /** Pictures of a child that are kept with a consent, oldest first. Only a touch here puts one into a file. */
  let { playerId, name }: { playerId: string; name: string } = $props();

  const kept = live(
    () => picturesOf(db, playerId),
    [],
    () => playerId
  );
  /** Addresses of the pictures for as long as they are shown. */
  let urls = $state.raw<readonly string[]>([]);
  $effect(() => {
    const made = kept.current.map(({ jpeg }) =>
      URL.createObjectURL(new Blob([jpeg], { type: 'image/jpeg' }))
    );
    urls = made;
    return () => made.forEach((url) => URL.revokeObjectURL(url));
  });
  const called = (angle: string) => {
    const id = ANGLE_IDS.find((one) => one === angle);
    return id ? angleName(id) : '';
  };
</script>

{#if kept.current.length > 0}
  <section aria-labelledby="kept-pictures">
    <h2 id="kept-pictures">Pictures</h2>
    <div class="kept">
      {#each kept.current as { id, day, angle, endsOn, jpeg }, i (id)}
        <figure data-picture={id}>
          {#if urls[i]}<img src={urls[i]} alt="{called(angle)} of {name} on {dayText(day)}" />{/if}
          <figcaption>
            {called(angle)}, {dayText(day)}. Goes on {dayText(endsOn)}.
            <button
              type="button"
              class="btn act"
              data-act="save-picture"
              title="What is saved as a file is no longer removed by Jarvel"
              onclick={() => download(`${fileNamePart(called(angle))}-${day}.jpg`, 'image/jpeg', jpeg)}
              >Save as a file</button
            >
            <button type="button" class="btn act" onclick={() => attempt(() => dropPictures(db, [id]))}
              >Remove for good</button
            >
          </figcaption>
        </figure>
      {/each}
    </div>
  </section>
{/if}

<style>
  .kept {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(15rem, 100%), 1fr));
    gap: 1rem;
  }
  img {
    max-width: 100%;
    max-height: 14rem;
  }
  figcaption {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
  }
</style>
