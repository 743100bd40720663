import { entryIssues, type LyingIn } from '@/core/operations/entry-issues';
import { writeSchema, type Write } from '@/core/operations/operations';

export type FieldErrors = Readonly<Record<string, string>>;

/**
 * Checks a write the way the server will: the write, or the first message for each field path ("place.latitude").
 *
 * @param room the room it is in, where what is there already matters
 */
export function checkWrite(
  write: unknown,
  room?: LyingIn,
): { readonly ok: true; readonly write: Write } | { readonly ok: false; readonly errors: FieldErrors } {
  const parsed = writeSchema.safeParse(write);
  const issues = parsed.success ? entryIssues(parsed.data, room) : parsed.error.issues;
  if (parsed.success && issues.length === 0) return { ok: true, write: parsed.data };
  const errors: Record<string, string> = {};
  for (const issue of issues) errors[issue.path.join('.')] ??= issue.message;
  return { ok: false, errors };
}
