<script lang="ts">
  import { FileUpload } from '@skeletonlabs/skeleton-svelte';

  /** A button that opens a file; a file may be dropped on it too. */
  let { label, accept, onpick }: { label: string; accept: string; onpick: (file: File) => void } = $props();
</script>

<FileUpload
  class="file-pick"
  acceptedFiles={[]}
  onFileChange={({ acceptedFiles: [file] }) => file && onpick(file)}
>
  <FileUpload.Dropzone class="file-drop" disableClick role="group" aria-label="{label} Or drop a file here.">
    <FileUpload.Trigger class="btn act">{label}</FileUpload.Trigger>
    <FileUpload.HiddenInput {accept} aria-label={label} />
  </FileUpload.Dropzone>
</FileUpload>

<style>
  /* Two names: what the parts bring along is said with one. */
  :global([data-scope='file-upload'].file-pick),
  :global([data-scope='file-upload'].file-drop) {
    display: inline-flex;
    width: auto;
    padding: 0;
    border: 0;
    background: none;
  }
  :global(.file-drop[data-dragging]) {
    outline: 3px solid var(--next);
    outline-offset: 2px;
  }
</style>
