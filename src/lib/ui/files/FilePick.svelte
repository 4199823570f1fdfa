<script lang="ts">
  /** A button that opens a file. */
  let { label, accept, onpick }: { label: string; accept: string; onpick: (file: File) => void } = $props();

  let input: HTMLInputElement | undefined = $state();
</script>

<button type="button" class="btn act" onclick={() => input?.click()}>{label}</button>
<input
  bind:this={input}
  type="file"
  {accept}
  aria-label={label}
  class="sr-only"
  tabindex="-1"
  onchange={(event) => {
    const [file] = event.currentTarget.files ?? [];
    event.currentTarget.value = '';
    if (file) onpick(file);
  }}
/>
