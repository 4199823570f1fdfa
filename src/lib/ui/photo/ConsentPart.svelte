<script lang="ts">
  import { db, type Player } from '$lib/data';
  import { noteConsent, withdrawConsent } from '$lib/data/pictures/consent';
  import { picturesOf } from '$lib/data/pictures/kept';
  import { consentOf, stands } from '$lib/data/pictures/stands';
  import { CONSENT_LENGTH } from '$lib/data/schema/picture';
  import { Action } from '$lib/ui/action.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { dayText } from '$lib/words/dates';
  import { lowered } from '$lib/words/players';

  /** Whether pictures of a child may be kept: who agreed, when and to what; withdrawn, all of them go. */
  let { player }: { player: Player } = $props();

  const id = () => player.id;
  const consent = live(() => consentOf(db, player.id), null, id);
  const kept = live(() => picturesOf(db, player.id), [], id);
  const acting = new Action();
  let asking = $state(false);
  let withdrawing = $state(false);
  let by = $state('');
  let what = $state('Pictures of posture, for lessons');
  let on = $state<string | null>(null);

  const note = () =>
    acting.run(async () => {
      await noteConsent(db, player.id, { by, on: on ?? clock.today, what });
      asking = false;
    });
  const withdraw = () =>
    acting.run(async () => {
      await withdrawConsent(db, player.id, clock.today);
      withdrawing = false;
    });
  const count = $derived(kept.current.length);
  const many = $derived(count === 1 ? 'one picture' : `${count} pictures`);
</script>

<section class="consent" aria-label="Pictures" data-consent={stands(consent.current) ? 'stands' : 'none'}>
  {#if consent.current && stands(consent.current)}
    <p>
      Pictures: {consent.current.by} agreed on {dayText(consent.current.on)}, for {lowered(
        consent.current.what
      )}.
      {count === 0 ? 'None is kept.' : `This device keeps ${many}.`}
    </p>
    {#if withdrawing}
      <p class="row" role="alert">
        {count === 0
          ? 'No picture is kept any more from now on.'
          : `This removes ${many} for good, without undo.`}
        <button type="button" class="btn act" data-act="withdraw" disabled={acting.busy} onclick={withdraw}
          >Withdraw it</button
        >
        <button type="button" class="btn act" onclick={() => (withdrawing = false)}>Leave it</button>
      </p>
    {:else}
      <button type="button" class="btn act" data-act="ask-withdraw" onclick={() => (withdrawing = true)}
        >The consent is withdrawn…</button
      >
    {/if}
  {:else}
    <p>
      Pictures: none is kept, nobody’s consent is noted{consent.current?.withdrawnOn
        ? ` (withdrawn on ${dayText(consent.current.withdrawnOn)})`
        : ''}.
      {#if player.photosAllowed}The school’s list says yes to photos; who agreed and when is still to be
        noted.{/if}
    </p>
    {#if asking}
      <form
        onsubmit={(event) => {
          event.preventDefault();
          void note();
        }}
      >
        <label>
          <span>Who agreed</span>
          <input
            class="field"
            data-field="by"
            maxlength={CONSENT_LENGTH}
            placeholder="Her mother"
            bind:value={by}
          />
        </label>
        <label>
          <span>For what</span>
          <input class="field" data-field="what" maxlength={CONSENT_LENGTH} bind:value={what} />
        </label>
        <DayField label="On what day" value={on ?? clock.today} onpick={(day) => (on = day)} />
        <p class="row">
          <button class="btn act-next" data-act="note-consent" disabled={acting.busy || by.trim() === ''}
            >Note it <span class="key">↵</span></button
          >
          <button type="button" class="btn act" onclick={() => (asking = false)}>Cancel</button>
        </p>
        <p class="soft">
          What is kept stays on this device, in no backup and no hand-over, until the term ends. Keep to your
          school’s rules.
        </p>
      </form>
    {:else}
      <button type="button" class="btn act" data-act="ask-consent" onclick={() => (asking = true)}
        >Note a guardian’s consent…</button
      >
    {/if}
  {/if}
</section>

<style>
  .consent {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 0.75rem;
    font-size: 0.95rem;
  }
  form {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.5rem 1rem;
    flex-basis: 100%;
  }
  label {
    display: grid;
    flex: 1 1 16rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 0.75rem;
  }
</style>
