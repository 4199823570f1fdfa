<script lang="ts">
  import Fold from '$lib/ui/Fold.svelte';
  import { HOLDS, type SettingId } from '$lib/core/setup';
  import type { LengthUnit } from '$lib/core/length';
  import type { Look } from '$lib/data';
  import { settingText } from '$lib/words/setup';
  import { SEEN_WORDS } from '$lib/words/setup-looks';

  /** What was seen so far in the loop, and what was changed for it, oldest first. */
  let {
    looks,
    unit,
    nameOf
  }: { looks: readonly Look[]; unit: LengthUnit; nameOf: (setting: SettingId) => string } = $props();
</script>

{#if looks.length > 0}
  <Fold name="looks" title={`${looks.length === 1 ? 'One look' : `${looks.length} looks`} so far`} quiet>
    <ol>
      {#each looks as { seen, change }, index (index)}
        <li>
          {seen === HOLDS ? 'It holds' : SEEN_WORDS[seen]?.text}{#if change}: {nameOf(
              change.setting as SettingId
            )}
            {settingText(change.setting as SettingId, change.from, unit)}{#if change.to !== change.from}
              → {settingText(change.setting as SettingId, change.to, unit)}{/if}{/if}
        </li>
      {/each}
    </ol>
  </Fold>
{/if}

<style>
  ol {
    list-style: decimal;
    padding-left: 1.5rem;
  }
</style>
