<script lang="ts">
  import { onDestroy, onMount, tick } from 'svelte';
  import { isOnMark, NOTHING_SEEN, RIGHT, type EyeQuestion, type Library } from '$lib/core/eye';
  import { FAMILIES } from '$lib/core/instruments';
  import { db, DEFAULT_SETTINGS, getSettings, type Settings } from '$lib/data';
  import { libraryFor, taughtTo } from '$lib/data/questions/library';
  import { allOf } from '$lib/data/questions/records';
  import { Action } from '$lib/ui/action.svelte';
  import { drawPicture } from '$lib/workers/pictures';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import { attempt } from '$lib/ui/shell/attempt';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { VIEW_WORDS } from '$lib/words/views';
  import { EyeRound, isTold, LOOK_MS, PICTURES } from './eye.svelte';
  import { scenePicture } from '$lib/ui/lesson/scene-picture';
  import EyePicture from './EyePicture.svelte';
  import EyeStandings from './EyeStandings.svelte';
  import { forgetEye } from './kept-eye';

  /** For whoever teaches: pictures of players as they come, three seconds each, and what is amiss if anything is. */
  const round = new EyeRound();
  let library = $state.raw<Library | null>(null);
  let settings = $state.raw<Settings>(DEFAULT_SETTINGS);
  let place: HTMLElement | undefined = $state();

  onMount(() =>
    attempt(async () => {
      settings = await getSettings(db);
      const own = await allOf(db, 'ownChecks');
      const taught = taughtTo(settings, null);
      const each = FAMILIES.map(
        async (family) => [family, await libraryFor(family, settings, own, taught)] as const
      );
      library = Object.fromEntries(await Promise.all(each));
    })
  );
  onDestroy(() => round.end());

  const question = $derived(round.question);
  const who = $derived(question ? drawnAs(question.family, {}, question.size, null, settings) : null);
  const now = $derived(round.told.at(-1));
  const told = $derived(round.told.filter(isTold).length);
  const label = ({ family, scene }: EyeQuestion) =>
    `A player with a ${FAMILY_WORDS[family].toLowerCase()}, ${VIEW_WORDS[scene.view]}`;

  async function focusOn(selector: string) {
    await tick();
    place?.querySelector<HTMLElement>(selector)?.focus();
  }
  function begin() {
    if (!library) return;
    round.begin(library);
    void focusOn('[data-eye]');
  }
  /** The place that was tapped in the picture at hand. */
  let tapped = $state.raw<readonly [x: number, y: number] | null>(null);
  const judging = new Action();
  const answer = (id: string) =>
    judging.run(async () => {
      let onMark: boolean | null = null;
      if (tapped && who && question?.fault && id === question.answer) {
        const { question: drawn, options } = scenePicture(who, question.scene, true);
        onMark = isOnMark(await drawPicture(drawn, options), tapped);
      }
      round.answer(id, onMark);
      void focusOn('[data-act=next-picture]');
    });
  function next() {
    tapped = null;
    round.next();
    void focusOn(round.over ? '[data-act=begin-eye]' : '[data-eye]');
  }
  function keydown(event: KeyboardEvent) {
    if (event.repeat || event.altKey || event.ctrlKey || event.metaKey) return;
    const option = question?.options[Number(event.key) - 1];
    if (!option || round.picked !== null) return;
    event.preventDefault();
    void answer(option.id);
  }
</script>

<svelte:window onkeydown={keydown} />

<div class="place" style:--wide="80rem" bind:this={place}>
  <header>
    <h1>Practise your eye</h1>
    {#if question}<p class="soft num" aria-live="polite">
        {Math.min(PICTURES, round.told.length + (round.picked === null ? 1 : 0))} of {PICTURES}
      </p>{/if}
  </header>
  {#if question && who}
    <section class="round" aria-label="A picture to look at">
      <div class="pictures" class:two={round.picked !== null && question.fault}>
        {#if round.picked === null}
          {#key question}
            <EyePicture
              {who}
              scene={question.scene}
              label={label(question)}
              gone={round.gone}
              {tapped}
              ontap={(at) => (tapped = at)}
              onthere={() => round.there()}
            />
          {/key}
        {:else}
          <figure>
            <EyePicture {who} scene={question.right} label="As it should be" />
            <figcaption>As it should be</figcaption>
          </figure>
          {#if question.fault}
            <figure>
              <EyePicture {who} scene={question.scene} marked label={question.fault.text} {tapped} />
              <figcaption>{question.fault.text}</figcaption>
            </figure>
          {/if}
        {/if}
      </div>
      <div class="said">
        <h2 data-eye tabindex="-1">
          {#if now && round.picked !== null}{isTold(now)
              ? '✓ Seen'
              : now.onMark === false
                ? '✗ It was elsewhere'
                : '✗ Not seen'}{:else if round.gone}What was it?{:else}Right, or what is amiss?{/if}
        </h2>
        {#if round.picked === null}
          <p class="soft">Tap the place, and pick what it is. The number alone will do.</p>
        {/if}
        <ol>
          {#each question.options as { id, text }, i (id)}
            <li>
              <button
                type="button"
                class="btn act answer"
                class:right={round.picked !== null && id === question.answer}
                class:mine={round.picked === id && id !== question.answer}
                aria-pressed={round.picked === null ? undefined : round.picked === id}
                disabled={round.picked !== null}
                onclick={() => answer(id)}
                ><span class="key">{i + 1}</span>
                {text}{#if round.picked !== null && id === question.answer}<span class="yes">✓</span
                  >{/if}</button
              >
            </li>
          {/each}
        </ol>
        {#if round.picked !== null}
          <p><b>{question.check.title}.</b> {question.check.right}</p>
          <p>
            <button type="button" class="btn act-next" data-act="next-picture" onclick={next}
              >{round.told.length < PICTURES ? 'Next' : 'How it went'} <span class="key">↵</span></button
            >
          </p>
        {/if}
      </div>
    </section>
  {:else}
    {#if round.over}
      <p class="result" role="status"><b class="num">{told} of {PICTURES}</b> told.</p>
      <ul class="missed">
        {#each round.told.filter((one) => !isTold(one)) as { question: one }, i (i)}
          <li>
            <b>{one.answer === RIGHT ? 'All was as it should be' : one.fault?.text}</b>
            <span class="soft">{one.check.title}, {FAMILY_WORDS[one.family].toLowerCase()}</span>
          </li>
        {/each}
      </ul>
    {:else}
      <p class="lead">
        {PICTURES} pictures of players as they come, {LOOK_MS / 1000} seconds each: is it right, or what is amiss?
        What you miss comes back. It takes about a minute, and stays on this device.
      </p>
    {/if}
    <p class="ways">
      <button type="button" class="btn act-next" data-act="begin-eye" disabled={!library} onclick={begin}
        >{round.told.length > 0 ? 'Ten more' : 'Begin'} <span class="key">↵</span></button
      >
      {#if round.record.pictures > 0}
        <button
          type="button"
          class="act-quiet"
          onclick={() => {
            forgetEye();
            round.record = NOTHING_SEEN;
          }}>Forget what I saw</button
        >
      {/if}
    </p>
    {#if library}<EyeStandings record={round.record} {library} />{/if}
  {/if}
</div>

<style>
  header {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 1rem;
  }
  .lead {
    max-width: 44rem;
  }
  .round {
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(18rem, 1fr);
    gap: 1.5rem 2.5rem;
    align-items: start;
  }
  .pictures {
    height: min(62vh, 34rem);
    border: 1px solid var(--line);
    display: grid;
    grid-template-rows: minmax(0, 1fr);
    padding: 0.75rem;
  }
  .pictures.two {
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
  figure {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    min-height: 0;
    min-width: 0;
  }
  figcaption {
    text-align: center;
  }
  .said {
    display: grid;
    gap: 0.75rem;
  }
  h2:focus {
    outline: none;
  }
  ol {
    display: grid;
    gap: 0.4rem;
  }
  .answer {
    width: 100%;
    min-height: 3.25rem;
    justify-content: flex-start;
    text-align: left;
    white-space: normal;
  }
  .answer:disabled {
    opacity: 1;
  }
  .answer.right {
    border: 2px solid var(--fits);
    font-weight: 700;
  }
  .answer.mine {
    border: 2px dashed var(--stop);
  }
  .yes {
    margin-left: auto;
    color: var(--fits);
  }
  .result {
    font-size: 1.5rem;
  }
  .missed li {
    padding-block: 0.2rem;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 1rem;
  }
  @media (max-width: 900px) {
    .round {
      grid-template-columns: minmax(0, 1fr);
    }
    .pictures {
      height: min(42vh, 30rem);
    }
  }
</style>
