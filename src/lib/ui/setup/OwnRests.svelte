<script lang="ts">
  import type { LengthUnit } from '$lib/core/length';
  import {
    offerRests,
    suits,
    supportOf,
    withOwn,
    type OwnRest,
    type OwnRestKind,
    type RestAdjustments,
    type RestArrangement,
    type RestOffer,
    type RestSupport,
    type SettingId
  } from '$lib/core/setup';
  import { offerText, OWN_REST_WORDS } from '$lib/words/rests';

  /** Which of the teacher's own rests does what the set-up asks for. */
  let {
    rest,
    rests,
    unit,
    onchange
  }: {
    rest: RestArrangement;
    rests: readonly OwnRest[];
    unit: LengthUnit;
    onchange: (
      label: string,
      patch: (before: RestAdjustments) => Partial<RestAdjustments>
    ) => Promise<boolean>;
  } = $props();

  const MOST = 3;
  const OF_SUPPORT: Readonly<Record<RestSupport, readonly OwnRestKind[]>> = {
    'shoulder-rest': ['chin-rest', 'shoulder-rest'],
    pad: ['chin-rest', 'pad'],
    sponge: ['chin-rest', 'pad'],
    none: ['chin-rest']
  };
  const kinds = $derived(OF_SUPPORT[supportOf(rest)]);
  /** Where the name of what was taken is written down. */
  const MARKED: Readonly<Record<OwnRestKind, SettingId<'rest'>>> = {
    'chin-rest': 'chinRest',
    'shoulder-rest': 'restWidth',
    pad: 'lift'
  };
  const isTaken = ({ rest: { kind, name } }: RestOffer) => rest.settings[MARKED[kind]].mark === name;

  const take = ({ rest: own, values }: RestOffer) =>
    void onchange(`Took ${own.name}`, (before) => {
      const set = Object.entries(values).reduce(
        (adjusted, [id, value]) => withOwn(adjusted, id as SettingId<'rest'>, value, {}),
        before
      );
      return { ...set, marks: { ...before.marks, [MARKED[own.kind]]: own.name } };
    });
</script>

{#if rests.length === 0}
  <p class="text-sm soft">
    List <a href="/settings#own-rests">your own rests</a>, and the one that does it is named here.
  </p>
{:else}
  {#each kinds as kind (kind)}
    {@const offers = offerRests(kind, rest, rests)}
    <div role="group" aria-label="Your own: {OWN_REST_WORDS[kind]}">
      <p class="text-sm soft">{OWN_REST_WORDS[kind]}, from your own</p>
      {#each offers.slice(0, MOST) as offer (offer.rest.id)}
        <button
          type="button"
          class="btn act"
          class:taken={isTaken(offer)}
          aria-pressed={isTaken(offer)}
          onclick={() => take(offer)}
        >
          <b>{offer.rest.name}</b>
          <span class={suits(offer) ? 'fits' : 'soft'}>{offerText(offer, unit)}</span>
        </button>
      {:else}
        <p class="text-sm">None is listed, or none is left.</p>
      {/each}
    </div>
  {/each}
{/if}

<style>
  div {
    display: grid;
    gap: 0.25rem;
  }
  button {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.5rem;
    justify-content: space-between;
    white-space: normal;
    text-align: left;
  }
  .taken {
    border-width: 2px;
    border-color: var(--ink);
  }
  a {
    text-decoration: underline;
  }
</style>
