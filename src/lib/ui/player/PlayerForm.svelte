<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import { FAMILIES } from '$lib/core/instruments';
  import type { GroupNames, GrowthCurve, PlayerForm } from '$lib/data';
  import { GROUP_LENGTH, NAME_LENGTH, NOTES_LENGTH, playerFormProblems } from '$lib/data/schema/player';
  import { focusOnOpen } from '$lib/ui/focus';
  import type { TypedTexts } from '$lib/ui/typed.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { CURVE_WORDS } from '$lib/words/players';

  let {
    start,
    groups,
    action,
    typed,
    busy = false,
    onsave
  }: {
    start: PlayerForm;
    /** Where the texts of this form are kept while they are being typed. */
    typed: TypedTexts;
    /** The form is being saved. */
    busy?: boolean;
    /** Groups that exist, to pick from, by names that tell them apart. */
    groups: GroupNames;
    action: string;
    onsave: (form: PlayerForm) => Promise<void>;
  } = $props();

  // The form begins with what it is given and is the user's from then on.
  // svelte-ignore state_referenced_locally
  let form = $state({
    ...start,
    name: typed.of('form.name') ?? start.name,
    group: typed.of('form.group') ?? start.group,
    notes: typed.of('form.notes') ?? start.notes
  });
  /** Stands for a group that is made with the player. */
  const NEW_GROUP = 'new group';
  const NO_GROUP = 'no group';
  // svelte-ignore state_referenced_locally
  let chosenGroup = $state(typed.of('form.group') || groups.size === 0 ? NEW_GROUP : (start.groupId ?? ''));
  const choices = $derived([...groups].sort(([, a], [, b]) => a.localeCompare(b)));

  const uid = $props.id();
  let place: HTMLFormElement | undefined = $state();
  let problems = $state<Readonly<Partial<Record<string, string>>>>({});

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    const entered = $state.snapshot(form) as PlayerForm;
    const clean = {
      ...entered,
      name: entered.name.trim(),
      group: chosenGroup === NEW_GROUP ? entered.group.trim() : '',
      groupId: chosenGroup === NEW_GROUP ? undefined : chosenGroup || null,
      birthMonth: entered.birthMonth || null
    };
    problems = await playerFormProblems(clean);
    const [first] = Object.keys(problems);
    if (first) place?.querySelector<HTMLElement>(`[data-field="${first}"]`)?.focus();
    else await onsave(clean);
  }

  const curves: readonly { value: GrowthCurve | 'none'; text: string }[] = [
    { value: 'none', text: 'Not said' },
    { value: 'girl', text: CURVE_WORDS.girl },
    { value: 'boy', text: CURVE_WORDS.boy },
    { value: 'both', text: CURVE_WORDS.both }
  ];
</script>

{#snippet problem(field: string)}
  {#if problems[field]}<p class="problem" id="{uid}-{field}" role="alert">{problems[field]}</p>{/if}
{/snippet}

<form onsubmit={submit} novalidate bind:this={place}>
  <label>
    <span>Name, initials or number</span>
    <input
      data-field="name"
      class="field"
      maxlength={NAME_LENGTH}
      bind:value={form.name}
      oninput={() => typed.type('form.name', form.name)}
      autocomplete="off"
      aria-invalid={problems.name ? true : undefined}
      aria-describedby={problems.name ? `${uid}-name` : undefined}
      use:focusOnOpen
    />
    {@render problem('name')}
  </label>
  <Choice
    label="Instrument"
    value={form.family}
    options={FAMILIES.map((value) => ({ value, text: FAMILY_WORDS[value] }))}
    onpick={(family) => (form.family = family)}
  />
  <div class="pair">
    <label>
      <span>Birth month <i class="soft">optional, for growth</i></span>
      <input
        data-field="birthMonth"
        class="field num"
        type="month"
        bind:value={form.birthMonth}
        aria-invalid={problems.birthMonth ? true : undefined}
        aria-describedby={problems.birthMonth ? `${uid}-birthMonth` : undefined}
      />
      {@render problem('birthMonth')}
    </label>
    <div class="group">
      {#if groups.size > 0}
        <PickOne
          label="Group, optional"
          none="No group of that name."
          options={[
            { value: NO_GROUP, text: 'No group' },
            ...choices.map(([value, text]) => ({ value, text })),
            { value: NEW_GROUP, text: 'A new group…' }
          ]}
          value={chosenGroup || NO_GROUP}
          onpick={(picked) => (chosenGroup = picked === NO_GROUP ? '' : picked)}
        />
      {/if}
      {#if chosenGroup === NEW_GROUP}
        <label>
          <span>{groups.size > 0 ? 'Name of the new group' : 'Group'} <i class="soft">optional</i></span>
          <input
            data-field="group"
            class="field"
            maxlength={GROUP_LENGTH}
            bind:value={form.group}
            oninput={() => typed.type('form.group', form.group)}
            autocomplete="off"
          />
          {@render problem('group')}
        </label>
      {/if}
    </div>
  </div>
  <Choice
    label="Growth curve (optional)"
    value={form.curve ?? 'none'}
    options={curves}
    onpick={(curve) => (form.curve = curve === 'none' ? null : curve)}
  />
  <label>
    <span>Notes <i class="soft">optional</i></span>
    <textarea
      data-field="notes"
      class="field py-2"
      rows="3"
      maxlength={NOTES_LENGTH}
      bind:value={form.notes}
      oninput={() => typed.type('form.notes', form.notes)}></textarea>
    {@render problem('notes')}
  </label>
  <Switch checked={form.photosAllowed} onCheckedChange={({ checked }) => (form.photosAllowed = checked)}>
    <Switch.Control><Switch.Thumb /></Switch.Control>
    <Switch.Label>Photos: the school’s list says yes</Switch.Label>
    <Switch.HiddenInput />
  </Switch>
  <p><button class="btn act-next" disabled={busy}>{action} <span class="key">↵</span></button></p>
</form>

<style>
  form {
    display: grid;
    gap: 1rem;
    max-width: 40rem;
  }
  label > span {
    display: block;
    font-size: 0.9rem;
    margin-bottom: 0.2rem;
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1rem;
  }
  .group {
    display: grid;
    gap: 0.5rem;
    align-content: start;
  }
  .problem {
    color: var(--stop);
    font-weight: 600;
    margin-top: 0.25rem;
  }
  @media (max-width: 560px) {
    .pair {
      grid-template-columns: 1fr;
    }
  }
</style>
