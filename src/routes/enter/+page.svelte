<script lang="ts">
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const uid = $props.id();
</script>

<svelte:head><title>Enter · Just Enough</title></svelte:head>
<div class="grid gap-3 max-w-[26rem] my-6 mx-auto">
  {#if !data.locked}
    <h1>No gate here</h1>
    <p>
      This server answers this machine alone, so it asks for no passcode. <a href="/shoot">Go to Shoot</a>
    </p>
  {:else if data.signedIn}
    <h1>You are in</h1>
    <p><a href={data.to}>Go on</a></p>
    <form method="post" action="?/leave">
      <button class="btn preset-outlined-surface-950-50">Sign out on this device</button>
    </form>
    <form method="post" action="?/everywhere">
      <button class="btn preset-outlined-surface-950-50">Sign out everywhere</button>
    </form>
    <p class="soft">What a phone carries stays on it, and what waits there is sent when it signs in again.</p>
  {:else}
    <h1>The passcode, please</h1>
    <form method="post" action="?/enter&to={encodeURIComponent(data.to)}">
      <label for="{uid}-passcode">Passcode set on the server</label>
      <input
        id="{uid}-passcode"
        class="input"
        name="passcode"
        type="password"
        autocomplete="current-password"
        required
        aria-describedby="{uid}-said"
      />
      <p id="{uid}-said" class="text-(--accent) font-semibold" role="alert">{form?.said ?? ''}</p>
      <button class="btn preset-filled-primary-700-300">Enter</button>
    </form>
    <p class="soft">
      Forgotten? On the server, <code>npm run phone -- --new-passcode</code> asks for another.
      <a href="/shoot">What this phone carries</a> can be used without it.
    </p>
  {/if}
</div>

<style>
  h1 {
    font-size: 1.75rem;
    font-weight: 650;
  }
  form {
    display: grid;
    gap: 8px;
  }
  .preset-filled-primary-700-300,
  .preset-outlined-surface-950-50 {
    min-height: 48px;
    padding: 0 16px;
  }
  a {
    text-decoration: underline;
  }
</style>
