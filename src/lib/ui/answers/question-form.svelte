<script lang="ts">
  import type { Fault } from '$core/reason';
  import type { AnswerField, PageQuestion, Values } from './types';

  interface Props {
    question: PageQuestion;
    values: Values;
    problems: readonly Fault[];
    onchange: (key: string, value: string) => void;
  }
  let { question, values, problems, onchange }: Props = $props();

  const shown = $derived(question.fields.filter((f) => f.shown?.(values) ?? true));

  /** The core names its fields in its own way; the last part is what a form field has in common. */
  function problemOf(field: AnswerField): Fault | undefined {
    return problems.find(
      (p) =>
        p.field === field.answersTo || p.field.split('.').at(-1) === (field.answersTo ?? field.key),
    );
  }
  const isWide = (field: AnswerField): boolean => field.kind === 'food' || field.kind === 'text';
</script>

<form class="grid grid-cols-2 gap-3" onsubmit={(e) => e.preventDefault()}>
  {#each shown as field (field.key)}
    {@const id = `bench-${field.key}`}
    {@const problem = problemOf(field)}
    <div class={isWide(field) ? 'col-span-2' : ''}>
      <label for={id} class="label">{field.label}</label>
      <div class="flex items-center gap-2">
        {#if field.kind === 'choice'}
          <select
            {id}
            class="field"
            value={values[field.key] ?? field.options[0]?.[0]}
            onchange={(e) => onchange(field.key, e.currentTarget.value)}
          >
            {#each field.options as [value, label] (value)}<option {value}>{label}</option>{/each}
          </select>
        {:else}
          <input
            {id}
            class="field"
            inputmode={field.kind === 'number' ? 'decimal' : undefined}
            list={field.kind === 'food' ? `${id}-list` : undefined}
            autocomplete="off"
            value={values[field.key] ?? ''}
            aria-invalid={!!problem}
            aria-describedby={problem ? `${id}-problem` : undefined}
            oninput={(e) => onchange(field.key, e.currentTarget.value)}
          />
          {#if field.kind === 'number' && field.unit}<span class="text-muted">{field.unit}</span
            >{/if}
          {#if field.kind === 'amount'}<span class="text-muted">{field.base}</span>{/if}
          {#if field.kind === 'food'}
            <datalist id="{id}-list">
              {#each field.suggestions as name (name)}<option value={name}></option>{/each}
            </datalist>
          {/if}
        {/if}
      </div>
      {#if problem}<p id="{id}-problem" class="mt-1 text-sm font-semibold text-pimento">
          {problem.remedy}
        </p>{/if}
    </div>
  {/each}
</form>
<p class="mt-3 text-sm text-muted">Write amounts as you like: 900, 2 lb, 1½ cups; 3 cm, 1¼ in.</p>
