<script lang="ts">
  import { CHECK_CATEGORIES, STANDPOINTS } from '$lib/core/checks';
  import {
    changesFor,
    poseNames,
    VIEW_NAMES,
    VIEWS,
    type ChangeName,
    type ViewName
  } from '$lib/core/figure/names';
  import { FAMILIES } from '$lib/core/instruments';
  import { db, DEFAULT_SETTINGS, newId, type OwnCheckRecord } from '$lib/data';
  import { keepOwnCheck } from '$lib/data/commands/own-checks';
  import { Action } from '$lib/ui/action.svelte';
  import { focusOnOpen } from '$lib/ui/focus';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { categoryName, STANDPOINT_NAMES } from '$lib/words/checks';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { CHANGE_WORDS, POSE_WORDS } from '$lib/words/figure';
  import { VIEW_WORDS } from '$lib/words/views';

  /** A teacher's own check: words, a standpoint, and a picture put together from poses and changes, drawn as it grows. */
  let { start, ondone }: { start: OwnCheckRecord; ondone: () => void } = $props();

  const emptyFault = (): Fault => ({ id: newId(), text: '', remedy: '', changes: [] });
  /** A row to begin with; left empty it is no fault. */
  const withRow = (record: OwnCheckRecord): OwnCheckRecord =>
    record.faults.length > 0 ? record : { ...record, faults: [emptyFault()] };
  // The form is keyed by the check.
  // svelte-ignore state_referenced_locally
  let check = $state<OwnCheckRecord>(withRow(structuredClone($state.snapshot(start) as OwnCheckRecord)));
  const faultsOf = ({ faults }: OwnCheckRecord) =>
    faults.filter(({ text, remedy, changes }) => text.trim() || remedy.trim() || changes.length > 0);
  let problem = $state('');
  const keeping = new Action();

  const family = $derived(check.families[0] ?? 'violin');
  const who = $derived(drawnAs(family, {}, null, null, DEFAULT_SETTINGS));
  const view = $derived(VIEWS[VIEW_NAMES.find((name) => name === check.view) ?? 'front']);
  const kinds = $derived(changesFor(family));
  const MOST_FAULTS = 4;

  const change = (patch: Partial<OwnCheckRecord>) => (check = { ...check, ...patch });
  type Fault = OwnCheckRecord['faults'][number];
  const changeFault = (id: string, patch: Partial<Fault>) =>
    change({ faults: check.faults.map((fault) => (fault.id === id ? { ...fault, ...patch } : fault)) });
  const straysOf = ({ changes }: Fault) =>
    changes.flatMap(({ kind }) => {
      const name: ChangeName | undefined = kinds.find((one) => one === kind);
      return name ? [{ kind: name }] : [];
    });
  const toggleFamily = (one: (typeof FAMILIES)[number]) => {
    const next = FAMILIES.filter((family) =>
      family === one ? !check.families.includes(one) : check.families.includes(family)
    );
    if (next.length > 0) change({ families: next });
  };

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    problem =
      check.title.trim() === ''
        ? 'A title is needed.'
        : faultsOf(check).some(({ text }) => text.trim() === '')
          ? 'Say what each fault is, or take it away.'
          : '';
    if (problem !== '') return;
    const made = $state.snapshot(check) as OwnCheckRecord;
    const title = made.title.trim();
    const right = made.right.trim() || title;
    if (await keeping.run(() => keepOwnCheck(db, { ...made, title, right, faults: faultsOf(made) })))
      ondone();
  }
</script>

<form class="own" onsubmit={keep} data-own-check>
  <div class="words">
    <label
      ><span class="soft">Title</span><input
        {@attach focusOnOpen}
        class="field"
        maxlength="60"
        value={check.title}
        oninput={(event) => change({ title: event.currentTarget.value })}
      /></label
    >
    <label
      ><span class="soft">What right looks like</span><input
        class="field"
        maxlength="300"
        placeholder={check.title}
        value={check.right}
        oninput={(event) => change({ right: event.currentTarget.value })}
      /></label
    >
    <label
      ><span class="soft">A line for the child</span><input
        class="field"
        maxlength="80"
        value={check.forPlayer}
        oninput={(event) => change({ forPlayer: event.currentTarget.value })}
      /></label
    >
    <Toggles
      label="Families"
      as="family"
      look="framed"
      options={FAMILIES.map((value) => ({ value, text: FAMILY_WORDS[value] }))}
      picked={check.families}
      onpick={toggleFamily}
    />
    <div class="row">
      <label
        ><span class="soft">Category</span>
        <select
          class="field"
          value={check.category}
          onchange={(event) =>
            change({ category: CHECK_CATEGORIES.find((one) => one === event.currentTarget.value) ?? 'hold' })}
        >
          {#each CHECK_CATEGORIES as one (one)}<option value={one}>{categoryName(one, family)}</option>{/each}
        </select></label
      >
      <label
        ><span class="soft">Looked at from</span>
        <select
          class="field"
          value={check.standpoint}
          onchange={(event) =>
            change({ standpoint: STANDPOINTS.find((one) => one === event.currentTarget.value) ?? 'front' })}
        >
          {#each STANDPOINTS as one (one)}<option value={one}>{STANDPOINT_NAMES[one]}</option>{/each}
        </select></label
      >
      <label
        ><span class="soft">Pose</span>
        <select
          class="field"
          value={check.pose}
          onchange={(event) => change({ pose: event.currentTarget.value })}
        >
          {#each poseNames(family) as one (one)}<option value={one}>{POSE_WORDS[one] ?? one}</option>{/each}
        </select></label
      >
      <label
        ><span class="soft">Picture</span>
        <select
          class="field"
          value={check.view}
          onchange={(event) => change({ view: event.currentTarget.value })}
        >
          {#each VIEW_NAMES as one (one)}<option value={one}>{VIEW_WORDS[one as ViewName]}</option>{/each}
        </select></label
      >
    </div>
    {#each check.faults as fault (fault.id)}
      <div class="fault">
        <label
          ><span class="soft">What goes wrong</span><input
            class="field"
            maxlength="80"
            value={fault.text}
            oninput={(event) => changeFault(fault.id, { text: event.currentTarget.value })}
          /></label
        >
        <label
          ><span class="soft">Remedy</span><input
            class="field"
            maxlength="300"
            value={fault.remedy}
            oninput={(event) => changeFault(fault.id, { remedy: event.currentTarget.value })}
          /></label
        >
        <label
          ><span class="soft">How it looks</span>
          <select
            class="field"
            value={fault.changes[0]?.kind ?? ''}
            onchange={(event) =>
              changeFault(fault.id, {
                changes: event.currentTarget.value === '' ? [] : [{ kind: event.currentTarget.value }]
              })}
          >
            <option value="">as right</option>
            {#each kinds as one (one)}<option value={one}>{CHANGE_WORDS[one]}</option>{/each}
          </select></label
        >
        <button
          type="button"
          onclick={() => change({ faults: check.faults.filter(({ id }) => id !== fault.id) })}
          >Take away</button
        >
      </div>
    {/each}
    {#if check.faults.length < MOST_FAULTS}
      <button
        type="button"
        class="btn act"
        onclick={() => change({ faults: [...check.faults, emptyFault()] })}>Another fault</button
      >
    {/if}
    {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
    <p class="row">
      <button type="submit" class="btn act-next" disabled={keeping.busy}>Keep the check</button>
      <button type="button" class="act-quiet" onclick={ondone}>Leave it</button>
    </p>
  </div>
  <div class="pictures">
    <figure>
      <SeenPicture {...who} pose={check.pose} {view} changes={[]} />
      <figcaption>✓ {check.title || 'Right'}</figcaption>
    </figure>
    {#each check.faults as fault (fault.id)}
      <figure>
        <SeenPicture {...who} pose={check.pose} {view} changes={straysOf(fault)} />
        <figcaption>✗ {fault.text}</figcaption>
      </figure>
    {/each}
  </div>
</form>

<style>
  .own {
    display: grid;
    grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
    gap: 1rem 2rem;
    padding: 0.75rem 1rem;
    border-left: 3px solid var(--next);
  }
  .words,
  .fault {
    display: grid;
    gap: 0.5rem;
    align-content: start;
  }
  .fault {
    border-top: 1px solid var(--line);
    padding-top: 0.5rem;
  }
  label {
    display: grid;
  }
  input,
  select {
    width: 100%;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  .pictures {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
    align-content: start;
  }
  figcaption {
    text-align: center;
  }
  .problem {
    color: var(--stop);
    font-weight: 550;
  }
  @media (max-width: 800px) {
    .own {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
