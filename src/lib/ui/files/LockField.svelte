<script lang="ts">
  import { focusOnOpen } from '$lib/ui/focus';
  import { canLock, LEAST_PASSWORD } from '$lib/data/files/password';

  /** A password with which a file is locked; empty leaves it open. */
  let { password = $bindable(), focused = false }: { password: string; focused?: boolean } = $props();

  const lockable = canLock();
</script>

{#if lockable}
  <label
    >Password, if it is to be locked
    <input
      {@attach focused ? focusOnOpen : null}
      class="field"
      type="password"
      autocomplete="new-password"
      bind:value={password}
    /></label
  >
  {#if password !== '' && password.length < LEAST_PASSWORD}
    <p class="soft">A password needs at least {LEAST_PASSWORD} characters.</p>
  {/if}
{:else}
  <p class="soft">This connection is not secure, so the browser can’t lock files here.</p>
{/if}

<style>
  label {
    display: grid;
    max-width: 20rem;
  }
  p {
    align-self: center;
  }
</style>
