<!-- One text of a frame's form, with what is wrong with it right beneath. -->
<script lang="ts">
  let {
    id,
    label,
    value = $bindable(),
    fault,
    hint = '',
    numeric = false,
    most
  }: {
    id: string;
    label: string;
    value: string;
    fault: string;
    hint?: string;
    numeric?: boolean;
    most?: number;
  } = $props();
</script>

<div class="grid gap-0.5 [align-content:start]">
  <label for={id}>{label}</label>
  <input
    {id}
    class="input"
    placeholder={hint}
    inputmode={numeric ? 'decimal' : 'text'}
    maxlength={most}
    aria-invalid={fault !== ''}
    aria-describedby={fault === '' ? undefined : `${id}-fault`}
    bind:value
  />
  {#if fault !== ''}<p id="{id}-fault" class="fault" role="alert">{fault}</p>{/if}
</div>
