<script lang="ts">
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const uid = $props.id();
</script>

<svelte:head><title>Enter · Just Enough</title></svelte:head>
<div class="grid gap-3 max-w-[26rem] my-6 mx-auto">
  {#if !data.locked}
    <h1 class="text-[1.75rem] font-[650]">No gate here</h1>
    <p>
      This server answers this machine alone, so it asks for no passcode. <a class="underline" href="/shoot"
        >Go to Shoot</a
      >
    </p>
  {:else if data.signedIn}
    <h1 class="text-[1.75rem] font-[650]">You are in</h1>
    <p><a class="underline" href={data.to}>Go on</a></p>
    <form class="grid gap-2" method="post" action="?/leave">
      <button class="btn preset-outlined-surface-950-50 min-h-12 py-0 px-4">Sign out on this device</button>
    </form>
    <form class="grid gap-2" method="post" action="?/everywhere">
      <button class="btn preset-outlined-surface-950-50 min-h-12 py-0 px-4">Sign out everywhere</button>
    </form>
    <p class="soft">What a phone carries stays on it, and what waits there is sent when it signs in again.</p>
  {:else}
    <h1 class="text-[1.75rem] font-[650]">The passcode, please</h1>
    <form class="grid gap-2" method="post" action="?/enter&to={encodeURIComponent(data.to)}">
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
      <p id="{uid}-said" class="text-(--accent-ink) font-semibold" role="alert">{form?.said ?? ''}</p>
      <button class="btn preset-filled-primary-700-300 min-h-12 py-0 px-4">Enter</button>
    </form>
    <p class="soft">
      Forgotten? On the server, <code>npm run phone -- --new-passcode</code> asks for another.
      <a class="underline" href="/shoot">What this phone carries</a> can be used without it.
    </p>
  {/if}
</div>
