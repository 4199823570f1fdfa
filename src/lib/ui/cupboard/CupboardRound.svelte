<script lang="ts">
  import { pointsOf, roundOf, toMend, type RoundPoint } from '$lib/core/cupboard';
  import { sizesUp, type Family } from '$lib/core/instruments';
  import { db } from '$lib/data';
  import { lookedAtInstrument, takeToWorkshop } from '$lib/data/commands/cupboard';
  import type { Cupboard } from '$lib/data/questions/cupboard';
  import { Action } from '$lib/ui/action.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import { download } from '$lib/ui/download';
  import ProgressBar from '$lib/ui/ProgressBar.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { POINT_WORDS, STATE_WORDS } from '$lib/words/cupboard';
  import { FAMILY_WORDS } from '$lib/words/families';

  /** Going round the cupboard once a term: each instrument in hand, a look and a tap, and a list for the workshop. */
  let { family, cupboard, nameOf }: { family: Family; cupboard: Cupboard; nameOf: (id: string) => string } =
    $props();

  const own = $derived(cupboard.instruments.filter((one) => one.family === family));
  const left = $derived(roundOf(own, sizesUp(family), clock.today));
  const inUse = $derived(own.filter(({ state }) => state !== 'out-of-use').length);
  /** Left for later: they come again after the others. */
  let later = $state.raw<readonly string[]>([]);
  const next = $derived(left.find(({ id }) => !later.includes(id)) ?? left[0] ?? null);
  const holder = $derived(cupboard.out.find(({ instrumentId }) => instrumentId === next?.id) ?? null);

  /** What is amiss on the one in hand. */
  let amiss = $state.raw<readonly RoundPoint[]>([]);
  const points = $derived(pointsOf(family).map((value) => ({ value, text: POINT_WORDS[value] })));
  const tap = (point: RoundPoint) =>
    (amiss = amiss.includes(point) ? amiss.filter((one) => one !== point) : [...amiss, point]);

  const doing = new Action();
  const look = (state: 'fine' | 'to-mend' | 'out-of-use') =>
    doing.run(async () => {
      if (!next) return;
      await lookedAtInstrument(db, next.id, { today: clock.today, amiss, state });
      amiss = [];
    });
  function leave() {
    if (next) later = [...later.filter((id) => id !== next.id), next.id];
    amiss = [];
  }

  const mending = $derived(toMend(own));
  const here = $derived(mending.filter(({ state }) => state === 'to-mend'));
  const said = ({ amiss: seen = [], notes }: (typeof mending)[number]) =>
    [...seen.map((point) => POINT_WORDS[point].toLowerCase()), notes]
      .filter((text) => text !== '')
      .join(', ');
  const save = () =>
    attempt(async () => {
      const { toCsv } = await import('$lib/data/files/csv');
      const csv = toCsv(
        ['Number', 'Instrument', 'Size', 'What'],
        mending.map((one) => [one.number, FAMILY_WORDS[one.family], one.size, said(one)])
      );
      download(`workshop-${FAMILY_WORDS[family].toLowerCase()}.csv`, 'text/csv;charset=utf-8', csv);
    });
</script>

<section aria-label="Going round" data-round>
  <header>
    <h2>Going round</h2>
    <ProgressBar label="Looked at" max={Math.max(1, inUse)} value={inUse - left.length} />
    <span class="soft num">{inUse - left.length} of {inUse}</span>
  </header>
  {#if next}
    <p data-in-hand>
      <b>no. {next.number}</b>, {FAMILY_WORDS[family].toLowerCase()}
      {next.size}{#if holder}<span class="soft">, with {nameOf(holder.playerId)}</span
        >{:else if next.state === 'workshop'}<span class="soft">, in the workshop</span>{/if}
    </p>
    <Toggles label="Not right on it" options={points} picked={amiss} onpick={tap} look="framed" as="amiss" />
    <div class="row">
      {#if amiss.length === 0}
        <button type="button" class="btn act-next" disabled={doing.busy} onclick={() => look('fine')}
          >All of it is fine</button
        >
      {:else}
        <button type="button" class="btn act-next" disabled={doing.busy} onclick={() => look('to-mend')}
          >{STATE_WORDS['to-mend']}: {amiss.length}</button
        >
      {/if}
      <button type="button" class="btn act" disabled={doing.busy} onclick={() => look('out-of-use')}
        >{STATE_WORDS['out-of-use']}</button
      >
      <button type="button" class="btn act" onclick={leave}>Not at hand</button>
    </div>
  {:else}
    <p>All were looked at this term.</p>
  {/if}
  {#if mending.length > 0}
    <div class="mend">
      <h3>For the workshop</h3>
      <ul>
        {#each mending as one (one.id)}
          <li>
            <b>no. {one.number}</b>
            {one.size}: {said(one) || 'not said what'}{one.state === 'workshop' ? ' (is there)' : ''}
          </li>
        {/each}
      </ul>
      <div class="row">
        {#if here.length > 0}
          <button
            type="button"
            class="btn act"
            disabled={doing.busy}
            onclick={() =>
              doing.run(() =>
                takeToWorkshop(
                  db,
                  here.map(({ id }) => id)
                )
              )}>{here.length} {here.length === 1 ? 'goes' : 'go'} to the workshop</button
          >
        {/if}
        <button type="button" class="btn act" onclick={save}>Save this list</button>
      </div>
    </div>
  {/if}
</section>

<style>
  section,
  .mend {
    display: grid;
    gap: 0.6rem;
    justify-items: start;
  }
  section {
    padding-block: 1rem;
    border-top: 1px solid var(--line-strong);
    margin-top: 1rem;
  }
  header,
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 0.75rem;
    align-items: center;
  }
  h2 {
    font-size: 1.2rem;
    font-weight: 700;
  }
  h3 {
    font-weight: 650;
  }
  [data-in-hand] {
    font-size: 1.15rem;
  }
</style>
