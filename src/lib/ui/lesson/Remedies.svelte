<script lang="ts">
  import { goto } from '$app/navigation';
  import { causesOf, faultKey } from '$lib/core/causes';
  import { DRILLS, identityOf, type Cause, type Check, type Fault } from '$lib/core/checks';
  import { poseNames, VIEWS } from '$lib/core/figure/names';
  import { db, type Player } from '$lib/data';
  import { beginRemedy, type NewRemedy } from '$lib/data/commands/begin-remedy';
  import { recordFor } from '$lib/data/commands/remedies';
  import { Action } from '$lib/ui/action.svelte';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { causeReasonText, EFFECT_WORDS, speaksFor } from '$lib/words/causes';
  import { CAUSE_WORDS } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';
  import { settingStepText } from '$lib/words/remedies';
  import type { Lesson } from './lesson.svelte';

  /** Why a fault is probably there, likeliest first with the reasons, and what mends it. */
  let {
    lesson,
    player,
    check,
    fault,
    isNext,
    busy,
    onpractise
  }: {
    lesson: Lesson;
    player: Player;
    check: Check;
    fault: Fault;
    isNext: boolean;
    busy: boolean;
    onpractise: (cause: Cause, begun: NewRemedy) => void;
  } = $props();

  const worked = live(
    () => recordFor(db, check.id, fault.id, lesson.today),
    [],
    () => `${check.id}/${fault.id} ${lesson.today}`
  );
  const facts = $derived(lesson.factsFor(check, fault, worked.current));
  const listed = $derived(lesson.settings.causesAsListed === true);
  const weighed = $derived(
    causesOf(
      fault.causes.map(({ cause }) => cause),
      listed ? {} : facts
    ).flatMap((one) => {
      const cause = fault.causes[one.index];
      return cause ? [{ ...one, cause }] : [];
    })
  );
  const tried = $derived(
    lesson.standings.filter(({ remedy }) => faultKey(remedy) === identityOf(check.id, fault.id))
  );

  const begun = (cause: Cause): NewRemedy => ({
    checkId: check.id,
    fault: fault.id,
    cause: cause.cause,
    remedy: cause.remedy,
    drill: cause.drill ?? null,
    setting: cause.step?.setting ?? null
  });

  /** Where a cause is mended, if not by practice. */
  const place = ({ cause }: Cause): string | null =>
    cause === 'set-up'
      ? 'To the set-up'
      : cause === 'too-large' || cause === 'too-small'
        ? 'To the size'
        : null;

  const going = new Action();
  /** The choice is on record before the place opens that mends it. */
  async function goMend(cause: Cause) {
    if (!(await going.run(() => beginRemedy(db, player, begun(cause))))) return;
    const mend = cause.step ? `?mend=${cause.step.setting}&way=${cause.step.way}` : '';
    await goto(cause.cause === 'set-up' ? `/fit/${player.id}${mend}#set-up` : `/fit/${player.id}`);
  }
</script>

<section class="causes" data-causes={fault.id} aria-label="Why: {fault.text}">
  <h3>{fault.text}</h3>
  {#each tried as { remedy, effects, open } (remedy.id)}
    <p class="soft" data-tried={remedy.cause}>
      Since {dayText(remedy.day)}: {CAUSE_WORDS[remedy.cause]}, {remedy.remedy.toLowerCase()}
      {#if effects.length > 0}<b>{effects.map(({ effect }) => EFFECT_WORDS[effect]).join(', then ')}</b
        >{:else}
        {open ? 'not looked at since' : 'nobody looked'}{/if}{open ? '' : ' (closed)'}
    </p>
  {/each}
  <ol>
    {#each weighed as { index, cause, share, reasons }, i (index)}
      <li data-cause={cause.cause}>
        <p class="line">
          <b>{CAUSE_WORDS[cause.cause]}</b>
          {#if !listed}
            <span class="bar" aria-hidden="true"><span style:width="{100 * share}%"></span></span>
            <span class="num" data-share>{Math.round(100 * share)} %</span>
          {/if}
        </p>
        <p>
          {cause.remedy}
          {#if cause.step}<span class="soft">{settingStepText(cause.step)}</span>{/if}
        </p>
        {#if reasons.length > 0 && !listed}
          <ul class="reasons">
            {#each reasons as reason (reason.code)}
              <li>
                <span aria-hidden="true">{speaksFor(reason) ? '+' : '−'}</span>
                <span class="sr-only">{speaksFor(reason) ? 'For it:' : 'Against it:'}</span>
                {causeReasonText(reason, facts, lesson.settings.unit)}
              </li>
            {/each}
          </ul>
        {/if}
        {#if cause.drill}
          {@const { pose, view, changes } = DRILLS[cause.drill].picture}
          {#if lesson.who && poseNames(player.family).includes(pose)}
            <SeenPicture {...lesson.who} {pose} view={VIEWS[view]} {changes} marked={[]} />
          {/if}
          <p class="soft">
            {DRILLS[cause.drill].name}: {DRILLS[cause.drill].text}
            {DRILLS[cause.drill].dose}.
          </p>
        {/if}
        <span class="ways">
          {#if place(cause)}
            <button
              type="button"
              class="btn {isNext && i === 0 ? 'act-next' : 'act'}"
              data-act="mend-{cause.cause}"
              disabled={going.busy}
              onclick={() => goMend(cause)}>{place(cause)}</button
            >
          {/if}
          <button
            type="button"
            class={place(cause) ? 'act-quiet' : `btn ${isNext && i === 0 ? 'act-next' : 'act'}`}
            data-act="set-practice"
            disabled={busy}
            onclick={() => onpractise(cause, begun(cause))}
            >{cause.cause === 'habit' ? 'Set as practice' : 'Note it for home'}</button
          >
        </span>
      </li>
    {/each}
  </ol>
  {#if worked.current.length > 0}
    <p class="soft" data-worked>
      What worked here: {worked.current
        .map(({ cause, tries, successes }) => `${CAUSE_WORDS[cause]} ${successes} of ${tries}`)
        .join(', ')}.
    </p>
  {/if}
</section>

<style>
  h3 {
    font-weight: 650;
  }
  .causes + :global(.causes) {
    border-top: 1px solid var(--line-strong);
    margin-top: 0.5rem;
    padding-top: 0.5rem;
  }
  ol > li {
    padding-block: 0.5rem;
    border-bottom: 1px solid var(--line);
    display: grid;
    gap: 0.35rem;
  }
  .line {
    display: grid;
    grid-template-columns: 4rem minmax(4rem, 1fr) 3rem;
    align-items: center;
    gap: 0.5rem;
  }
  .bar {
    display: block;
    height: 0.6rem;
    border: 1px solid var(--line-strong);
  }
  .bar span {
    display: block;
    height: 100%;
    background: var(--ink);
  }
  .reasons {
    font-size: 0.95rem;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
</style>
