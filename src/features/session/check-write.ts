import { writeSchema, type Write } from '@/core/operations/operations';

export type FieldErrors = Readonly<Record<string, string>>;

/** Checks a write the way the server will: the write, or the first message for each field path ("place.latitude"). */
export function checkWrite(
  write: unknown,
): { readonly ok: true; readonly write: Write } | { readonly ok: false; readonly errors: FieldErrors } {
  const parsed = writeSchema.safeParse(write);
  if (parsed.success) return { ok: true, write: parsed.data };
  const errors: Record<string, string> = {};
  for (const issue of parsed.error.issues) errors[issue.path.join('.')] ??= issue.message;
  return { ok: false, errors };
}
