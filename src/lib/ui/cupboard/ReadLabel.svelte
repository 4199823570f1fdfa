<script lang="ts">
  import type { Instrument } from '$lib/data';
  import { instrumentOfCode } from '$lib/data/files/instrument-code';
  import FilePick from '$lib/ui/files/FilePick.svelte';

  /** Takes a picture of a label, or one that was taken, and finds the instrument that it belongs to. */
  let {
    instruments,
    onfound
  }: { instruments: readonly Instrument[]; onfound: (instrument: Instrument) => void } = $props();

  let problem = $state('');

  async function read(picture: File) {
    problem = '';
    try {
      const { readCodeAside } = await import('$lib/workers/code-reader');
      const text = await readCodeAside(picture);
      const found = text === null ? undefined : instrumentOfCode(text, instruments);
      if (found) onfound(found);
      else if (found === null) problem = 'This instrument is not in the cupboard.';
      else if (text === null)
        problem = 'No code was found in the picture. Take it closer, flat and in good light.';
      else problem = 'This is the code of something else.';
    } catch {
      problem = 'This file is no picture that the browser can open.';
    }
  }
</script>

<FilePick label="Read a label…" accept="image/*" onpick={read} />
{#if problem}<p role="alert">{problem}</p>{/if}

<style>
  p {
    order: 1;
    width: 100%;
    color: var(--stop);
    font-weight: 550;
  }
</style>
