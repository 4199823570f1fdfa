<script lang="ts">
  import { RATINGS } from '$lib/core/checks';
  import { daysLater } from '$lib/core/time';
  import { db, setPractice } from '$lib/data';
  import { pointFor, withPoint } from '$lib/data/commands/checks';
  import { Action } from '$lib/ui/action.svelte';
  import { homeCards } from '$lib/ui/lesson/home-cards';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import { outcomeText, RATING_WORDS } from '$lib/words/checks';
  import LookPictures from './LookPictures.svelte';
  import type { ClassRoom } from './class-room.svelte';

  /** Who needs help first, what was seen so far, and what follows from it. */
  let {
    room,
    onopen,
    pictures
  }: {
    room: ClassRoom;
    onopen: (playerId: string) => void;
    /** Whether right and faults are shown before the first tap. */
    pictures: boolean;
  } = $props();

  const setting = new Action();
  const inWeek = $derived(daysLater(room.today, 7));
  /** The look's drill for everybody who needs help with it, as their practice. */
  const practiceForWeak = () =>
    setting.run(async () => {
      for (const { player, check, result, hurts } of room.helpFirst) {
        if (!check || hurts) continue;
        const fault = check.faults.find(({ id }) => result?.faults.includes(id));
        const cause = fault?.causes.find(({ drill }) => drill) ?? fault?.causes[0];
        await setPractice(db, player, {
          category: check.category,
          practice: (points) => withPoint(points, pointFor(check, fault ?? null, cause ?? null)),
          nextLook: inWeek
        });
        set = { check: check.id, players: [...(set?.check === check.id ? set.players : []), player.id] };
      }
    });
  /** Whose practice was set for this look, here and now. */
  let set = $state.raw<{ readonly check: string; readonly players: readonly string[] } | null>(null);

  const counts = $derived(
    RATINGS.map((rating) => ({
      rating,
      count: room.seen.filter(
        ({ result }) => result?.outcome.kind === 'rating' && result.outcome.rating === rating
      ).length
    })).filter(({ count }) => count > 0)
  );
  const faultCounts = $derived(
    (room.check?.faults ?? [])
      .map((fault) => ({
        fault,
        count: room.seen.filter(({ result }) => result?.faults.includes(fault.id)).length
      }))
      .filter(({ count }) => count > 0)
  );
  /** What was timed or counted is told one by one: the room is small. */
  const measured = $derived(
    room.seen.flatMap(({ result }) =>
      result && result.outcome.kind !== 'rating' ? [outcomeText(result.outcome)] : []
    )
  );
  const said = $derived(
    [
      [...counts.map(({ rating, count }) => `${count} ${RATING_WORDS[rating].toLowerCase()}`), ...measured],
      faultCounts.map(({ fault, count }) => `${count} × ${fault.text.toLowerCase()}`)
    ]
      .filter((some) => some.length > 0)
      .map((some) => some.join(', '))
      .join('; ')
  );
  const weak = $derived(room.helpFirst.filter(({ hurts }) => !hurts));
  const given = $derived(
    weak.filter(({ playerId }) => set?.check === room.check?.id && set?.players.includes(playerId))
  );
</script>

<div class="grid gap-2">
  <h2>Help first</h2>
  {#if room.helpFirst.length === 0}
    <p class="soft">
      {room.seen.length === 0 ? 'Tap who has it. A second tap tells what is amiss.' : 'Nobody so far.'}
    </p>
    {#if pictures && room.seen.length === 0 && room.check}
      {@const family = room.families.find((one) => room.check?.families.includes(one))}
      {#if family}<LookPictures check={room.check} {family} settings={room.settings} most={3} />{/if}
    {/if}
  {:else}
    <ol>
      {#each room.helpFirst as sitter (sitter.playerId)}
        <li>
          <button type="button" onclick={() => onopen(sitter.playerId)}>
            <b>{sitter.player.name}</b>
            <span class="soft"
              >{sitter.hurts
                ? 'a note to read'
                : (sitter.check?.faults ?? [])
                    .filter(({ id }) => sitter.result?.faults.includes(id))
                    .map(({ text }) => text.toLowerCase())
                    .join(', ')}</span
            >
          </button>
        </li>
      {/each}
    </ol>
  {/if}
  {#if room.seen.length > 0}
    <h2>So far</h2>
    <p data-so-far>{said}.</p>
    <p class="ways">
      {#if given.length > 0 && given.length === weak.length}
        <b role="status">Practice is set for {given.length}.</b>
        <PdfButton
          text={given.length === 1 ? 'The card as PDF' : `Their ${given.length} cards as PDF`}
          fileName="practice.pdf"
          pieces={given.length}
          ask={async (door, report) =>
            door.home(await homeCards(given.map(({ playerId }) => playerId)), report)}
        />
      {:else if weak.length > 0}
        <button
          type="button"
          class="btn {room.seen.length === room.here.length ? 'act-next' : 'act'}"
          data-act="practice-for-weak"
          disabled={setting.busy}
          onclick={practiceForWeak}>Its drill as practice for {weak.length}</button
        >
      {/if}
      <PdfButton
        text="Everybody’s cards as PDF"
        fileName="practice.pdf"
        pieces={room.here.length}
        ask={async (door, report) =>
          door.home(await homeCards(room.here.map(({ playerId }) => playerId)), report)}
      />
    </p>
  {/if}
</div>

<style>
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  h2 {
    font-size: 1.1rem;
    font-weight: 700;
    border-bottom: 1px solid var(--ink);
  }
  li button {
    display: grid;
    width: 100%;
    min-height: 2.75rem;
    text-align: left;
    padding-block: 0.25rem;
    border-bottom: 1px solid var(--line);
  }
</style>
