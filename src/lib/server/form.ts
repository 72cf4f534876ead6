/** What a form sends as one JSON document. */

/** The document under `key`; undefined where it is not readable. */
export async function readDocument(request: Request, key: string): Promise<unknown> {
  return parseJson((await request.formData()).get(key));
}

/** A form's field as the document it holds; undefined where it is not readable. */
export function parseJson(field: FormDataEntryValue | null): unknown {
  try {
    return JSON.parse(String(field ?? ''));
  } catch {
    return undefined;
  }
}

/** The first thing wrong with each field, by its path. */
export function errorsByField(error: {
  issues: readonly { path: readonly PropertyKey[]; message: string }[];
}): Record<string, string> {
  const errors: Record<string, string> = {};
  for (const issue of error.issues) errors[issue.path.map(String).join('.')] ??= issue.message;
  return errors;
}

export const UNREADABLE = 'What was sent is not readable; reload the page.';
