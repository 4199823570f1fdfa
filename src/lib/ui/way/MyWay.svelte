<script lang="ts">
  import { SUBJECT_IDS, subjectOf, wayOf, type SubjectId } from '$lib/core/checks';
  import { REST_SCHOOLS, SCROLL_SCHOOLS, TILT_SCHOOLS } from '$lib/core/setup';
  import { LANDING_SCHOOLS, ruleWith, type LandingRule } from '$lib/core/sizing';
  import { changeSettings, db, type Settings } from '$lib/data';
  import OwnLimit from '$lib/ui/bench/OwnLimit.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import { KEPT_SUBJECTS } from '$lib/data/commands/ways';
  import { scrollSchoolOf } from '$lib/data/questions/settings';
  import { attempt } from '$lib/ui/shell/attempt';
  import {
    REST_SCHOOL_WORDS,
    SCROLL_WORDS,
    SCROLL_WHY,
    TILT_SCHOOL_WHY,
    TILT_SCHOOL_WORDS
  } from '$lib/words/setup';
  import { SCHOOL_WORDS } from '$lib/words/sizing';
  import Choice from '$lib/ui/Choice.svelte';
  import { gapPicture, landingPicture, scrollPicture, tiltPicture } from './set-up-pictures';
  import KeptOtherwise from './KeptOtherwise.svelte';
  import SetUpWay from './SetUpWay.svelte';
  import WayChoice from './WayChoice.svelte';

  /** All schools in one place, by subject: checks, targets, pictures, set-up and cards follow. */
  let { settings }: { settings: Settings } = $props();

  const change = (label: string, patch: Partial<Settings>) => attempt(() => changeSettings(db, label, patch));
  const setRule = (rule: LandingRule) =>
    attempt(() => changeSettings(db, 'Changed the sizing school', { rule }, 'rule'));
  const pick = (subject: SubjectId, way: string) =>
    void attempt(() =>
      changeSettings(db, 'Changed a way', ({ ways = {} }) => ({ ways: { ...ways, [subject]: way } }))
    );

  const PARTS: readonly {
    readonly name: string;
    readonly title: string;
    readonly ids: readonly SubjectId[];
  }[] = [
    {
      name: 'way-body',
      title: 'Beginning, stance and hold',
      ids: ['start', 'feet', 'seat', 'cello-placing', 'anchoring']
    },
    {
      name: 'way-left',
      title: 'Left hand',
      ids: [
        'thumb-place',
        'thumb-shape',
        'wrist-line',
        'frame-from',
        'early-help',
        'thumb-contact',
        'finger-contact'
      ]
    },
    {
      name: 'way-bow',
      title: 'Bow and plucking',
      ids: SUBJECT_IDS.filter((id) => id.startsWith('bow') || id.startsWith('bass') || id === 'second-finger')
    }
  ];
  const summary = (ids: readonly SubjectId[]) => {
    const own = ids.filter((id) => settings.ways?.[id] !== undefined).length;
    return own > 0 ? ` · ${own} chosen` : '';
  };
</script>

<div class="mine">
  <SetUpWay
    subject="landing"
    title="The scroll may come up to"
    chosen={settings.rule.school}
    ways={[...LANDING_SCHOOLS, 'own' as const].map((id) => ({ id, ...SCHOOL_WORDS[id] }))}
    pictureOf={(school, { instrument }) => landingPicture(ruleWith(school, settings.rule), instrument)}
    onpick={(school) => void setRule(ruleWith(school, settings.rule))}
  />
  {#if settings.rule.school === 'own'}
    <OwnLimit limit={settings.rule.limit} onrule={setRule} />
  {/if}
  <SetUpWay
    subject="gap"
    title="What fills the gap at the neck"
    chosen={settings.restSchool}
    ways={REST_SCHOOLS.map((id) => ({ id, ...REST_SCHOOL_WORDS[id] }))}
    pictureOf={gapPicture}
    onpick={(restSchool) => change('Changed the set-up school', { restSchool })}
  />
  <SetUpWay
    subject="tilt"
    title="The shoulder rest"
    chosen={settings.tiltSchool}
    ways={TILT_SCHOOLS.map((id) => ({ id, name: TILT_SCHOOL_WORDS[id], why: TILT_SCHOOL_WHY[id] }))}
    pictureOf={tiltPicture}
    onpick={(tiltSchool) => change('Changed the tilt school', { tiltSchool })}
  />
  <SetUpWay
    subject="scroll"
    title="The scroll of violin and viola"
    chosen={scrollSchoolOf(settings)}
    ways={SCROLL_SCHOOLS.map((id) => ({ id, name: SCROLL_WORDS[id], why: SCROLL_WHY[id] }))}
    pictureOf={scrollPicture}
    onpick={(scrollSchool) => change('Changed where the scroll points', { scrollSchool })}
  />
  <KeptOtherwise kept={{ kind: 'rest', choice: 'scroll', way: scrollSchoolOf(settings) }} />
  {#each PARTS as { name, title, ids } (name)}
    <Fold {name} title="{title}{summary(ids)}">
      <div class="subjects">
        {#each ids.map(subjectOf) as subject (subject.id)}
          <WayChoice
            {subject}
            family={subject.families[0] ?? 'violin'}
            chosen={wayOf(subject.id, settings.ways ?? {}).id}
            onpick={(way) => pick(subject.id, way)}
          />
          {@const kept = KEPT_SUBJECTS[subject.id]}
          {#if kept}<KeptOtherwise kept={{ ...kept, way: wayOf(subject.id, settings.ways ?? {}).id }} />{/if}
        {/each}
      </div>
    </Fold>
  {/each}
  <Choice
    label="Causes of a fault stand"
    value={settings.causesAsListed ? 'listed' : 'weighed'}
    options={[
      { value: 'weighed', text: 'By what is on record' },
      { value: 'listed', text: 'As the checks list them' }
    ]}
    onpick={(order) => change('Changed the order of causes', { causesAsListed: order === 'listed' })}
  />
  <p><a class="btn act" href="/checks">The checks: hide, reword, your own</a></p>
</div>

<style>
  .mine,
  .subjects {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 1rem;
  }
  .subjects {
    padding-block: 0.5rem;
    gap: 1.5rem;
  }
</style>
