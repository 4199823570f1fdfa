<script lang="ts">
  import { faultKey } from '$lib/core/causes';
  import { identityOf, SECURE, strengthOf, type Cause, type Fault } from '$lib/core/checks';
  import { daysBetween, daysLater } from '$lib/core/time';
  import { db, setPractice, type Player, type Practice } from '$lib/data';
  import { pointFor, withoutPoint, withPoint } from '$lib/data/commands/checks';
  import type { NewRemedy } from '$lib/data/commands/begin-remedy';
  import { REMEDY_LENGTH } from '$lib/data/schema/check';
  import { Action } from '$lib/ui/action.svelte';
  import { status } from '$lib/ui/shell/status.svelte';
  import type { TypedTexts } from '$lib/ui/typed.svelte';
  import { outcomeText } from '$lib/words/checks';
  import { drillName, homeText } from '$lib/words/home';
  import type { Lesson } from './lesson.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import Remedies from './Remedies.svelte';

  /** The end of a lesson: one remedy with its drill and dose, when to look again, and what goes home. */
  let {
    lesson,
    player,
    typed,
    fromFit
  }: { lesson: Lesson; player: Player; typed: TypedTexts; fromFit: boolean } = $props();

  /** What was seen today, the weakest first. */
  const found = $derived(
    lesson.library.checks
      .flatMap((check) => {
        const result = lesson.seen[check.id];
        if (!result) return [];
        return [{ check, result, strength: strengthOf(check, result.outcome) }];
      })
      .filter(({ strength }) => strength > 0)
      .sort((a, b) => a.strength - b.strength || b.result.faults.length - a.result.faults.length)
  );
  const kept = $derived(lesson.lessonToday?.practice ?? []);

  let pickedId = $state<string | null>(null);
  const picked = $derived(found.find(({ check }) => check.id === pickedId) ?? found[0] ?? null);
  const faults = $derived(
    picked ? picked.check.faults.filter(({ id }) => picked.result.faults.includes(id)) : []
  );
  /** What was marked; the usual fault where nothing was. */
  const marked = $derived(
    faults.length > 0
      ? faults
      : picked && picked.strength < SECURE
        ? picked.check.faults.filter(({ id }) => !picked.result.absent?.includes(id)).slice(0, 1)
        : []
  );
  /** What helped, of a check that has nothing amiss any more. */
  const helped = $derived(
    picked
      ? lesson.standings.filter(
          ({ remedy, effect }) =>
            effect === 'helped' &&
            !faults.some(({ id }) => identityOf(picked.check.id, id) === faultKey(remedy)) &&
            picked.check.faults.some(({ id }) => identityOf(picked.check.id, id) === faultKey(remedy))
        )
      : []
  );

  const LOOK_AGAIN = [7, 14, 28] as const;
  /** What was picked while nothing is set for home yet; from then on the record says it. */
  let wanted = $state<number>(7);
  const nextLook = $derived(lesson.lessonToday?.nextLook ?? daysLater(lesson.today, wanted));
  const inDays = $derived(daysBetween(lesson.today, nextLook));
  const keeping = new Action();

  type Points = readonly Practice[];
  const put = (practice: (points: Points) => Points, begun: NewRemedy | null = null, on = nextLook) =>
    keeping.run(() =>
      setPractice(db, player, { category: lesson.category ?? 'hold', practice, nextLook: on, begun })
    );

  /** A point for home; a second one for the same check takes its place. */
  async function choose(fault: Fault, cause: Cause, begun: NewRemedy) {
    if (!picked) return;
    const point = pointFor(picked.check, fault, cause, typed.of('remedy'));
    if (await put((points) => withPoint(points, point), { ...begun, remedy: point.remedy }))
      typed.drop('remedy');
  }

  /** Its drill, where it has one, and how often. */
  const practiceName = ({ checkId, drill, dose }: Practice) => {
    const check = lesson.library.checks.find(({ id }) => id === checkId);
    return [drillName(check, drill), dose].filter((part) => part !== '').join(', ');
  };
  const titleOf = (id: string) => lesson.library.checks.find((check) => check.id === id)?.title ?? id;
  const forHome = $derived(homeText(player.name, kept, lesson.library.checks, nextLook));
  async function copy() {
    try {
      await navigator.clipboard.writeText(forHome);
      status.say('The text for home is copied.');
    } catch {
      status.say('The browser did not allow copying. Select the text and copy it.');
    }
  }
</script>

<div class="end" data-end>
  <section aria-labelledby="found">
    <h2 id="found">What was seen</h2>
    {#if found.length === 0}
      <p class="soft">Nothing yet. Tap a spot and how far it is.</p>
    {:else}
      <ul>
        {#each found as { check, result } (check.id)}
          <li>
            <button
              type="button"
              aria-pressed={picked?.check.id === check.id}
              onclick={() => (pickedId = check.id)}
            >
              <b>{check.title}</b>
              <span class="soft"
                >{outcomeText(result.outcome)}{result.faults.length > 0
                  ? `: ${check.faults
                      .filter(({ id }) => result.faults.includes(id))
                      .map(({ text }) => text.toLowerCase())
                      .join(', ')}`
                  : ''}</span
              >
            </button>
          </li>
        {/each}
      </ul>
    {/if}
  </section>

  {#if picked}
    <section aria-labelledby="remedy">
      <h2 id="remedy">
        {marked.length > 0 ? 'One remedy' : 'Nothing amiss'}: {picked.check.title.toLowerCase()}
      </h2>
      {#if marked.length === 0 || helped.length > 0}
        <p data-gone>
          {helped.length > 0 ? 'It is gone. What helped:' : 'It needs no remedy.'}
          {helped
            .map(({ remedy }) => remedy.remedy.toLowerCase().replace(/\.$/, ''))
            .join('; ')}{helped.length > 0 ? '.' : ''}
        </p>
      {/if}
      {#each marked as fault (fault.id)}
        <Remedies
          {lesson}
          {player}
          check={picked.check}
          {fault}
          isNext={kept.length === 0 && fault === marked[0]}
          busy={keeping.busy}
          onpractise={(cause, begun) => choose(fault, cause, begun)}
        />
      {/each}
      <label class="own">
        <span class="soft">Or in your own words</span>
        <input
          class="field"
          maxlength={REMEDY_LENGTH}
          value={typed.of('remedy') ?? ''}
          oninput={(event) => typed.type('remedy', event.currentTarget.value)}
        />
      </label>
    </section>
  {/if}

  <section aria-labelledby="home">
    <h2 id="home">For home</h2>
    <div class="again">
      Look again in
      <Toggles
        label="Look again in"
        as="days"
        look="framed"
        options={LOOK_AGAIN.map((value) => ({
          value,
          text: `${value / 7} ${value === 7 ? 'week' : 'weeks'}`
        }))}
        picked={[inDays]}
        onpick={(days) => {
          wanted = days;
          if (lesson.lessonToday?.nextLook !== undefined)
            void put((points) => points, null, daysLater(lesson.today, days));
        }}
      />
    </div>
    {#if kept.length === 0}
      <p class="soft">Nothing is set as practice yet. One point is enough; three are the most.</p>
    {:else}
      <ul>
        {#each kept as point (point.checkId)}
          <li class="point" data-practice={point.checkId}>
            <span
              ><b>{titleOf(point.checkId)}</b>
              {point.remedy}
              <span class="soft">{practiceName(point)}</span></span
            >
            <button
              type="button"
              disabled={keeping.busy}
              onclick={() => put((points) => withoutPoint(points, point.checkId))}>Take away</button
            >
          </li>
        {/each}
      </ul>
      <pre>{forHome}</pre>
      <p class="ways">
        {#if fromFit}
          <a class="btn act-next" href="/fit/{player.id}" data-act="to-bench">Back to the fit</a>
        {/if}
        <a class="btn {fromFit ? 'act' : 'act-next'}" href="/home-card/{player.id}" data-act="to-home-card"
          >To the home card</a
        >
        <button type="button" class="btn act" onclick={copy}>Copy the text</button>
      </p>
    {/if}
  </section>
</div>

<style>
  .end {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 1rem 2rem;
    align-items: start;
  }
  h2 {
    font-size: 1.1rem;
    font-weight: 700;
    padding-bottom: 0.25rem;
    border-bottom: 1px solid var(--ink);
    margin-bottom: 0.5rem;
  }
  ul button[aria-pressed] {
    display: grid;
    width: 100%;
    min-height: 2.75rem;
    padding: 0.35rem 0.5rem;
    text-align: left;
    border-left: 3px solid transparent;
    border-bottom: 1px solid var(--line);
  }
  ul [aria-pressed='true'] {
    border-left-color: var(--ink);
  }
  .ways,
  .again {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  .own {
    display: grid;
    margin-top: 0.5rem;
  }
  .own input {
    width: 100%;
  }
  .point {
    display: flex;
    gap: 0.75rem;
    justify-content: space-between;
    align-items: start;
    padding-block: 0.35rem;
    border-bottom: 1px solid var(--line);
  }
  .point button {
    text-decoration: underline;
    min-height: 2.75rem;
    white-space: nowrap;
  }
  pre {
    white-space: pre-wrap;
    font: inherit;
    padding: 0.75rem;
    border-left: 3px solid var(--line-strong);
    margin-block: 0.5rem;
  }
  @media (max-width: 1000px) {
    .end {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
