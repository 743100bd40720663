import type { Caution } from '@/core/handover/cautions';

/** What can hurt someone, where the work meets it; it cannot be put away. */
export function Cautions({ cautions }: { readonly cautions: readonly Caution[] }) {
  if (cautions.length === 0) return null;
  return (
    <section
      aria-label="Cautions"
      role="note"
      className="mt-4 grid gap-1 border-2 border-ink bg-raised p-3 text-[0.9375rem] leading-snug"
    >
      {cautions.map(({ id, title, words }) => (
        <p key={id}>
          <b>{title}:</b> {words}
        </p>
      ))}
    </section>
  );
}
