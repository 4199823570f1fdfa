<script lang="ts">
  import { isPutOff, type Review } from '$lib/core/causes';
  import { checksFor, type Check } from '$lib/core/checks';
  import { FAMILIES } from '$lib/core/instruments';
  import { db, type Player } from '$lib/data';
  import { allOf } from '$lib/data/questions/records';
  import { answerReview, reviewsAsked } from '$lib/data/commands/remedies';
  import { PUT_OFF_LENGTH } from '$lib/data/schema/remedy';
  import { Action } from '$lib/ui/action.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { reviewText } from '$lib/words/causes';

  /** What is to be looked at as a whole: each stands here until it is done, or put off with a reason. */
  let {
    players,
    drifted
  }: {
    players: readonly Player[];
    /** Set-ups that growth has carried past their limit, with what it asks for. */
    drifted: readonly { readonly player: Player; readonly text: string }[];
  } = $props();

  const DRIFT = 'drift';
  const PAGE = 50;

  let checks = $state.raw<readonly Check[]>([]);
  const asked = live(
    () => reviewsAsked(db, clock.today),
    new Map<string, readonly Review[]>(),
    () => clock.today
  );
  const answers = live(() => allOf(db, 'reviews'), []);
  let shown = $state(PAGE);

  const isOff = (playerId: string, key: string) =>
    isPutOff(
      answers.current.filter((one) => one.playerId === playerId),
      key,
      clock.today
    );
  const byId = $derived(Object.fromEntries(players.map((player) => [player.id, player])));
  $effect(() => {
    if (asked.current.size > 0 && checks.length === 0)
      void Promise.all(FAMILIES.map((family) => checksFor(family))).then((all) => (checks = all.flat()));
  });

  interface Row {
    readonly player: Player;
    readonly key: string;
    readonly text: string;
    readonly href: string;
  }
  const rows: readonly Row[] = $derived.by(() => [
    ...[...asked.current].flatMap(([playerId, reviews]) => {
      const player = byId[playerId];
      return player
        ? reviews.map((review) => ({
            player,
            key: review.key,
            text: reviewText(review, checks),
            href: `/fit/${playerId}${review.review === 'size' ? '' : '#set-up'}`
          }))
        : [];
    }),
    ...drifted
      .filter(({ player }) => !isOff(player.id, DRIFT))
      .map(({ player, text }) => ({ player, key: DRIFT, text, href: `/fit/${player.id}#set-up` }))
  ]);

  /** The review that is being put off. */
  let open = $state<string | null>(null);
  let reason = $state('');
  const answering = new Action();
  const idOf = ({ player, key }: Row) => `${player.id} ${key}`;

  async function answer({ player, key }: Row, state: 'done' | 'put-off') {
    if (await answering.run(() => answerReview(db, player, key, { state, reason }))) {
      open = null;
      reason = '';
    }
  }
</script>

{#if rows.length > 0}
  <section aria-labelledby="reviews">
    <h2 id="reviews">Reviews due</h2>
    <ul>
      {#each rows.slice(0, shown) as row (idOf(row))}
        <li data-review={row.key}>
          <a href={row.href}><b>{row.player.name}</b></a>
          <span class="text">{row.text}</span>
          <span class="ways">
            {#if row.key !== DRIFT}
              <button
                type="button"
                class="btn act"
                disabled={answering.busy}
                onclick={() => answer(row, 'done')}>Done</button
              >
            {/if}
            <button
              type="button"
              class="btn act"
              aria-expanded={open === idOf(row)}
              onclick={() => (open = open === idOf(row) ? null : idOf(row))}>Put off…</button
            >
          </span>
          {#if open === idOf(row)}
            <form
              onsubmit={(event) => {
                event.preventDefault();
                if (reason.trim() !== '') void answer(row, 'put-off');
              }}
            >
              <label
                >Why four weeks later?
                <input class="field" maxlength={PUT_OFF_LENGTH} required bind:value={reason} /></label
              >
              <button type="submit" class="btn act" disabled={answering.busy || reason.trim() === ''}
                >Put off</button
              >
            </form>
          {/if}
        </li>
      {/each}
    </ul>
    {#if rows.length > shown}<button type="button" class="btn act" onclick={() => (shown += PAGE)}
        >Show more of {rows.length}</button
      >{/if}
  </section>
{/if}

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1rem;
    min-height: 2.75rem;
    border-bottom: 1px solid var(--line);
  }
  a {
    flex: 0 0 11rem;
    padding-block: 0.7rem;
    text-decoration: underline;
    text-underline-offset: 0.2em;
    overflow-wrap: anywhere;
  }
  .text {
    flex: 1 1 20rem;
  }
  .ways,
  form {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.5rem;
  }
  form {
    flex: 1 1 100%;
    padding-block: 0.35rem;
  }
  form label {
    display: grid;
    flex: 1 1 16rem;
  }
</style>
