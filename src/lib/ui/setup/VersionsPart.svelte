<script lang="ts">
  import type { NominalInstrument } from '$lib/core/instruments';
  import {
    changesBetween,
    copiedFrom,
    SETTING_IDS,
    settingsInUse,
    type Adjustments,
    type Setting,
    type SettingId
  } from '$lib/core/setup';
  import { setupDrawing } from '$lib/print/card';
  import SetupPicture from '$lib/ui/figure/SetupPicture.svelte';
  import { dayText } from '$lib/words/dates';
  import { changeSentences, ORIGIN_WORDS, settingText, settingWords } from '$lib/words/setup';
  import type { Bench } from '$lib/ui/bench/bench.svelte';
  import type { Laid } from '$lib/ui/bench/setup.svelte';
  import TakeOver from './TakeOver.svelte';

  /** The versions that were kept, each beside what is on the screen; and set-ups that come from elsewhere. */
  let {
    bench,
    laid,
    instrument,
    ontake
  }: {
    bench: Bench;
    laid: Laid;
    instrument: NominalInstrument;
    /** Puts all of a set-up on this bench; resolves to whether it was done. */
    ontake: (label: string, setup: Adjustments) => Promise<boolean>;
  } = $props();

  const unit = $derived(bench.settings.unit);
  const family = $derived(bench.player?.family ?? 'violin');
  const versions = $derived(
    bench.setups.filter((setup) => setup.family === family && setup.kind === laid.kind)
  );
  let picked = $state<string | null>(null);
  const then = $derived(versions.find(({ id }) => id === picked) ?? null);
  const now = $derived(laid.arrangement);
  const changes = $derived(then ? changeSentences(changesBetween(then, now), unit) : []);
  /** Whatever one of both has. */
  const rows = $derived(
    (SETTING_IDS[laid.kind] as readonly SettingId[]).filter((id) =>
      [now, ...(then ? [then] : [])].some((one) => settingsInUse(one).includes(id))
    )
  );
  const settingsOf = (of: { readonly settings: object }) =>
    of.settings as Readonly<Partial<Record<SettingId, Setting>>>;
</script>

{#if versions.length === 0}
  <p class="soft">No version was kept yet.</p>
{:else}
  <ul class="versions">
    {#each versions as { id, version, size, day } (id)}
      <li>
        <button
          type="button"
          class="btn act"
          class:picked={picked === id}
          aria-pressed={picked === id}
          onclick={() => (picked = picked === id ? null : id)}
        >
          Set-up {version} <span class="num">{size}</span> <span class="soft">{dayText(day)}</span>
        </button>
      </li>
    {/each}
  </ul>
{/if}
{#if then}
  <div class="compared" data-compared={then.version}>
    <figure>
      <SetupPicture
        drawing={setupDrawing(
          then,
          then.size === instrument.size ? instrument : bench.setup.instrumentOf(then.size)
        )}
      />
      <figcaption>Set-up {then.version}, {dayText(then.day)}</figcaption>
    </figure>
    <figure>
      <SetupPicture drawing={setupDrawing({ ...now, family, basis: bench.setup.basis }, instrument)} />
      <figcaption>As it is here now</figcaption>
    </figure>
    <table>
      <thead>
        <tr>
          <th scope="col">Setting</th><th scope="col">Set-up {then.version}</th><th scope="col">Now</th>
        </tr>
      </thead>
      <tbody>
        {#each rows as id (id)}
          {@const [before, after] = [settingsOf(then)[id], settingsOf(now)[id]]}
          <tr class:other={before && after && Math.round(before.value) !== Math.round(after.value)}>
            <th scope="row">{settingWords(now, id).name}</th>
            {#each [before, after] as setting, i (i)}
              <td>
                {#if setting}
                  <span class="num">{settingText(id, setting.value, unit)}</span>
                  <span class="soft">{ORIGIN_WORDS[setting.origin]}</span>
                {/if}
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <p class="soft" role="status">
    {changes.length > 0 ? `Since then: ${changes.join('; ')}.` : 'Set as it was then.'}
  </p>
  {#if changes.length > 0}
    {#if then.size === instrument.size}
      <button
        type="button"
        class="btn act"
        onclick={() => then && void ontake(`Put back set-up ${then.version}`, copiedFrom(then))}
      >
        Put it back as it was
      </button>
    {:else}
      <p class="soft">That was a {then.size}; its values do not go onto a {instrument.size}.</p>
    {/if}
  {/if}
{/if}
<TakeOver {bench} {family} size={instrument.size} {ontake} />

<style>
  .versions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    max-height: 14rem;
    overflow-y: auto;
    padding: 2px;
  }
  .picked {
    background: var(--ink);
    color: var(--ground);
  }
  .picked .soft {
    color: inherit;
  }
  .compared {
    display: grid;
    grid-template-columns: 11rem 11rem minmax(18rem, 1fr);
    gap: 1rem;
    margin-block: 0.75rem;
  }
  figure {
    height: 15rem;
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    justify-items: center;
  }
  figcaption {
    font-size: 0.85rem;
    color: var(--ink-soft);
    text-align: center;
  }
  table {
    align-self: start;
  }
  th,
  td {
    text-align: left;
    font-weight: 400;
    font-size: 0.9rem;
    padding: 0.2rem 0.75rem 0.2rem 0;
    border-bottom: 1px solid var(--line);
  }
  thead th {
    color: var(--ink-soft);
  }
  .other th,
  .other .num {
    font-weight: 700;
  }
  td .soft {
    font-size: 0.8rem;
    white-space: nowrap;
  }
  @media (max-width: 1100px) {
    .compared {
      grid-template-columns: 1fr 1fr;
    }
    table {
      grid-column: 1 / -1;
    }
  }
</style>
