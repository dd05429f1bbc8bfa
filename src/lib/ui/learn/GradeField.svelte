<!-- The paper that the print of a negative took: soft or hard, for what it says of the development. -->
<script lang="ts">
  import { GRADES, type Grade } from '#core/learn/judgement.ts';

  let { grade, ongrade }: { grade: Grade | undefined; ongrade: (grade: Grade | undefined) => void } =
    $props();
  const uid = $props.id();
</script>

<div class="flex flex-wrap items-center gap-x-3 gap-y-1">
  <label for="{uid}-grade">Printed on grade</label>
  <select
    id="{uid}-grade"
    class="select min-h-11 w-32"
    value={grade ?? ''}
    onchange={(e) => ongrade(GRADES.find((g) => g === e.currentTarget.value))}
  >
    <option value="">not said</option>
    {#each GRADES as g (g)}<option value={g}>{g}</option>{/each}
  </select>
  <span class="soft text-[0.875rem]">00 is the softest, 5 the hardest.</span>
</div>
