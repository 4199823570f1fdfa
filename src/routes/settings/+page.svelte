<script lang="ts">
  import SettingsPlace from '$lib/ui/settings/SettingsPlace.svelte';
</script>

<SettingsPlace />
